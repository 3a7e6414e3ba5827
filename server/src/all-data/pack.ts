import type {
  ArchivedAthlete,
  ArchivedDiary,
  ArchiveHead,
  BlockFile,
  PlannedDay,
} from '@nadir/contract';
import { strToU8, zipSync } from 'fflate';

/** What one athlete has in an archive. */
export interface PackedAthlete {
  athlete: ArchivedAthlete;
  diary: ArchivedDiary;
  blocks: { wishes: BlockFile; history: PlannedDay[] }[];
}

export const HEAD = 'nadir.json';
export const ATHLETE = 'athlete.json';
export const DIARY = 'diary.json';

const README = `All that a coach keeps in Nadir, as open files.

nadir.json              settings, house rules, paces, sessions and templates
athletes/NNN name/
  athlete.json          the record: facts, results
  diary.json            what was run, mornings (health), reviews of weeks
  block DATE race.json  each block, with the plan of its days that are over, as Nadir
                        exports it by itself

Take the archive back in under Settings, in this Nadir or another: everything comes in as
new, and nothing that stands there is changed. What was removed, versions of blocks, what
was handed out, links, calendars, mails and passwords are not in it.

The diaries hold health words. Keep the archive where nobody else reads it.
`;

/** Puts everything into one archive, a folder for each athlete. */
export function packed(head: ArchiveHead, athletes: readonly PackedAthlete[]): Uint8Array {
  const files: Record<string, Uint8Array> = {
    'README.txt': strToU8(README),
    [HEAD]: json(head),
  };
  athletes.forEach(({ athlete, diary, blocks }, at) => {
    const number = String(at + 1).padStart(3, '0');
    const folder = `athletes/${number} ${pathWords(athlete.facts.name)}`;
    files[`${folder}/${ATHLETE}`] = json(athlete);
    files[`${folder}/${DIARY}`] = json(diary);
    blocks.forEach(({ wishes, history }, place) => {
      const { name, date } = wishes.race;
      const path = `${folder}/block ${place + 1} ${date} ${pathWords(name)}.json`;
      files[path] = json({ ...wishes, history });
    });
  });
  return zipSync(files);
}

function json(value: unknown): Uint8Array {
  return strToU8(`${JSON.stringify(value, null, 2)}\n`);
}

/** What every system takes in a path, and no path leads out of. */
function pathWords(name: string): string {
  const words = name.replace(/[\\/:*?"<>|.\p{Cc}]+/gu, ' ').replace(/\s+/g, ' ');
  return words.trim().slice(0, 60) || 'unnamed';
}
