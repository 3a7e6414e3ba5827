/** A file as a body of JSON carries it. */
export function base64Of(bytes: ArrayBuffer): string {
  const parts: string[] = [];
  const view = new Uint8Array(bytes);
  for (let at = 0; at < view.length; at += 32_768) {
    parts.push(String.fromCharCode(...view.subarray(at, at + 32_768)));
  }
  return btoa(parts.join(''));
}

/** The same, back. */
export function bytesOf(base64: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
}
