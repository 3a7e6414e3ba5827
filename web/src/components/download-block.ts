import type { BlockFile, KeptEntry, KeptMorning, PlannedDay } from '@nadir/contract';
import { downloadJson } from './download-json.js';

/** DragHandlers a block to the browser as a file of the open format, named for athlete and race. */
export function downloadBlock(file: BlockFile): void {
  downloadJson(fileName(file), file);
}

/** A block with what was run and the plan as it was handed out; the mornings alone where they are asked for. */
export function downloadWhole(
  file: BlockFile,
  { entries, mornings }: { entries: readonly KeptEntry[]; mornings: readonly KeptMorning[] },
  history: readonly PlannedDay[],
): void {
  const diary = {
    entries: entries
      .map(withoutRevision)
      .map(mornings.length > 0 ? (entry) => entry : withoutHealth),
    ...(mornings.length > 0 && { mornings: mornings.map(withoutRevision) }),
  };
  downloadJson(`${fileName(file)}-diary`, { ...file, diary, history });
}

/** That a run was missed, without a word of why where that is health. */
function withoutHealth<T extends { reason?: string | undefined; note?: string | undefined }>(
  entry: T,
): T {
  const isHealth = entry.reason === 'ill' || entry.reason === 'sore';
  return isHealth ? { ...entry, reason: undefined, note: undefined } : entry;
}

function withoutRevision<T extends { revision: number }>({ revision: _, ...rest }: T) {
  return rest;
}

/** Lower-case words with hyphens: `idris-vale-lantern-bay-marathon`. */
export function fileName({ athlete, race }: BlockFile): string {
  const words = `${athlete?.name ?? ''} ${race.name}`.toLowerCase().match(/[\p{L}\p{N}]+/gu);
  return words?.join('-') ?? 'block';
}
