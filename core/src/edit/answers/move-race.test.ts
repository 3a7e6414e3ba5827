import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import { validateSpec } from '../../layout/validate/index.js';
import type { FixedDay } from '../../spec/days/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { anySpec } from '../../testing/any-spec.js';
import { defaultBlocks } from '../../testing/default-blocks.js';
import { marathon } from '../../testing/examples.js';
import { holdFor } from '../../testing/hold-for.js';
import { type Moved, moveRace } from './move-race.js';

// Eighteen weeks from 14 December 2026 to 18 April 2027; the taper begins with week 16, on 29 March.
const block = layOut(marathon);

const beforeIt = { today: '2026-11-01', takesDays: true };
const inWeek9 = { today: '2027-02-10', takesDays: true };

/** The wishes with the race moved, which must be ones that can be laid out. */
function moved(given: BlockSpec, to: Moved): BlockSpec {
  const wishes = moveRace(given, layOut(given), to);
  expect(validateSpec(wishes)).toEqual([]);
  return wishes;
}

const easy = (date: string): FixedDay => ({ date, role: 'easy', amount: 7000 });
const written = (dates: readonly string[]) => ({ ...block.spec, days: dates.map(easy) });
const datesOf = ({ days = [] }: BlockSpec) => days.map(({ date }) => date);

describe('moving the goal race before the block begins', () => {
  it('counts back again, as many weeks, and what is written goes along', () => {
    const given = written(['2026-12-16', '2027-04-13']);
    const later = moved(given, { date: '2027-05-02', ...beforeIt });
    expect(later).toMatchObject({ start: '2026-12-28', weeks: 18 });
    expect(datesOf(later)).toEqual(['2026-12-30', '2027-04-27']);
    // A day sooner is in the same week: nothing moves but the race.
    expect(datesOf(moved(given, { date: '2027-04-17', ...beforeIt }))).toEqual(datesOf(given));
  });

  it('leaves what is written on its dates where it is not to go along', () => {
    const given = written(['2027-01-06']);
    const later = moved(given, { date: '2027-05-02', ...beforeIt, takesDays: false });
    expect(datesOf(later)).toEqual(['2027-01-06']);
  });

  it('suggests its tests anew, and keeps what the coach placed', () => {
    const [, half] = defaultBlocks.find(([called]) => called === '10 km, 45 km, three days')!;
    const suggested = layOut(half);
    expect(suggested.spec.events).toMatchObject([{ kind: 'test', from: '2027-03-19' }]);
    const later = moveRace(half, suggested, { date: '2027-05-02', ...beforeIt });
    expect(layOut(later).spec.events).toMatchObject([{ kind: 'test', from: '2027-04-02' }]);
    const event = { kind: 'test', name: 'Mile', from: '2027-03-10' } as const;
    expect(moved({ ...half, events: [event] }, { date: '2027-05-02', ...beforeIt }).events).toEqual(
      [event],
    );
  });

  it('leaves open what was open', () => {
    const { start: _start, ...open } = moved(marathon, { date: '2027-05-02', ...beforeIt });
    expect(open.volume).toEqual(marathon.volume);
    expect(open.week).toEqual(marathon.week);
  });
});

describe('moving the goal race of a block that has begun', () => {
  const pinned = (weeks: readonly number[]) => ({
    ...block.spec,
    pins: weeks.map((week) => ({ week, volume: 50_000 })),
  });
  const pinsOf = ({ pins = [] }: BlockSpec) => pins.map(({ week }) => week);

  it('keeps its start; what is fixed in the taper goes with the race', () => {
    const given = {
      ...pinned([8, 12, 17]),
      ...written(['2027-03-10', '2027-03-30', '2027-04-13']),
    };
    const both = { ...given, pins: pinned([8, 12, 17]).pins };
    const later = moved(both, { date: '2027-05-02', ...inWeek9 });
    expect(later).toMatchObject({ start: '2026-12-14', weeks: 20 });
    expect(pinsOf(later)).toEqual([8, 12, 19]);
    expect(datesOf(later)).toEqual(['2027-03-10', '2027-04-13', '2027-04-27']);
  });

  it('sooner: the taper stands in place of the weeks it comes to', () => {
    const given = { ...written(['2027-03-10', '2027-03-16', '2027-03-30', '2027-04-13']) };
    const both = { ...given, pins: pinned([12, 14, 17]).pins };
    const sooner = moved(both, { date: '2027-04-04', ...inWeek9 });
    expect(sooner.weeks).toBe(16);
    // Week 14 is the taper's first now: 17 becomes 15, and 12 stays.
    expect(pinsOf(sooner)).toEqual([12, 15]);
    expect(datesOf(sooner)).toEqual(['2027-03-10', '2027-03-16', '2027-03-30']);
  });

  it('never touches what is over', () => {
    const given = written(['2027-02-09', '2027-03-30', '2027-04-14']);
    // Seven weeks sooner the taper would begin in week 9, which has: its first days are over.
    const sooner = moved(given, { date: '2027-02-28', ...inWeek9 });
    expect(sooner.weeks).toBe(11);
    expect(datesOf(sooner)).toEqual(['2027-02-09', '2027-02-24']);
    expect(pinsOf(moved(pinned([2, 8, 16]), { date: '2027-02-07', ...inWeek9 }))).toEqual([2, 8]);
    expect(pinsOf(moved(pinned([2, 8, 16]), { date: '2027-02-28', ...inWeek9 }))).toEqual([
      2, 8, 9,
    ]);
  });

  it('moves numbered weeks of long runs and of recovery with the taper', () => {
    const given: BlockSpec = {
      ...block.spec,
      longRun: { ...block.spec.longRun, segmentWeeks: [13, 15, 16] },
    };
    const { longRun } = moved(given, { date: '2027-04-25', ...inWeek9 });
    expect(longRun).toMatchObject({ segmentWeeks: [13, 15, 17], ladder: 'straight', peak: 32_000 });
  });

  it('leaves own phases and their taper as they are, but for the last before it', () => {
    const kinds = ['foundation', 'threshold', 'specific', 'taper'] as const;
    const own = [6, 6, 3, 3].map((weeks, at) => ({ kind: kinds[at]!, name: `P${at}`, weeks }));
    const given: BlockSpec = { ...block.spec, phases: { layout: 'own', own } };
    const weeksOf = (date: string) =>
      moved(given, { date, ...inWeek9 }).phases?.own?.map(({ weeks }) => weeks);
    expect(weeksOf('2027-05-02')).toEqual([6, 6, 5, 3]);
    // Four weeks less: three of the third phase, and one of the second.
    expect(weeksOf('2027-03-21')).toEqual([6, 5, 3]);
  });

  it('leaves out what would come after it', () => {
    const event = { kind: 'test', name: 'Time trial', from: '2027-04-07' } as const;
    const given = { ...block.spec, events: [event] };
    expect(moved(given, { date: '2027-04-04', ...inWeek9 }).events).toEqual([]);
    expect(moved(given, { date: '2027-04-25', ...inWeek9 }).events).toEqual([event]);
  });
});

describe('moving the goal race of any block', () => {
  /** What no move can mend: the day itself, a block that it makes too long or too short, what is placed before it. */
  const OF_THE_DAY = /^(race-|weeks-|previous-race-|event-before-start|event-outside-block)/;

  it('leaves one that can be laid out, or says what is wrong with the day', () => {
    holdFor(
      fc.property(
        anySpec,
        fc.integer({ min: -80, max: 80 }),
        fc.integer({ min: -20, max: 150 }),
        fc.boolean(),
        (given, by, on, takesDays) => {
          const before = layOut(given);
          const { start, race } = before.spec;
          const today = addDays(start, on);
          const wishes = moveRace(given, before, {
            date: addDays(race.date, by),
            today,
            takesDays,
          });
          const issues = validateSpec(wishes).filter(({ code }) => !OF_THE_DAY.test(code));
          expect(issues).toEqual([]);
        },
      ),
    );
  });
});
