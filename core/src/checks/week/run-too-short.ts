import { check } from '../common/check.js';

/** A run that is not worth the shoes: under the least distance, and the least time too. Value and limit: m or s. */
export const runTooShort = check({
  code: 'run-too-short',
  level: 'note',
  run({ block: { weeks, spec }, rules }) {
    const { basis } = spec.athlete;
    const limit = rules.week.shortestRun[basis];
    return weeks.flatMap(({ number, days }) => {
      const pinned = days.filter(({ rule }) => rule === 'pin' || rule === 'own-session');
      const runs = pinned.flatMap(({ sessions }) => sessions.filter(({ kind }) => kind === 'run'));
      const brief = runs.filter(({ time }) => time < rules.week.shortestRun.time - 0.5);
      const value = Math.min(...brief.map((run) => run[basis]));
      return value < limit - 0.5 ? [{ weeks: [number], value, limit }] : [];
    });
  },
});
