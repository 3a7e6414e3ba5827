import { describe, expect, it } from 'vitest';
import { defaultHouseRules } from '../../rules/index.js';
import type { BlockEvent } from '../../spec/days/index.js';
import { eventDays } from '../events/event-days.js';
import { longRunDay } from './long-run-day.js';

/** The week from Monday 1 to Sunday 7 March 2027; the race is far off. */
const week = { start: '2027-03-01', length: 7, kind: 'building' } as const;
const march = (day: number) => `2027-03-${String(day).padStart(2, '0')}`;
const raced = (on: number, distance: number): BlockEvent => ({
  kind: 'tune-up-race',
  name: 'Gullstone',
  from: march(on),
  distance,
});
const tested = (on: number): BlockEvent => ({ kind: 'test', name: 'Trial', from: march(on) });

/** With Sunday wished for it. */
function on(
  events: BlockEvent[],
  kind: 'building' | 'recovery' = 'building',
  fixed: readonly string[] = [],
) {
  return longRunDay({ ...week, kind }, march(7), {
    days: eventDays(events, defaultHouseRules),
    raceOn: '2027-06-06',
    isTaken: (date) => fixed.includes(date),
    isOwn: () => false,
  });
}

const awayFrom = (from: number): BlockEvent => ({
  kind: 'away',
  name: 'Away',
  from: march(from),
  to: march(7),
});

describe('the day of a long run', () => {
  it('is the one wished where nothing stands near', () => {
    const free = { date: march(7), race: false, cut: false };
    expect(on([])).toEqual(free);
    expect(on([raced(20, 10_000)])).toEqual(free);
    const none = longRunDay(week, undefined, {
      days: new Map(),
      raceOn: '2027-06-06',
      isTaken: () => false,
      isOwn: () => false,
    });
    expect(none.date).toBeUndefined();
  });

  it('keeps three days from a race of its week, and is cut for it', () => {
    const sunday = on([raced(7, 10_000)]);
    expect(sunday).toEqual({ date: march(4), race: true, cut: true });
    expect(on([raced(6, 10_000)]).date).toBe(march(3));
  });

  it('moves to no day that the coach fixed', () => {
    const race = [raced(7, 10_000)];
    expect(on(race, 'building', [march(4)]).date).toBe(march(3));
    expect(on(race, 'building', [march(4), march(3)])).toEqual({
      date: undefined,
      race: true,
      cut: true,
    });
  });

  it('moves back out of the last week before the race to a day that is free', () => {
    const before = (raceOn: string, taken: readonly string[] = []) =>
      longRunDay({ ...week, kind: 'building' }, march(7), {
        days: new Map(),
        raceOn,
        isTaken: (date) => taken.includes(date),
        isOwn: () => false,
      }).date;
    // A race on Saturday the 13th: Saturday the 6th is a week before it.
    expect(before(march(13))).toBe(march(6));
    expect(before(march(13), [march(6)])).toBe(march(5));
    expect(before(march(13), [march(6), march(5), march(4)])).toBeUndefined();
  });

  it('keeps three days from a race of the next week', () => {
    // A Monday, a Tuesday, a Wednesday.
    expect(on([raced(8, 5000)]).date).toBe(march(5));
    expect(on([raced(9, 5000)]).date).toBe(march(6));
    expect(on([raced(10, 5000)]).date).toBe(march(7));
  });

  it('is cut for a race of the next week on the easier days before it alone', () => {
    // Three days before 10 km, two before 5 km.
    expect(on([raced(10, 10_000)])).toEqual({ date: march(7), race: false, cut: true });
    expect(on([raced(10, 5000)])).toEqual({ date: march(7), race: false, cut: false });
  });

  it('is as it would be once a race early in its week is out of the legs', () => {
    // Two easy days after 5 km, ten after a half marathon.
    expect(on([raced(1, 5000)])).toEqual({ date: march(7), race: true, cut: false });
    expect(on([raced(1, 21_097.5)])).toEqual({ date: march(7), race: true, cut: true });
    expect(on([raced(4, 5000)])).toMatchObject({ date: march(7), cut: true });
  });

  it('stands two days before a test, wherever the week ends', () => {
    expect(on([tested(7)]).date).toBe(march(5));
    expect(on([tested(8)]).date).toBe(march(6));
    expect(on([tested(9)]).date).toBe(march(7));
  });

  it('stands the day after a test, but not in a week of rest', () => {
    expect(on([tested(6)]).date).toBe(march(7));
    expect(on([tested(6)], 'recovery').date).toBe(march(4));
    expect(on([tested(5)], 'recovery').date).toBe(march(7));
  });

  it('moves four days at the most', () => {
    expect(on([awayFrom(4)]).date).toBe(march(3));
    expect(on([awayFrom(3)])).toEqual({ date: undefined, race: false, cut: false });
  });

  it('stays where the coach fixed it, be it in the week of the race, but on no day away', () => {
    const own = (events: BlockEvent[], raceOn: string) =>
      longRunDay({ ...week, kind: 'building' }, march(7), {
        days: eventDays(events, defaultHouseRules),
        raceOn,
        isTaken: () => false,
        isOwn: (date) => date === march(7),
      }).date;
    // Six days before a Saturday's race, and the day after a tune-up race.
    expect(own([], march(13))).toBe(march(7));
    expect(own([raced(6, 10_000)], '2027-06-06')).toBe(march(7));
    expect(own([awayFrom(7)], '2027-06-06')).not.toBe(march(7));
  });

  it('comes back after an illness on the third day, and moves to none of the days after it', () => {
    const ill = (from: number, to: number): BlockEvent => ({
      kind: 'illness',
      name: 'A cold',
      from: march(from),
      to: march(to),
    });
    expect(on([ill(1, 4)]).date).toBe(march(7));
    expect(on([ill(3, 5)]).date).toBeUndefined();
    // Ill on the day itself: not on Thursday, two days after the first illness.
    expect(on([ill(1, 2), ill(5, 7)]).date).toBeUndefined();
  });
});
