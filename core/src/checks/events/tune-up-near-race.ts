import { differenceInDays } from '../../base/index.js';
import { raceRules } from '../../rules/index.js';
import { check, type CheckContext } from '../common/check.js';

/** A race on the way too near the goal race, by its own distance. Value and limit: days. */
export const tuneUpNearRace = check({
  code: 'tune-up-near-race',
  level: 'caution',
  run(context) {
    const { block } = context;
    return nearRace(context).map(({ event, value, limit }) => {
      const week = block.weeks.findLast(({ start }) => start <= event.from);
      return { weeks: week ? [week.number] : [], value, limit };
    });
  },
});

export function nearRace({ block: { spec }, rules }: CheckContext) {
  return spec.events
    .filter(({ kind }) => kind === 'tune-up-race')
    .map((event) => ({
      event,
      value: differenceInDays(spec.race.date, event.from),
      limit: raceRules(rules, event.distance ?? 0).tuneUp.daysToGoal,
    }))
    .filter(({ value, limit }) => value < limit);
}
