import { type NamedPace, type PaceAim, paceAimWords } from '../../spec/choices/index.js';
import { dayWords } from '../../base/format/index.js';
import type { CivilDate } from '../../base/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import type { Command } from '../index.js';

interface OfWishes {
  spec: ResolvedSpec;
}

/** Rests the paces from `day` on upon the results known by then; earlier days keep theirs. */
export function repace({ spec }: OfWishes, day: CivilDate): Command {
  const repaced = [...spec.paces.repaced.filter((each) => each !== day), day].sort();
  return paces(spec, { repaced }, `Re-paced from ${dayWords(day)} on.`);
}

/** Takes a re-pacing back: the paces before it go on. */
export function takeBackRepacing({ spec }: OfWishes, day: CivilDate): Command {
  const repaced = spec.paces.repaced.filter((each) => each !== day);
  return paces(spec, { repaced }, `Removed the re-pacing of ${dayWords(day)}.`);
}

/** Chooses whether sessions are run at what is current, at the goal, or between. */
export function choosePaceAim({ spec }: OfWishes, aim: PaceAim): Command {
  return paces(spec, { aim }, `Paces: ${paceAimWords[aim].title.toLowerCase()}.`);
}

/** Takes over a table of named paces. */
export function takePaces({ spec }: OfWishes, table: NamedPace[]): Command {
  return paces(spec, { table }, 'Took over the named paces of today.');
}

/** Keeps a distance of the coach's own in the table of equivalents, or takes it out. */
export function toggleDistance({ spec }: OfWishes, distance: number): Command {
  const { distances } = spec.paces;
  const there = distances.includes(distance);
  const next = there ? distances.filter((each) => each !== distance) : [...distances, distance];
  const words = `${there ? 'Removed' : 'Added'} ${distance} m among the equivalents.`;
  return paces(spec, { distances: next.sort((a, b) => a - b) }, words);
}

function paces(spec: ResolvedSpec, part: Partial<ResolvedSpec['paces']>, words: string): Command {
  return { change: { paces: { ...spec.paces, ...part } }, message: words };
}
