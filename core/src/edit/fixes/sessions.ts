import { suggestUses } from '../../sessions/library/index.js';
import { withFixedDay } from '../../spec/days/index.js';
import { mainOf } from '../../layout/block/index.js';
import { freeDays, makeEasy } from './by-day.js';
import { fitFamilies, freeWeekdays } from './by-weekday.js';
import { longRun } from './by-week.js';
import type { FixesByCheck } from './fix.js';

/** Fixes of the checks on sessions. */
export const sessionsFixes = {
  'hard-running-jump': ({ weeks }, context) => [
    ...freeDays(context, weeks, ['session']),
    ...fitFamilies(context),
    ...makeEasy(context, weeks),
  ],
  'race-pace-never': (_, context) => [
    longRun(context, 'Finish long runs at race pace', { segment: 'race-pace-finish' }),
  ],
  'race-rep-too-long': ({ weeks }, context) => [
    ...freeDays(context, weeks, ['session']),
    ...makeEasy(context, weeks),
  ],
  'session-dropped': ({ weeks }, context) => {
    const days = weeks.flatMap((week) => context.block.weeks[week - 1]?.days ?? []);
    const open = days.filter((day) => day.role === 'quality' && mainOf(day)?.family === undefined);
    const easy = open.reduce(
      (kept, { date }) => withFixedDay(kept, date, { role: 'easy', addOn: 'strides' }),
      context.block.spec.days,
    );
    return [
      { label: 'Run those days easy, with strides', change: { days: easy } },
      ...freeWeekdays(context),
      ...freeDays(context, weeks, ['amount']),
    ];
  },
  'too-little-hard': (_, { block: { spec } }) => {
    const others = spec.sessions.filter(({ phase }) => phase !== 'speed');
    const usual = suggestUses(spec.race.distance, spec.engine).filter(
      ({ phase }) => phase === 'speed',
    );
    const sessions = [...others, ...usual];
    const placed = { week: { ...spec.week, qualityOn: undefined } };
    return [
      { label: 'Take the usual sessions of the speed phase', change: { sessions } },
      { label: 'Place the usual hard days', change: placed },
      { label: 'Place the usual hard days with their sessions', change: { ...placed, sessions } },
    ];
  },
  'too-much-hard': ({ weeks }, context) => [
    ...freeDays(context, weeks, ['session', 'role', 'amount']),
    ...fitFamilies(context),
    ...freeWeekdays(context),
    ...makeEasy(context, weeks),
  ],
  'unknown-pace': ({ weeks }, context) => [
    ...freeDays(context, weeks, ['session']),
    ...freeWeekdays(context),
  ],
} satisfies FixesByCheck;
