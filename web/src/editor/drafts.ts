import { anyBlockFile, block, plannedDay } from '@nadir/contract';
import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { z } from 'zod';
import type { Draft } from './editor-state.js';

/**
 * Unsaved versions kept on this device, one for each page that a block is open
 * on, so that neither a closed tab nor a lost line loses one. The device may
 * have no room or deny it: nothing here ever throws.
 */
const draft = z.strictObject({
  coachId: z.string(),
  tab: z.string(),
  at: z.iso.datetime(),
  block: block.omit({ wishes: true }).extend({ history: z.array(plannedDay).default([]) }),
  wishes: anyBlockFile,
  unsaved: z.array(z.string()),
  sending: z
    .strictObject({
      saveId: z.uuid(),
      wishes: anyBlockFile,
      words: z.string(),
      count: z.int().min(0),
    })
    .nullable(),
}) satisfies z.ZodType<Draft>;

interface Kept extends DBSchema {
  drafts: { key: [coachId: string, blockId: string, tab: string]; value: unknown };
}

const STORE = 'drafts';
let opening: Promise<IDBPDatabase<Kept>> | undefined;

function database(): Promise<IDBPDatabase<Kept>> {
  opening ??= openDB<Kept>('nadir', 1, {
    upgrade: (made) => void made.createObjectStore(STORE),
    // Another page brings a newer shape: this one lets go, and opens anew when it needs to.
    blocking: (_, __, event) => {
      opening = undefined;
      (event.target as IDBDatabase).close();
    },
    terminated: () => (opening = undefined),
  });
  opening.catch(() => (opening = undefined));
  return opening;
}

/** Does something with the drafts; what is given instead where the device denies it. */
async function tried<T>(work: (kept: IDBPDatabase<Kept>) => Promise<T>, instead: T): Promise<T> {
  try {
    return await work(await database());
  } catch {
    // Full, denied, or gone: saving goes on without, and the save line says so.
    return instead;
  }
}

type Place = Pick<Draft, 'coachId' | 'tab'> & { blockId: string };

/** Coaches who left this page: a save that is tried again must not bring a draft of theirs back. */
const gone = new Set<string>();

/** True when the device keeps it. */
export async function keepDraft(kept: Draft): Promise<boolean> {
  if (gone.has(kept.coachId)) return false;
  const key: Kept['drafts']['key'] = [kept.coachId, kept.block.id, kept.tab];
  return tried((drafts) => drafts.put(STORE, kept, key).then(() => true), false);
}

/** True when the device keeps it no longer. */
export function dropDraft({ coachId, blockId, tab }: Place): Promise<boolean> {
  return tried((drafts) => drafts.delete(STORE, [coachId, blockId, tab]).then(() => true), false);
}

/** What the device keeps of a coach, of one block or of all. */
export interface KeptDrafts {
  /** Newest first. */
  drafts: Draft[];
  /** What another version of Nadir wrote and this one cannot read, as it stands. */
  unreadable: { place: Place; content: unknown }[];
}

export function draftsOf(coachId: string, blockId?: string): Promise<KeptDrafts> {
  const none: KeptDrafts = { drafts: [], unreadable: [] };
  return tried(async (kept) => {
    const range = under(blockId === undefined ? [coachId] : [coachId, blockId]);
    const [keys, values] = await Promise.all([
      kept.getAllKeys(STORE, range),
      kept.getAll(STORE, range),
    ]);
    return values.reduce<KeptDrafts>(({ drafts, unreadable }, content, index) => {
      const read = draft.safeParse(content);
      if (read.success) return { drafts: [...drafts, read.data].sort(newestFirst), unreadable };
      const [coach = '', id = '', tab = ''] = keys[index] ?? [];
      const place = { coachId: coach, blockId: id, tab };
      return { drafts, unreadable: [...unreadable, { place, content }] };
    }, none);
  }, none);
}

function newestFirst(a: Draft, b: Draft): number {
  return b.at.localeCompare(a.at);
}

/** Leaves nothing of a coach on the device, and lets this page keep nothing more of theirs. */
export function leaveDevice(coachId: string): Promise<boolean> {
  gone.add(coachId);
  return clearDrafts(coachId);
}

/** Drops what the device keeps of a coach. */
export function clearDrafts(coachId: string): Promise<boolean> {
  return tried((kept) => kept.delete(STORE, under([coachId])).then(() => true), false);
}

/** Every key that begins so; lists come after every text. */
function under(start: string[]): IDBKeyRange {
  return IDBKeyRange.bound(start, [...start, []]);
}

/** True when two versions are the same, in whatever order their fields were written. */
export function sameWishes(a: Draft['wishes'], b: Draft['wishes']): boolean {
  return JSON.stringify(anyBlockFile.parse(a)) === JSON.stringify(anyBlockFile.parse(b));
}
