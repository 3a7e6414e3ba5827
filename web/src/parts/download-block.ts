import type { BlockFile } from '@nadir/contract';

/** Hands a block to the browser as a file of the open format, named for athlete and race. */
export function downloadBlock(file: BlockFile): void {
  const text = `${JSON.stringify(file, null, 2)}\n`;
  const url = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = `${fileName(file)}.json`;
  link.click();
  URL.revokeObjectURL(url);
}

/** Lower-case words with hyphens: `idris-vale-lantern-bay-marathon`. */
export function fileName({ athlete, race }: BlockFile): string {
  const words = `${athlete?.name ?? ''} ${race.name}`.toLowerCase().match(/[\p{L}\p{N}]+/gu);
  return words?.join('-') ?? 'block';
}
