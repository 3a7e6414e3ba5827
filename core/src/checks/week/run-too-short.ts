import type { Check } from '../common/check.js';
import { freeDays } from '../../edit/fixes/day-fixes.js';

/** A run that is not worth the shoes. Value and limit: m or s. */
export const runTooShort = {
  code: 'run-too-short',
  level: 'note',
  run({ block: { weeks, wishes }, rules }) {
    const { basis } = wishes.athlete;
    const limit = rules.week.shortestRun[basis];
    return weeks.flatMap(({ number, days }) => {
      const pinned = days.filter(({ rule }) => rule === 'pin' || rule === 'own-session');
      const runs = pinned.flatMap(({ sessions }) => sessions.filter(({ kind }) => kind === 'run'));
      const value = Math.min(...runs.map((run) => run[basis]));
      return value < limit - 0.5 ? [{ weeks: [number], value, limit }] : [];
    });
  },
  fixes: ({ weeks }, context) => freeDays(context, weeks, ['amount', 'session']),
} as const satisfies Check;
