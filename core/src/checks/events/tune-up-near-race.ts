import { differenceInDays } from '../../base/civil-date.js';
import { raceRules } from '../../rules/house-rules.js';
import type { Check, CheckContext } from '../common/check.js';
import { withoutEvents } from '../../edit/fixes/week-fixes.js';

/** A race on the way too near the goal race, by its own distance. Value and limit: days. */
export const tuneUpNearRace = {
  code: 'tune-up-near-race',
  level: 'caution',
  run(context) {
    const { block } = context;
    return nearRace(context).map(({ event, value, limit }) => {
      const week = block.weeks.findLast(({ start }) => start <= event.from);
      return { weeks: week ? [week.number] : [], value, limit };
    });
  },
  fixes({ value }, context) {
    const near = nearRace(context).filter((each) => each.value === value);
    return withoutEvents(context, (event) => near.some((each) => each.event === event));
  },
} as const satisfies Check;

function nearRace({ block: { wishes }, rules }: CheckContext) {
  return wishes.events
    .filter(({ kind }) => kind === 'tune-up-race')
    .map((event) => ({
      event,
      value: differenceInDays(wishes.race.date, event.from),
      limit: raceRules(rules, event.distance ?? 0).tuneUp.daysToGoal,
    }))
    .filter(({ value, limit }) => value < limit);
}
