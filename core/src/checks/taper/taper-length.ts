import { raceRules } from '../../rules/house-rules.js';
import { type TaperSchoolName, taperSchoolNames, taperSchools } from '../../layout/taper/schools.js';
import type { Check, CheckContext, Fix } from '../common/check.js';

/** Race day may be counted in or not. */
const LEEWAY_DAYS = 1;

/** Fewer days of taper than the distance needs. Value and limit: days. */
export const taperTooShort = {
  code: 'taper-too-short',
  level: 'caution',
  run(context) {
    const limit = raceRules(context.rules, context.block.wishes.race.distance).taperDays.least;
    const value = taperDays(context);
    return value < limit - LEEWAY_DAYS ? [{ weeks: taperWeeks(context), value, limit }] : [];
  },
  fixes: (_, context) => otherSchools(context),
} as const satisfies Check;

/** More days of taper than the distance bears. Value and limit: days. */
export const taperTooLong = {
  code: 'taper-too-long',
  level: 'note',
  run(context) {
    const limit = raceRules(context.rules, context.block.wishes.race.distance).taperDays.most;
    const value = taperDays(context);
    return value > limit ? [{ weeks: taperWeeks(context), value, limit }] : [];
  },
  fixes: (_, context) => otherSchools(context),
} as const satisfies Check;

function taperWeeks({ block: { weeks } }: CheckContext): number[] {
  return weeks.filter(({ taperShare }) => taperShare < 1).map(({ number }) => number);
}

/** Days before the race on which the school runs less, within the weeks that taper. */
function taperDays({ block: { weeks, wishes }, rules }: CheckContext): number {
  const race = raceRules(rules, wishes.race.distance);
  const { share } = taperSchools[wishes.taper.school];
  const most = 7 * weeks.filter(({ taperShare }) => taperShare < 1).length;
  let days = 0;
  while (days < most && share(days + 1, race) < 1) days++;
  return days;
}

function otherSchools({ block: { wishes } }: CheckContext): Fix[] {
  const others = taperSchoolNames.filter((name) => name !== wishes.taper.school);
  return others.map((school: TaperSchoolName) => ({
    label: `Taper: ${taperSchools[school].title.toLowerCase()}`,
    change: { taper: { school } },
  }));
}
