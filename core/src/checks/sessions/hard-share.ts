import { suggestUses } from '../../sessions/library/suggest-uses.js';
import type { Check } from '../common/check.js';
import { freeDays, makeEasy } from '../../edit/fixes/day-fixes.js';

/** More of a week hard than it bears. Value and limit: part of the week. */
export const tooMuchHard = {
  code: 'too-much-hard',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.sessions.mostOfWeek;
    return weeks.flatMap(({ number, kind, hardDistance, distance }) => {
      const value = distance > 0 ? hardDistance / distance : 0;
      return kind !== 'race' && value > limit + 1e-9 ? [{ weeks: [number], value, limit }] : [];
    });
  },
  fixes: ({ weeks }, context) => [
    ...freeDays(context, weeks, ['session', 'role', 'amount']),
    ...makeEasy(context, weeks),
  ],
} as const satisfies Check;

/** A speed phase with hardly anything quick in it. Value and limit: part of its building weeks. */
export const tooLittleHard = {
  code: 'too-little-hard',
  level: 'note',
  run({ block: { weeks, wishes }, rules }) {
    const limit = rules.sessions.leastWhenQuick;
    const quick = weeks.filter(
      ({ phase, kind, running }) => phase === 'speed' && kind === 'building' && running === 1,
    );
    const distance = quick.reduce((total, week) => total + week.distance, 0);
    const hard = quick.reduce((total, week) => total + week.hardDistance, 0);
    const value = distance > 0 ? hard / distance : 1;
    if (wishes.athlete.injured || wishes.athlete.oftenHurt || value >= limit - 1e-9) return [];
    return [{ weeks: quick.map(({ number }) => number), value, limit }];
  },
  fixes(_, { block: { wishes } }) {
    const others = wishes.sessions.filter(({ phase }) => phase !== 'speed');
    const usual = suggestUses(wishes.race.distance).filter(({ phase }) => phase === 'speed');
    const sessions = [...others, ...usual];
    const placed = { week: { ...wishes.week, qualityOn: undefined } };
    return [
      { label: 'Take the usual sessions of the speed phase', change: { sessions } },
      { label: 'Place the usual hard days', change: placed },
      { label: 'Place the usual hard days with their sessions', change: { ...placed, sessions } },
    ];
  },
} as const satisfies Check;
