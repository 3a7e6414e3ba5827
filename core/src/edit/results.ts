import type { PaceModelName } from '../paces/models.js';
import { paceModels } from '../paces/models.js';
import type { Result } from '../spec/result.js';
import { formatDuration, formatRace } from '../base/format/format.js';
import type { Wishes } from '../spec/block-spec.js';
import type { Command } from './command.js';

interface OfWishes {
  wishes: Wishes;
}

/** Adds a result of the athlete; paces change only when the coach re-paces. */
export function addResult({ wishes }: OfWishes, result: Result): Command {
  const results = [...wishes.athlete.results, result].sort((a, b) => a.date.localeCompare(b.date));
  return athlete(wishes, { results }, `Entered ${resultWords(wishes, result)}.`);
}

/** Takes the result at `index` out. */
export function removeResult({ wishes }: OfWishes, index: number): Command {
  const { results } = wishes.athlete;
  const out = results[index];
  const left = results.filter((_, place) => place !== index);
  return athlete(
    wishes,
    { results: left },
    `Took out ${out ? resultWords(wishes, out) : 'a result'}.`,
  );
}

/** Chooses how results are made into times for other distances. */
export function choosePaceModel({ wishes }: OfWishes, paceModel: PaceModelName): Command {
  return athlete(wishes, { paceModel }, `Paces by ${paceModels[paceModel].title.toLowerCase()}.`);
}

/** Sets the highest and resting heart rate, beats a minute. */
export function setHeart(
  { wishes }: OfWishes,
  heart: Pick<Wishes['athlete'], 'maxHeart' | 'restHeart'>,
): Command {
  return athlete(wishes, heart, 'Set the heart rates.');
}

function athlete(wishes: Wishes, part: Partial<Wishes['athlete']>, words: string): Command {
  return { change: { athlete: { ...wishes.athlete, ...part } }, words };
}

function resultWords(
  { athlete: { unit } }: Wishes,
  { name, distance, time, date }: Result,
): string {
  const what = name ?? formatRace(distance, unit);
  return `${what} in ${formatDuration(time)} on ${date}`;
}
