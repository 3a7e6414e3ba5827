import { describe, expect, it } from 'vitest';
import type { PatternDay } from '../../spec/days/index.js';
import { addDays } from '../../base/index.js';
import type { Block } from '../../layout/block/index.js';
import { applyChange } from '../index.js';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import {
  type CommandOrNot,
  copyOn,
  freeDay,
  lengthenDay,
  moveDay,
  moveRest,
  pinDay,
  setDayRole,
  swapBack,
  swapForCross,
  writeSession,
} from './days.js';
import { assignFamily, choosePattern, dropPattern, setCycleRole } from './pattern.js';
import { startingLibrary } from '../../sessions/library/starting-library.js';

const measure = { basis: 'distance', unit: 'km', step: 1 } as const;
const block = layOut(marathon);
const after = (command: CommandOrNot, of: Block = block): Block => {
  if (typeof command === 'string') throw new Error(command);
  return layOut(applyChange(of.spec, command.change));
};
const roles = ({ weeks }: Block, week: number) =>
  weeks[week - 1]?.days.map(({ role }) => role) ?? [];
const dayOf = ({ weeks }: Block, date: string) =>
  weeks.flatMap(({ days }) => days).find((day) => day.date === date);

// Week 6 from Monday 2027-01-18: easy, quality, easy, rest, quality, short easy, long.
describe('moving a day', () => {
  it('swaps two days of a week, sessions with their places', () => {
    const moved = after(moveDay(block, '2027-01-19', '2027-01-20'));
    expect(roles(moved, 6).slice(0, 3)).toEqual(['easy', 'easy', 'quality']);
    expect(dayOf(moved, '2027-01-20')?.sessions[0]?.family?.id).toBe('race-pace-stretches');
  });

  it('swaps the long run within its week', () => {
    const moved = after(moveDay(block, '2027-01-24', '2027-01-23'));
    expect(roles(moved, 6).slice(4)).toEqual(['quality', 'long', 'short-easy']);
    expect(dayOf(moved, '2027-01-23')?.distance).toBe(23_000);
  });

  it('takes a session along to another week as it was', () => {
    const text = dayOf(block, '2027-01-19')?.sessions[0]?.shorthand;
    const moved = after(moveDay(block, '2027-01-19', '2027-01-27'));
    expect(dayOf(moved, '2027-01-27')?.sessions[0]?.shorthand).toBe(text);
    expect(dayOf(moved, '2027-01-19')?.role).toBe('semi-long');
  });

  it('takes along what goes with it: strength, a second run, the kind of cross-training', () => {
    const role = (each: PatternDay['role']): PatternDay => ({ role: each });
    const days: PatternDay[] = [
      { role: 'cross-train', cross: 'swim' },
      { role: 'quality', strength: true },
      { role: 'easy', double: true },
      ...(['easy', 'easy', 'short-easy', 'long'] as const).map(role),
    ];
    const crossed = layOut({ ...marathon, week: { days } });
    const swum = after(moveDay(crossed, '2027-01-18', '2027-01-20'), crossed);
    expect(dayOf(swum, '2027-01-20')?.sessions[0]?.shorthand).toContain('swim');
    expect(dayOf(swum, '2027-01-18')?.sessions).toHaveLength(2);
    const strong = after(moveDay(crossed, '2027-01-19', '2027-01-21'), crossed);
    const strength = (date: string) =>
      dayOf(strong, date)?.sessions.some(({ kind }) => kind === 'strength');
    expect([strength('2027-01-19'), strength('2027-01-21')]).toEqual([false, true]);
  });

  it('works beside running in minutes, as long as is said, and not on the eve of the race', () => {
    const days = { mobility: true, core: 1200 } as const;
    const fixed = (['thursday', 'saturday'] as const).map((weekday) => ({ weekday, ...days }));
    const worked = layOut({ ...marathon, week: { ...marathon.week, fixed } });
    const words = (date: string) =>
      dayOf(worked, date)?.sessions.flatMap(({ kind, shorthand, distance }) =>
        kind === 'run' ? [] : [[shorthand, distance]],
      );
    expect(words('2027-01-21')).toEqual([
      ['20 min core', 0],
      ['10 min mobility', 0],
    ]);
    const plain = layOut(marathon);
    expect(worked.weeks.map(({ volume }) => volume)).toEqual(
      plain.weeks.map(({ volume }) => volume),
    );
    // The race is on Sunday 18 April.
    expect(words('2027-04-17')).toEqual([['10 min mobility', 0]]);
  });

  it.each([
    ['2027-01-24', '2027-01-30', /stays in its week/],
    ['2027-04-18', '2027-04-17', /Races & days away/],
    ['2027-01-19', '2026-01-19', /outside the block/],
    ['2027-01-19', '2027-01-19', /already/],
  ])('from %s to %s is refused with a reason', (from, to, reason) => {
    expect(moveDay(block, from, to)).toMatch(reason);
  });
});

describe('a day', () => {
  it('grows and shrinks by shown steps; a long run with its pin', () => {
    expect(
      dayOf(after(lengthenDay(block, '2027-01-20', { shown: 11, by: 2 }, measure)), '2027-01-20')
        ?.distance,
    ).toBe((dayOf(block, '2027-01-20')?.distance ?? 0) + 2000);
    const longer = after(lengthenDay(block, '2027-01-24', { shown: 23, by: -1 }, measure));
    expect(longer.spec.pins).toEqual([{ week: 6, longRun: 22_000 }]);
  });

  it('keeps the session that is written for it, and grows and shrinks around it', () => {
    const date = '2027-01-20';
    const text = '2 km easy; 5 km @ marathon; 1 km easy';
    const written = after(writeSession(block, date, text));
    const held = (changed: Block) => changed.spec.days.find((day) => day.date === date)?.session;
    const longer = after(lengthenDay(written, date, { shown: 8, by: 2 }, measure), written);
    expect(held(longer)).toBe('2.5 km easy; 5 km marathon; 2.5 km easy');
    expect(dayOf(longer, date)).toMatchObject({ role: 'quality', distance: 10_000 });
    const least = after(lengthenDay(longer, date, { shown: 10, by: -5 }, measure), longer);
    expect(held(least)).toBe('5 km marathon');
    expect(lengthenDay(least, date, { shown: 5, by: -1 }, measure)).toBe(
      'The session of Wed 20 Jan comes to 5 km. Write it shorter, or make the day easy.',
    );
    // Easy running alone is a length.
    const plain = after(writeSession(block, date, '8 km easy'));
    const grown = after(lengthenDay(plain, date, { shown: 8, by: 1 }, measure), plain);
    expect(held(grown)).toBeUndefined();
    expect(dayOf(grown, date)?.distance).toBe(9000);
  });

  it('is not lengthened while it is swapped: it would be run again unasked', () => {
    const swapped = after(swapForCross(block, '2027-01-20', 'bike', 'weather'));
    expect(lengthenDay(swapped, '2027-01-20', { shown: 0, by: 1 }, measure)).toMatch(
      /Run it again first/,
    );
  });

  it('becomes rest at nothing, and a run again when pinned', () => {
    const rested = after(pinDay(block, '2027-01-20', 0, measure));
    expect(dayOf(rested, '2027-01-20')?.role).toBe('rest');
    const again = after(pinDay(rested, '2027-01-20', 5000, measure), rested);
    expect(dayOf(again, '2027-01-20')).toMatchObject({ role: 'easy', distance: 5000 });
  });

  it('gives its rest to another, and has one long run a week', () => {
    expect(roles(after(moveRest(block, '2027-01-18')), 6)).toEqual([
      'rest',
      'quality',
      'easy',
      'easy',
      'quality',
      'short-easy',
      'long',
    ]);
    const long = roles(after(setDayRole(block, '2027-01-21', 'long')), 6);
    expect(long.filter((role) => role === 'long')).toHaveLength(1);
    expect(long[3]).toBe('long');
  });

  it('is copied to the next week, written on, swapped, and left to the week again', () => {
    const text = dayOf(block, '2027-01-19')?.sessions[0]?.shorthand;
    const copied = after(copyOn(block, '2027-01-19'));
    expect(dayOf(copied, '2027-01-26')?.sessions[0]?.shorthand).toBe(text);
    expect(copyOn(block, block.spec.race.date)).toContain('does not reach');
    const written = after(writeSession(block, '2027-01-20', '8 km @ Marathon'));
    expect(written.spec.days[0]).toMatchObject({ date: '2027-01-20', session: '8 km marathon' });
    const swapped = after(swapForCross(block, '2027-01-20', 'pool', 'weather'));
    expect(dayOf(swapped, '2027-01-20')?.swap?.reason).toBe('weather');
    expect(after(swapBack(swapped, '2027-01-20'), swapped).spec.days).toEqual([]);
    expect(after(freeDay(written, '2027-01-20'), written).weeks).toEqual(block.weeks);
  });
});

describe('a day of a weekday that is fixed', () => {
  const fixed = layOut({
    ...marathon,
    week: { ...marathon.week, fixed: [{ weekday: 'wednesday', amount: 8000 }] },
    days: [{ date: '2027-01-20', amount: 9000 }],
  });

  it('is reset to it where it was fixed by itself, and stays where it was not', () => {
    expect(freeDay(fixed, '2027-01-20')).toMatchObject({ change: { days: [] } });
    expect(dayOf(after(freeDay(fixed, '2027-01-20'), fixed), '2027-01-20')?.distance).toBe(8000);
    expect(typeof freeDay(fixed, '2027-01-27')).toBe('string');
  });
});

describe('the week’s roles', () => {
  it('of nine days are copied on by nine days', () => {
    const nine = after(choosePattern(block, 'nine-days'));
    const quality = nine.weeks[4]?.days.find(({ role }) => role === 'quality')?.date ?? '';
    const copied = after(copyOn(nine, quality), nine);
    expect(copied.spec.days.map(({ date }) => date)).toEqual([addDays(quality, 9)]);
  });

  it('are taken from a ready week, for the block or for a phase, and given back', () => {
    const all = after(choosePattern(block, 'seven-runs'));
    expect(all.weeks[12]?.runDays).toBe(7);
    expect(all.spec.week.longRunOn).toBe('sunday');
    const one = after(choosePattern(block, 'seven-runs', 'specific'));
    expect([one.weeks[6]?.runDays, one.weeks[12]?.runDays]).toEqual([6, 7]);
    expect(after(dropPattern(all), all).weeks[12]?.runDays).toBe(6);
  });

  it('are changed day by day; the plain week becomes one of its own', () => {
    const changed = after(setCycleRole(block, 2, 'cross-train'));
    expect(roles(changed, 2)[2]).toBe('cross-train');
    expect(roles(changed, 14)[2]).toBe('cross-train');
    expect(changed.weeks[1]?.volume).toBe(block.weeks[1]?.volume);
  });

  it('take another family for a quality day, and nothing else of the phase', () => {
    const changed = after(assignFamily(block, 'speed', 1, startingLibrary['quick-twohundreds']));
    expect(dayOf(changed, '2027-01-19')?.sessions[0]?.family?.id).toBe('quick-twohundreds');
    const other = ({ sessions }: NonNullable<ReturnType<typeof dayOf>>) => sessions[0]?.family;
    expect(other(dayOf(changed, '2027-01-22')!)).toEqual(other(dayOf(block, '2027-01-22')!));
  });
});
