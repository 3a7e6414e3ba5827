import type { CivilDate } from '../base/civil-date.js';
import type { NamedPace } from '../paces/named-pace.js';
import { type PaceAim, paceAimWords } from '../spec/pace-aim.js';
import type { Wishes } from '../spec/block-spec.js';
import type { Command } from './command.js';

interface OfWishes {
  wishes: Wishes;
}

/** Rests the paces from `day` on upon the results known by then; earlier days keep theirs. */
export function repace({ wishes }: OfWishes, day: CivilDate): Command {
  const repaced = [...wishes.paces.repaced.filter((each) => each !== day), day].sort();
  return paces(wishes, { repaced }, `Re-paced from ${day} on.`);
}

/** Takes a re-pacing back: the paces before it go on. */
export function takeBackRepacing({ wishes }: OfWishes, day: CivilDate): Command {
  const repaced = wishes.paces.repaced.filter((each) => each !== day);
  return paces(wishes, { repaced }, `Took back the re-pacing of ${day}.`);
}

/** Chooses whether sessions are run at what is current, at the goal, or between. */
export function choosePaceAim({ wishes }: OfWishes, aim: PaceAim): Command {
  return paces(wishes, { aim }, `Paces: ${paceAimWords[aim].title.toLowerCase()}.`);
}

/** Takes over a table of named paces. */
export function takePaces({ wishes }: OfWishes, table: NamedPace[]): Command {
  return paces(wishes, { table }, 'Took over the named paces of today.');
}

/** Keeps a distance of the coach's own in the table of equivalents, or takes it out. */
export function toggleDistance({ wishes }: OfWishes, distance: number): Command {
  const { distances } = wishes.paces;
  const there = distances.includes(distance);
  const next = there ? distances.filter((each) => each !== distance) : [...distances, distance];
  const words = `${there ? 'Took out' : 'Added'} ${distance} m among the equivalents.`;
  return paces(wishes, { distances: next.sort((a, b) => a - b) }, words);
}

function paces(wishes: Wishes, part: Partial<Wishes['paces']>, words: string): Command {
  return { change: { paces: { ...wishes.paces, ...part } }, words };
}
