import {
  archivedAthlete,
  archivedDiary,
  type ArchiveHead,
  archiveHead,
  problemLine,
  problemOfStructure,
  problemsOf,
  readWholeFile,
} from '@nadir/contract';
import { strFromU8, unzipSync } from 'fflate';
import type { z } from 'zod';
import { ATHLETE, DIARY, HEAD, type PackedAthlete } from './pack.js';

/** What an archive unpacks to at most, in bytes, and in files. */
const MOST_UNPACKED = 120_000_000;
const MOST_FILES = 5000;

/** Why an archive is not taken, in a sentence for the coach. */
export class Unreadable extends Error {}

/**
 * Reads an archive, all of it, before anything is kept.
 *
 * @throws Unreadable that names the file and what is wrong in it
 */
export function unpacked(archive: Uint8Array): { head: ArchiveHead; athletes: PackedAthlete[] } {
  const files = filesOf(archive);
  const head = parsed(files, HEAD, archiveHead);
  const folders = new Set(
    [...files.keys()].flatMap((path) => /^(athletes\/[^/]+)\//.exec(path)?.[1] ?? []),
  );
  const athletes = [...folders].sort().map((folder) => ({
    athlete: parsed(files, `${folder}/${ATHLETE}`, archivedAthlete),
    diary: parsed(files, `${folder}/${DIARY}`, archivedDiary),
    blocks: [...files.keys()]
      .filter((path) => path.startsWith(`${folder}/block `))
      .sort()
      .map((path) => blockIn(files, path)),
  }));
  return { head, athletes };
}

function filesOf(archive: Uint8Array): Map<string, string> {
  let bytes = 0;
  let count = 0;
  try {
    const files = unzipSync(archive, {
      // What says it is small and is not, is refused when it is unpacked.
      filter: ({ originalSize }) => {
        bytes += originalSize;
        count += 1;
        if (bytes > MOST_UNPACKED || count > MOST_FILES) {
          throw new Unreadable('The archive is larger than any that Nadir makes.');
        }
        return true;
      },
    });
    return new Map(Object.entries(files).map(([path, content]) => [path, strFromU8(content)]));
  } catch (error) {
    if (error instanceof Unreadable) throw error;
    throw new Unreadable('This is not a ZIP archive, or it is damaged.');
  }
}

function parsed<T>(files: ReadonlyMap<string, string>, path: string, schema: z.ZodType<T>): T {
  const text = files.get(path);
  if (text === undefined) throw new Unreadable(`The archive has no ${path}.`);
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch {
    throw new Unreadable(`${path} is not JSON.`);
  }
  const structure = problemOfStructure(input);
  if (structure) throw new Unreadable(`${path}: ${problemLine(structure)}`);
  const read = schema.safeParse(input);
  if (read.success) return read.data;
  const [first] = problemsOf(read.error, input);
  throw new Unreadable(`${path}: ${first ? problemLine(first) : 'it cannot be read.'}`);
}

function blockIn(
  files: ReadonlyMap<string, string>,
  path: string,
): PackedAthlete['blocks'][number] {
  const read = readWholeFile(files.get(path) ?? '');
  if (read.ok) return { wishes: read.value.file, history: read.value.history ?? [] };
  const [first] = read.problems;
  throw new Unreadable(`${path}: ${first ? problemLine(first) : 'it cannot be read.'}`);
}
