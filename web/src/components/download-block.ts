import type { BlockFile } from '@nadir/contract';
import { downloadJson } from './download-json.js';

/** DragHandlers a block to the browser as a file of the open format, named for athlete and race. */
export function downloadBlock(file: BlockFile): void {
  downloadJson(fileName(file), file);
}

/** Lower-case words with hyphens: `idris-vale-lantern-bay-marathon`. */
export function fileName({ athlete, race }: BlockFile): string {
  const words = `${athlete?.name ?? ''} ${race.name}`.toLowerCase().match(/[\p{L}\p{N}]+/gu);
  return words?.join('-') ?? 'block';
}
