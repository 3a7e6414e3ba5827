import type { CivilDate } from '../base/index.js';
import type { Block } from '../layout/block/index.js';
import { asPlanned, type MorningNote, type RunEntry } from '../record/index.js';
import { rulesOf } from '../rules/index.js';
import { reviewBlock, type Review } from '../review/index.js';

/** What became of some days, by their date: other entries, or none. */
export type Otherwise = Readonly<Record<CivilDate, readonly Partial<RunEntry>[]>>;

/** Every day before `today` run as it was planned, but for some. */
function recorded(block: Block, today: CivilDate, otherwise: Otherwise = {}): RunEntry[] {
  return block.weeks
    .flatMap(({ days }) => days)
    .filter(({ date }) => date < today)
    .flatMap((day) => {
      const other = otherwise[day.date];
      if (!other) return asPlanned(day);
      return other.map(
        (entry, place) => ({ date: day.date, place, kind: 'run', ...entry }) as const,
      );
    });
}

/** A review of a block on a day. */
export function reviewOn(
  block: Block,
  today: CivilDate,
  otherwise: Otherwise = {},
  mornings: readonly MorningNote[] = [],
): Review {
  const entries = recorded(block, today, otherwise);
  return reviewBlock({ block, rules: rulesOf(block.spec), today, entries, mornings });
}

/** Each of these days missed, for one reason. */
export function missed(
  dates: readonly CivilDate[],
  reason: RunEntry['reason'] = 'work',
): Otherwise {
  return Object.fromEntries(dates.map((date) => [date, [{ kind: 'missed', reason } as const]]));
}
