import {
  type BlockFile,
  type KeptEntry,
  type KeptMorning,
  type PlannedDay,
  anyBlockFile,
} from '@nadir/contract';
import { downloadJson } from './download-json.js';

/** Hands a block to the browser as a file of the open format, named for athlete and race. */
export function downloadBlock(file: BlockFile): void {
  downloadJson(fileName(file), inOrder(file));
}

/** In the order of the format, whatever was edited last: the same block is the same file. */
function inOrder(file: BlockFile): BlockFile {
  return anyBlockFile.parse(file);
}

/** What goes into a file beside the block. */
export interface WithDiary {
  entries: readonly KeptEntry[];
  mornings: readonly KeptMorning[];
  history: readonly PlannedDay[];
  /** Only where the coach asked for it by name. */
  health: boolean;
}

/** A block with what was run, and the plan as it was handed out; health alone where it is asked for. */
export function wholeFile(file: BlockFile, { entries, mornings, history, health }: WithDiary) {
  const kept = entries.map(withoutRevision);
  const diary = health
    ? { entries: kept, mornings: mornings.map(withoutRevision) }
    : { entries: kept.map(withoutHealth) };
  return { ...inOrder(file), diary, history };
}

/** Hands a block with its diary to the browser as a file. */
export function downloadWhole(file: BlockFile, diary: WithDiary): void {
  downloadJson(`${fileName(file)}-diary`, wholeFile(file, diary));
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
