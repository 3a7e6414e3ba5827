import { differenceInDays } from '../../base/civil-date.js';
import { taperSchools } from '../../layout/taper/schools.js';
import type { Check, CheckContext, Fix, FixContext, Observation } from '../common/check.js';
import { unpin } from '../../edit/fixes/week-fixes.js';

/** Days of running a race week needs before its cut can be judged. */
const LEAST_DAYS = 3;
/** A whole race week holds six days before the race. */
const WHOLE_RACE_WEEK = 6;

/** Floating-point noise in a share. */
const NOISE = 1e-9;

/** Race week cut less than its school does. Value and limit: share cut from the heaviest week. */
export const taperTooShallow = {
  code: 'taper-too-shallow',
  level: 'caution',
  run(context) {
    const [limit] = usualCut(context);
    return raceWeekCut(context).flatMap(({ weeks, value }) =>
      value < limit - NOISE ? [{ weeks, value, limit }] : [],
    );
  },
  fixes: (_, context) => fixesOf(context),
} as const satisfies Check;

/** Race week cut more than its school does. Value and limit: share cut from the heaviest week. */
export const taperTooDeep = {
  code: 'taper-too-deep',
  level: 'note',
  run(context) {
    const [, limit] = usualCut(context);
    return raceWeekCut(context).flatMap(({ weeks, value }) =>
      value > limit + NOISE ? [{ weeks, value, limit }] : [],
    );
  },
  fixes: (_, context) => fixesOf(context),
} as const satisfies Check;

function fixesOf(context: FixContext): Fix[] {
  const { school, depth } = context.block.wishes.taper;
  return [
    ...unpin(context, context.block.weeks.length, 'volume'),
    ...(depth === undefined
      ? []
      : [{ label: 'Taper as deep as the school has it', change: { taper: { school } } }]),
    ...(school === 'three-steps'
      ? []
      : [{ label: 'Taper in three steps', change: { taper: { school: 'three-steps' as const } } }]),
  ];
}

function usualCut({ block }: CheckContext) {
  return taperSchools[block.wishes.taper.school].raceWeekCut;
}

/** The cut as it would be over six days; none where the race leaves too few to judge. */
function raceWeekCut({
  block: { weeks, wishes },
}: CheckContext): Pick<Observation, 'weeks' | 'value'>[] {
  const raceWeek = weeks.at(-1);
  if (!raceWeek) return [];
  const days = differenceInDays(wishes.race.date, raceWeek.start);
  if (days < LEAST_DAYS) return [];
  const heaviest = Math.max(...weeks.map(({ volume }) => volume));
  const running = (raceWeek.volume * WHOLE_RACE_WEEK) / days;
  return [{ weeks: [raceWeek.number], value: 1 - running / heaviest }];
}
