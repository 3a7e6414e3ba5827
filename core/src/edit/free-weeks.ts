import type { CivilDate } from '../base/index.js';
import type { Block } from '../layout/block/index.js';
import { type Command, weekWords } from './command.js';

/** Leaves weeks to the product again: their volume, their long run, and every date of them. */
export function freeWeeks(
  { spec, weeks }: Block,
  numbers: readonly number[],
  over: ReadonlySet<CivilDate>,
): Command | undefined {
  const dates = new Set(
    numbers.flatMap((number) => weeks[number - 1]?.days.map(({ date }) => date) ?? []),
  );
  const isFreed = (date: CivilDate) => dates.has(date) && !over.has(date);
  const days = spec.days.filter(({ date }) => !isFreed(date));
  const toCome = numbers.filter((number) =>
    weeks[number - 1]?.days.some(({ date }) => !over.has(date)),
  );
  const pins = spec.pins.filter(({ week }) => !toCome.includes(week));
  if (days.length === spec.days.length && pins.length === spec.pins.length) return undefined;
  return { change: { days, pins }, message: `Freed ${weekWords(toCome)}.` };
}
