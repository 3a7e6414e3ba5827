import type { Week } from '../../layout/index.js';
import { check } from '../common/check.js';

/**
 * A recovery week right beside one that days away make light already. Value:
 * light weeks in a row; limit: those of them that days away make light.
 */
export const lightWeeksTogether = check({
  code: 'light-weeks-together',
  level: 'note',
  run({ block: { weeks } }) {
    return lightRuns(weeks).flatMap((run) => {
      const limit = run.filter(isAway).length;
      const rests = run.filter(({ volumeRule }) => volumeRule === 'recovery');
      if (limit === 0 || rests.length === 0) return [];
      return [{ weeks: rests.map(({ number }) => number), value: run.length, limit }];
    });
  },
});

/** A week that days away leave no more of than rest does; an illness asks for rest after it, a race is none. */
function isAway({ volumeRule, events }: Week): boolean {
  return volumeRule === 'event' && events.some(({ kind }) => AWAY.has(kind));
}

const AWAY: ReadonlySet<string> = new Set(['holiday', 'travel', 'away', 'camp']);

/** Neighbouring weeks that are light. */
function lightRuns(weeks: readonly Week[]): Week[][] {
  const runs: Week[][] = [[]];
  for (const week of weeks) {
    if (week.recovery) runs.at(-1)?.push(week);
    else runs.push([]);
  }
  return runs;
}
