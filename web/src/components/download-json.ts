/** DragHandlers something to the browser as a JSON file. */
export function downloadJson(name: string, content: unknown): void {
  const text = `${JSON.stringify(content, null, 2)}\n`;
  const url = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = `${name}.json`;
  link.click();
  URL.revokeObjectURL(url);
}
