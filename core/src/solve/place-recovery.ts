import type { CivilDate } from '../base/index.js';
import { rulesOf } from '../rules/index.js';
import type { Block, Week } from '../layout/block/index.js';
import type { Found } from './find.js';
import { buildingUp } from './limits.js';
import { Program, type Solve } from './program.js';

/** Building weeks between two recovery weeks, at least. */
const LEAST_BETWEEN = 2;

/** What it is worth to recover in a week, or what it costs; policy, against one recovery week more. */
const WORTH = {
  /** A week that days away cut already. */
  cut: -3,
  /** A race on the way at its end: fresh legs, and easy days after. */
  race: -2,
  /** A camp is for running. */
  camp: 6,
  /** One recovery week more than needed. */
  each: 1,
  /** A phase that closes with it. */
  phaseEnd: -0.5,
} as const;

/**
 * Where the recovery weeks go best: never more building weeks in a row than the
 * house rule has, two at least between them, in weeks that days away or a race
 * lighten anyway, and not in a camp. A program of yes-or-no choices.
 *
 * @param from the coach's day where the block has begun: weeks that have begun stay as they are
 */
export function placeRecovery(block: Block, solve: Solve, from?: CivilDate): Found {
  const { volume } = block.spec;
  const rules = rulesOf(block.spec);
  const cadence = volume.recovery.every === 'none' ? rules.recovery.every : volume.recovery.every;
  const longest = Math.min(rules.recovery.mostBuildingWeeks, cadence);
  // None in week 1, in the taper, or in the week before it.
  const weeks = buildingUp(block).slice(0, -1);
  const program = new Program('Minimize');
  for (const week of weeks) {
    program.binary(name(week));
    if (week.number === 1) program.require([[1, name(week)]], '=', 0);
    // A week that has begun recovers or builds as it was handed out.
    else if (from !== undefined && week.start < from) {
      program.require([[1, name(week)]], '=', week.recovery ? 1 : 0);
    }
    program.value(WORTH.each + worthOf(week, block), name(week));
  }
  window(longest + 1, '>=');
  window(LEAST_BETWEEN + 1, '<=');
  const { optimal, values } = solve(program.text());
  const placed = weeks.filter((week) => (values[name(week)] ?? 0) > 0.5);
  if (!optimal) return { words: 'No placing keeps every rule.', command: undefined };
  const numbers = placed.map(({ number }) => number);
  const words =
    numbers.length === 0 ? 'None is needed.' : `Recovery in weeks ${numbers.join(', ')}.`;
  return {
    words,
    command: {
      change: { volume: { ...volume, recovery: { ...volume.recovery, weeks: numbers } } },
      message: `Recovery weeks placed: ${numbers.join(', ') || 'none'}.`,
    },
  };

  /** At least, or at most, one recovery week in every so many weeks. */
  function window(length: number, relation: '<=' | '>='): void {
    for (let first = 0; first + length <= weeks.length; first++) {
      const inside = weeks.slice(first, first + length);
      // What has begun cannot be placed anew, however it stands.
      if (from !== undefined && inside.every(({ start }) => start < from)) continue;
      program.require(
        inside.map((week) => [1, name(week)] as const),
        relation,
        1,
      );
    }
  }
}

function name({ number }: Week): string {
  return `r${number}`;
}

function worthOf(week: Week, { phases }: Block): number {
  const camp = week.events.some(({ kind }) => kind === 'camp') ? WORTH.camp : 0;
  const race = week.days.some(({ role }) => role === 'tune-up') ? WORTH.race : 0;
  const cut = week.running < 1 && race === 0 ? WORTH.cut : 0;
  const ends = phases.some(({ firstWeek, weeks }) => firstWeek + weeks - 1 === week.number);
  return camp + race + cut + (ends ? WORTH.phaseEnd : 0);
}
