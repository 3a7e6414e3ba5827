import { lastDay } from '../../spec/days/index.js';
import { addDays, differenceInDays, sum } from '../../base/index.js';
import { isBase } from '../../layout/index.js';
import { check } from '../common/check.js';

/**
 * More running in the days after an illness or injury than the house rule
 * allows, for as many days as it lasted. Value and limit: daily running as a
 * part of the last building week's.
 */
export const returnTooQuick = check({
  code: 'return-too-quick',
  level: 'stop',
  run({ block: { weeks, spec }, rules }) {
    const illnesses = spec.events.filter(({ kind }) => kind === 'illness');
    if (illnesses.length === 0) return [];
    const limit = rules.events.afterIllness;
    const days = weeks.flatMap((week) => week.days.map((day) => ({ ...day, week: week.number })));
    return illnesses.flatMap((illness) => {
      const length = differenceInDays(lastDay(illness), illness.from) + 1;
      const from = addDays(lastDay(illness), 1);
      const until = addDays(from, length - 1);
      const back = days.filter(({ date }) => date >= from && date <= until);
      const before = weeks.findLast((week) => isBase(week) && week.start <= illness.from);
      const base = (before?.volume ?? spec.volume.start) / 7;
      if (length < LEAST_DAYS || back.length === 0 || base <= 0) return [];
      const value = sum(back.map((day) => day[spec.athlete.basis])) / back.length / base;
      const numbers = [...new Set(back.map(({ week }) => week))];
      return value > limit + LEEWAY ? [{ weeks: numbers, value, limit }] : [];
    });
  },
});

/** Days ill or hurt from which the return is watched. */
const LEAST_DAYS = 3;

/** A run or two more or less is no quick return. */
const LEEWAY = 0.15;
