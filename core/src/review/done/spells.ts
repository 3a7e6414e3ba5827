import { type CivilDate, differenceInDays } from '../../base/index.js';
import type { Illness } from '../../record/index.js';
import type { DayReviewed } from './day-reviewed.js';
import type { Review } from './review-block.js';

/** Days without a word of it after which an illness counts as over. */
const WORDLESS = 2;

/** An illness as the mornings tell it. */
export interface IllnessSpell {
  from: CivilDate;
  to: CivilDate;
  /** Both ends counted. */
  days: number;
  worst: Illness;
  /** True once a later morning says nothing of it, or days went by. */
  isOver: boolean;
}

const GRAVER: readonly Illness[] = ['above-neck', 'below-neck', 'fever'];

/**
 * The last illness that mornings speak of, or days that were missed for it: of what
 * kind those were is not said, and counts as below the neck. Undefined where none is.
 */
export function illnessOf({ mornings, days, today }: Pick<Review, 'mornings' | 'days' | 'today'>) {
  const told = new Set(mornings.flatMap(({ date, ill }) => (ill ? [date] : [])));
  const missed = days
    .filter(({ day, done }) => done.reason === 'ill' && !told.has(day.date))
    .map(({ day: { date } }) => ({ date, ill: 'below-neck' as const }));
  const ran = days
    .filter(({ done }) => done.state === 'run')
    .map(({ day: { date } }) => ({ date, ill: undefined }));
  const ordered = [...mornings, ...missed, ...ran].sort((one, other) =>
    one.date.localeCompare(other.date),
  );
  const ill = ordered.filter((each) => each.ill !== undefined);
  const last = ill.at(-1);
  if (!last) return undefined;
  let from = last.date;
  const within = [last];
  for (const each of ill.slice(0, -1).reverse()) {
    if (differenceInDays(from, each.date) > WORDLESS) break;
    from = each.date;
    within.push(each);
  }
  const later = ordered.some(({ date }) => date > last.date);
  const spell: IllnessSpell = {
    from,
    to: last.date,
    days: differenceInDays(last.date, from) + 1,
    worst: within.reduce<Illness>(
      (worst, { ill: each }) =>
        each && GRAVER.indexOf(each) > GRAVER.indexOf(worst) ? each : worst,
      'above-neck',
    ),
    isOver: later || differenceInDays(today, last.date) >= WORDLESS,
  };
  return spell;
}

/** Days that were to be run and were not, one after the other up to the last that is known. */
export interface MissedSpell {
  from: CivilDate;
  to: CivilDate;
  /** Days of running missed. */
  days: readonly DayReviewed[];
  /** Days from the first to the last, rest counted. */
  length: number;
}

/** The last days that were missed in a row; undefined where the last known day was run. */
export function missedOf({ days, today }: Pick<Review, 'days' | 'today'>): MissedSpell | undefined {
  const missed: DayReviewed[] = [];
  for (const each of days.toReversed()) {
    if (each.done.state === 'missed') missed.unshift(each);
    else if (breaks(each, today)) break;
  }
  return spellOf(missed);
}

/** The last days missed in a row that were more than a few, whatever was run since. */
export function lastSpell({ days, today, rules }: Review): MissedSpell | undefined {
  let missed: DayReviewed[] = [];
  let last: MissedSpell | undefined;
  for (const each of days) {
    if (each.done.state === 'missed') missed.push(each);
    else if (breaks(each, today)) missed = [];
    const spell = spellOf(missed);
    if (spell && spell.length > rules.diary.fewMissed) last = spell;
  }
  return last;
}

/** Today may still be run; a day of rest breaks nothing. */
function breaks({ day, done: { state } }: DayReviewed, today: CivilDate): boolean {
  if (state === 'run' || state === 'instead') return true;
  return state === 'unknown' && day.date < today;
}

function spellOf(missed: readonly DayReviewed[]): MissedSpell | undefined {
  const first = missed[0]?.day.date;
  const last = missed.at(-1)?.day.date;
  if (first === undefined || last === undefined) return undefined;
  return {
    from: first,
    to: last,
    days: [...missed],
    length: differenceInDays(last, first) + 1,
  };
}
