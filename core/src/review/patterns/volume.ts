import { addDays } from '../../base/index.js';
import type { WeekReviewed } from '../done/review-block.js';
import type { FindPattern, Pattern } from './pattern.js';

/** Weeks in a row that are no accident. */
const IN_A_ROW = 3;
/** Days without a word after which nobody knows. */
const SILENT_DAYS = 7;

/** Three weeks in a row under plan. */
export const underPlan: FindPattern = ({ weeks, rules }) => {
  const last = lastOver(weeks, IN_A_ROW);
  const { light } = rules.diary;
  if (last.length < IN_A_ROW || last.some((week) => share(week) >= light)) return undefined;
  return of('under-plan', last, light);
};

/** Heavier than planned: said as plainly as lighter. */
export const overPlan: FindPattern = ({ weeks, rules }) => {
  const last = lastOver(weeks, 1);
  const { heavy } = rules.diary;
  if (last.length === 0 || last.some((week) => share(week) <= heavy)) return undefined;
  return of('over-plan', last, heavy);
};

/** Nothing recorded for a week of running: what was run is not known. */
export const nothingRecorded: FindPattern = ({ days, today }) => {
  const asked = days.filter(
    ({ day, done }) =>
      day.date >= addDays(today, -SILENT_DAYS) && day.date < today && done.state !== 'rest',
  );
  if (asked.length === 0 || asked.some(({ done }) => done.state !== 'unknown')) return undefined;
  return {
    code: 'nothing-recorded',
    level: 'note',
    dates: asked.map(({ day }) => day.date),
    value: asked.length,
  };
};

/** The last weeks that are over, where all of them are known day by day: what is not known is never zero. */
function lastOver(weeks: readonly WeekReviewed[], count: number): WeekReviewed[] {
  const last = weeks.filter(({ isOver }) => isOver).slice(-count);
  return last.every(({ isWhole, planned }) => isWhole && planned > 0) ? last : [];
}

function share({ run, planned }: WeekReviewed): number {
  return run / planned;
}

function of(code: Pattern['code'], weeks: readonly WeekReviewed[], limit: number): Pattern {
  return {
    code,
    level: 'caution',
    dates: weeks.map(({ week }) => week.start),
    value: share(weeks.at(-1) as WeekReviewed),
    limit,
  };
}
