import type { Week } from '../../layout/block/index.js';
import { check } from '../common/check.js';

/**
 * A recovery week right beside one that days away make light already. Value:
 * light weeks in a row; limit: those of them that days away make light.
 */
export const lightWeeksTogether = check({
  code: 'light-weeks-together',
  level: 'note',
  run({ block: { weeks, spec } }) {
    const { depth } = spec.volume.recovery;
    return lightRuns(weeks).flatMap((run) => {
      const limit = run.filter((week) => isAway(week, depth)).length;
      const rests = run.filter(({ volumeRule }) => volumeRule === 'recovery');
      if (limit === 0 || rests.length === 0) return [];
      return [{ weeks: rests.map(({ number }) => number), value: run.length, limit }];
    });
  },
});

/** A week that days away leave no more of than rest does; an illness asks for rest after it, a race is none. */
function isAway({ volumeRule, running, events }: Week, depth: number): boolean {
  const isLight = volumeRule === 'event' && running <= 1 - depth + 1e-9;
  return isLight && events.some(({ kind }) => AWAY.has(kind));
}

const AWAY: ReadonlySet<string> = new Set(['holiday', 'travel', 'away', 'camp']);

/** Neighbouring weeks that are light, run by run. */
function lightRuns(weeks: readonly Week[]): Week[][] {
  const runs: Week[][] = [];
  for (const [index, week] of weeks.entries()) {
    if (!week.recovery) continue;
    if (weeks[index - 1]?.recovery) runs.at(-1)?.push(week);
    else runs.push([week]);
  }
  return runs;
}
