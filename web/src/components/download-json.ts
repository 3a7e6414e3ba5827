/** Hands something to the browser as a JSON file. */
export function downloadJson(name: string, content: unknown): void {
  const text = `${JSON.stringify(content, null, 2)}\n`;
  download(`${name}.json`, new Blob([text], { type: 'application/json' }));
}

/** Hands a file to the browser. */
export function download(name: string, content: Blob): void {
  const url = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
