import { lastDay } from '../../spec/days/index.js';
import { addDays } from '../../base/index.js';
import { pinAt, recovery, unpin, withoutEvents, percent } from './by-week.js';
import { weekWords } from '../command.js';
import type { FixesByCheck } from './fix.js';

/** Fixes of the checks on recovery weeks. */
export const recoveryFixes = {
  'jump-after-recovery': ({ weeks: [week = 2], limit }, context) => {
    const before = context.block.weeks[week - 2]?.volume ?? 0;
    const { leastDepth } = context.rules.recovery;
    return [
      recovery(context, 'Resume where it was', { reEntry: 'resume' }),
      recovery(context, 'Cut recovery weeks by less', { depth: leastDepth }),
      ...pinAt(context, week, 'volume', before * (1 + limit)),
      ...unpin(context, week, 'volume'),
      ...unpin(context, week - 1, 'volume'),
    ];
  },
  'no-recovery-week': ({ weeks: [first = 1], limit }, context) => {
    const { every } = context.rules.recovery;
    const due = context.block.weeks.filter(({ recoveryDue }) => recoveryDue);
    const middle = first + Math.min(limit, every - 1);
    const placed = [...due.map(({ number }) => number), middle].sort((a, b) => a - b);
    return [
      recovery(context, `Recover in week ${middle}`, { weeks: placed }),
      ...([4, 3] as const).map((each) =>
        recovery(context, `Recover every ${each === 4 ? '4th' : '3rd'} week`, {
          every: each,
          weeks: undefined,
        }),
      ),
    ];
  },
  'recovery-has-hard-day': ({ weeks: [week = 1] }, context) => {
    const laid = context.block.weeks[week - 1];
    if (!laid) return [];
    const end = addDays(laid.start, laid.length - 1);
    return withoutEvents(
      context,
      (event) =>
        (event.kind === 'tune-up-race' || event.kind === 'test') &&
        event.from <= end &&
        lastDay(event) >= laid.start,
    );
  },
  'recovery-too-shallow': ({ weeks: [week = 1], value, limit }, context) => {
    const laid = context.block.weeks[week - 1]?.volume ?? 0;
    return [
      ...unpin(context, week, 'volume'),
      recovery(context, `Cut by ${percent(limit)}`, { depth: limit }),
      ...pinAt(context, week, 'volume', (laid / (1 - value)) * (1 - limit)),
    ];
  },
  'recovery-week-left-out': (_, context) => {
    const { weeks, spec } = context.block;
    const wished = spec.volume.recovery.weeks ?? [];
    const kept = wished.filter((number) => weeks[number - 1]?.recoveryDue === true);
    return [recovery(context, 'Ask only for those laid out', { weeks: kept })];
  },
  'light-weeks-together': ({ weeks: found }, context) => {
    const due = context.block.weeks.filter(({ recoveryDue }) => recoveryDue);
    const kept = due.map(({ number }) => number).filter((number) => !found.includes(number));
    return [recovery(context, `Build in ${weekWords(found)}`, { weeks: kept })];
  },
} satisfies FixesByCheck;
