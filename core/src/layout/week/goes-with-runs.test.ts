import { describe, expect, it } from 'vitest';
import { addDays } from '../../base/index.js';
import type { BlockEvent, DayRole } from '../../spec/days/index.js';
import { marathon } from '../../testing/examples.js';
import { eventDays } from '../events/event-days.js';
import { resolve } from '../resolve/resolve.js';
import type { WishedDay } from '../wished/coach-week.js';
import { stridesIn, type WeekOfRoles } from './goes-with-runs.js';

const { context } = resolve(marathon);
const ONE_SESSION: DayRole[] = ['easy', 'quality', 'easy', 'rest', 'easy', 'short-easy', 'long'];
const SPEED = {
  kind: 'speed',
  name: '',
  purpose: '',
  firstWeek: 1,
  weeks: 4,
  closes: false,
} as const;

/** Where strides fall in a building week of a speed phase, or in another. */
function strides(
  roles: readonly DayRole[],
  part: Partial<WeekOfRoles['week']> = {},
  athlete: Partial<typeof context.spec.athlete> = {},
  events: readonly BlockEvent[] = [],
): number | undefined {
  const spec = { ...context.spec, athlete: { ...context.spec.athlete, ...athlete } };
  const composed = roles.map((role, index): WishedDay => {
    const besides = { double: undefined, addOn: undefined, cross: undefined };
    const works = { strength: undefined, core: undefined, mobility: undefined };
    const date = addDays('2027-02-15', index);
    // Race and races on the way are laid over what was wished.
    const wished = role === 'tune-up' || role === 'test' || role === 'race' ? 'easy' : role;
    return { date, role: wished, ...besides, ...works, fixed: false, plain: false };
  });
  const week = { kind: 'building', phase: SPEED, recovery: false, ...part } as const;
  const given = { ...context, spec, eventDays: eventDays(events, context.rules) };
  return stridesIn({ context: given, week, firstDaysOut: 62, composed }, roles)[1];
}

describe('strides of the product’s own', () => {
  it('are run on the last easy day of a speed phase with one session, not before a hard one', () => {
    expect(strides(ONE_SESSION)).toBe(4);
    expect(strides(['rest', 'easy', 'easy', 'quality', 'rest', 'rest', 'long'])).toBe(1);
  });

  it('are run in none with two sessions or another phase, nor by who is hurt', () => {
    expect(strides(['easy', 'quality', 'easy', 'quality', 'easy', 'rest', 'long'])).toBe(-1);
    expect(strides(['easy', 'easy', 'easy', 'rest', 'easy', 'rest', 'long'])).toBe(-1);
    expect(strides(ONE_SESSION, { phase: { ...SPEED, kind: 'threshold' } })).toBe(-1);
    expect(strides(ONE_SESSION, { kind: 'recovery', recovery: true })).toBe(-1);
    expect(strides(ONE_SESSION, {}, { oftenHurt: true })).toBe(-1);
    expect(strides(ONE_SESSION, {}, { injured: true })).toBe(-1);
  });

  it('wait for two days after a race, and as long as an illness lasted', () => {
    const early: DayRole[] = ['easy', 'easy', 'easy', 'quality', 'rest', 'short-easy', 'long'];
    const first: DayRole[] = ['easy', 'easy', 'quality', 'rest', 'rest', 'short-easy', 'long'];
    const race = (from: string): BlockEvent => ({ kind: 'tune-up-race', name: 'Gullstone', from });
    const ill: BlockEvent = {
      kind: 'illness',
      name: 'A cold',
      from: '2027-02-13',
      to: '2027-02-14',
    };
    expect([early, first].map((roles) => strides(roles))).toEqual([1, 0]);
    expect(strides(early, {}, {}, [race('2027-02-13')])).toBe(1);
    expect(strides(early, {}, {}, [race('2027-02-14')])).toBe(-1);
    expect(strides(early, {}, {}, [ill])).toBe(-1);
  });

  it('keep a taper quick whose session is gone, but for its race', () => {
    const without: DayRole[] = ['easy', 'easy', 'easy', 'rest', 'easy', 'short-easy', 'long'];
    expect(strides(without, { kind: 'taper' })).toBe(4);
    expect(strides(ONE_SESSION, { kind: 'taper' })).toBe(-1);
    expect(strides([...without.slice(0, 6), 'tune-up'], { kind: 'taper' })).toBe(-1);
  });
});
