import { familiesOf } from '../../spec/index.js';
import { endWords, freeWeekday, setRotation, weekdayWords } from '../week/index.js';
import type { Fix, FixContext } from './fix.js';

/** Ends what takes turns in a place of the week, or what is fixed of one. */
export function freeWeekdays({ block }: FixContext): Fix[] {
  const { rotations = [], week } = block.spec;
  const turning = rotations.flatMap(({ on, phases, weeks }): Fix[] => {
    if (weeks) return [];
    const { change } = setRotation(block, on, [], phases);
    return [{ label: endWords(on), change }];
  });
  const fixed = (week.fixed ?? []).map((rule): Fix => {
    const { change } = freeWeekday(block, rule);
    return { label: `Free ${weekdayWords(rule)}`, change };
  });
  return [...turning, ...fixed];
}

/** Sizes to the athlete what is run as it is written. */
export function fitFamilies({ block: { spec } }: FixContext): Fix[] {
  const written = familiesOf(spec).filter(({ fit }) => fit === false);
  return [...new Map(written.map((family) => [family.id, family])).values()].map(({ id, name }) => {
    const fitted = <T extends { id: string }>(family: T) =>
      family.id === id ? { ...family, fit: true } : family;
    return {
      label: `Fit “${name}” to the athlete`,
      change: {
        sessions: spec.sessions.map((use) => ({ ...use, family: fitted(use.family) })),
        families: spec.families?.map(fitted),
      },
    };
  });
}
