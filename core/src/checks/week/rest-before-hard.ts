import { weekdayOf } from '../../base/index.js';
import { type Day, isHardRunning } from '../../layout/block/index.js';
import { isRaced } from '../../layout/index.js';
import { MANY_RESTS } from '../../rules/limits/index.js';
import { check } from '../common/check.js';
import { type BlockDay, dayByWeek, daysToRace } from '../common/days-to-race.js';

/** Rest the day before a hard day where a better day is free. Value: such days of a week; limit: 0. */
export const restBeforeHard = check({
  code: 'rest-before-hard',
  level: 'note',
  run({ block }) {
    const days = daysToRace(block);
    const isBeforeHard = (index: number) => {
      const next = days[index + 1];
      // The day of rest before the race is a house rule of its own.
      return next !== undefined && next.hard && next.day.role !== 'race';
    };
    const { unavailable } = block.spec.athlete;
    // A day that the athlete has not free is nobody's choice.
    const isChosen = ({ date }: Day) => !unavailable.includes(weekdayOf(date));
    // Before a race or a test rest is in order; before a long run that a taper has cut legs are fresh anyway.
    const tapering = new Set(
      block.weeks.flatMap(({ taperShare, number }) => (taperShare < 1 ? [number] : [])),
    );
    const isInOrder = (index: number) => {
      const next = days[index + 1];
      if (next === undefined || isRaced(next.day.role)) return true;
      return next.day.role === 'long' && !isHardRunning(next.day) && tapering.has(next.week);
    };
    // A week of rest keeps the run days of the next, whose hard days it has not.
    const rested = new Set(block.weeks.flatMap(({ recovery, number }) => (recovery ? number : [])));
    const endsRested = ({ week }: BlockDay, index: number) =>
      rested.has(week) && days[index + 1]?.week !== week;
    const wrong = days.filter(
      (each, index) =>
        isRest(each.day) &&
        isChosen(each.day) &&
        isBeforeHard(index) &&
        !isInOrder(index) &&
        !endsRested(each, index),
    );
    if (wrong.length === 0) return [];
    // With few run days rest has to stand wherever there is room.
    const rests = (week: number) => days.filter((each) => each.week === week && isRest(each.day));
    // Days of rest in a row are no better; the one that would move is of the same week.
    const isBesideRest = (index: number) =>
      [days[index - 1], days[index + 1]].some((near) => {
        const moves = near?.week === days[index]?.week && wrong.some((each) => each === near);
        return near !== undefined && isRest(near.day) && !moves;
      });
    const isBetter = ({ day, hard }: BlockDay, index: number) =>
      day.distance > 0 && !hard && !isBeforeHard(index) && !isBesideRest(index);
    const better = new Set(days.filter(isBetter).map(({ week }) => week));
    const found = wrong.filter(({ week }) => better.has(week) && rests(week).length <= MANY_RESTS);
    return dayByWeek(found);
  },
});

function isRest({ rule, role }: Day): boolean {
  return rule === 'rest' && role === 'rest';
}
