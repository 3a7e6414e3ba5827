import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, sum } from './base/index.js';
import { applyChange } from './edit/index.js';
import { layOut } from './lay-out.js';
import type { Block } from './layout/block/index.js';
import { validateSpec } from './layout/validate/index.js';
import type { BlockSpec } from './spec/index.js';
import { expectAlike } from './testing/alike.js';
import { anyDayFor, anySpec } from './testing/any-spec.js';
import { marathon } from './testing/examples.js';
import { handedOut } from './testing/handed-out.js';
import { holdFor } from './testing/hold-for.js';

/** All that is said of a block's days, without the spec it was asked by. */
function daysOf(block: Block) {
  const weeks = JSON.parse(JSON.stringify(block.weeks)) as Block['weeks'];
  return weeks.flatMap(({ days }) => days);
}

// Week 9 of the marathon's 18 begins on Monday 8 February 2027.
const WEDNESDAY = '2027-02-10';

describe('a block that has begun, edited on the Wednesday of week 9', () => {
  const before = layOut(marathon);
  const history = handedOut(before);
  const edit = (change: Partial<BlockSpec>) =>
    layOut({ ...marathon, ...change }, { asOf: WEDNESDAY, history });
  const over = before.weeks.flatMap(({ days }) => days).filter(({ date }) => date < WEDNESDAY);

  it.each<[string, Partial<BlockSpec>]>([
    ['a heavier week to come', { pins: [{ week: 12, volume: 90_000 }] }],
    ['a pin on a week that is over', { pins: [{ week: 3, volume: 20_000 }] }],
    ['another peak', { volume: { ...marathon.volume, peak: 84_000 } }],
    ['another school', { volume: { ...marathon.volume, growth: { school: 'fixed-step' } } }],
    ['other days', { week: { runDays: 4, longRunOn: 'saturday' } }],
    ['an injury', { athlete: { ...marathon.athlete, injured: true } }],
    ['another ladder', { longRun: { ...marathon.longRun, ladder: 'alternating' } }],
  ])('leaves the days before as they were handed out: %s', (_, change) => {
    const after = edit(change);
    expect(daysOf(after).slice(0, over.length)).toEqual(JSON.parse(JSON.stringify(over)));
    expect(after.weeks.slice(0, 8)).toEqual(handedWeeks(before, after));
  });

  it('deals the rest of this week out to the days to come', () => {
    const after = edit({ pins: [{ week: 9, volume: 60_000 }] });
    const week = after.weeks[8];
    expect(sum(week?.days.map(({ distance }) => distance) ?? [])).toBe(60_000);
    expect(week?.days.slice(0, 2)).toEqual(
      (JSON.parse(JSON.stringify(before)) as Block).weeks[8]?.days.slice(0, 2),
    );
  });

  it('grows on from the weeks as they were: week 10 after 75 km is 82.5 at the most', () => {
    expect(before.weeks[8]?.volume).toBe(75_000);
    const lower = handedOut(layOut({ ...marathon, volume: { ...marathon.volume, peak: 70_000 } }));
    const after = layOut(marathon, { asOf: WEDNESDAY, history: lower });
    const last = after.weeks[8]?.volume ?? 0;
    expect(last).toBeLessThan(75_000);
    expect(after.weeks[9]?.volume).toBeLessThanOrEqual(last * 1.1);
  });

  it('runs no second long run in a week whose long run is over', () => {
    const sunday = addDays(WEDNESDAY, 4);
    const after = layOut(
      { ...marathon, week: { ...marathon.week, longRunOn: 'monday' } },
      { asOf: sunday, history },
    );
    const long = after.weeks[8]?.days.filter(({ role }) => role === 'long');
    expect(long).toHaveLength(0);
  });
});

/** Weeks that are over: days, amounts and rules as they were; number, events and what they come to as now. */
function handedWeeks(before: Block, after: Block) {
  const written = (JSON.parse(JSON.stringify(before)) as Block).weeks;
  return after.weeks.slice(0, 8).map((week, index) => ({
    ...written[index],
    segment: written[index]?.segment,
    events: week.events,
    number: week.number,
  }));
}

const begun = anySpec.chain((spec) =>
  fc.record({ spec: fc.constant(spec), asOf: anyDayFor(spec), other: anySpec }),
);

describe('any block that has begun', () => {
  it('keeps the peak that its runs hold once a day of it is over', () => {
    // 7 miles are the peak of a start of 11 km in whole miles; two runs a week hold 5: it stays at 11 km.
    const spec: BlockSpec = {
      athlete: {
        ...marathon.athlete,
        unit: 'mi',
        recentWeeks: [8000],
        longestRecentRun: 3000,
        results: [],
      },
      race: { name: 'Pier 800', date: '2034-02-26', distance: 800 },
      weeks: 4,
      weekStartsOn: 'thursday',
      volume: { start: 11_000 },
      week: { runDays: 2, longRunOn: 'monday' },
    };
    const before = layOut(spec);
    const now = layOut(spec, { asOf: '2034-02-07', history: handedOut(before) });
    expect(now.spec.volume.peak).toBe(before.spec.volume.peak);
    expect(daysOf(now)).toEqual(daysOf(before));
  });

  it('tapers from what an illness was to leave of the only week before it, not from what its runs came to', () => {
    // Six sevenths of 25 km are 21; two days beside a long run of 7 km hold 5 each, and no more.
    const spec: BlockSpec = {
      athlete: { ...marathon.athlete, recentWeeks: [25_000], results: [] },
      race: { name: 'Pier 800', date: '2024-07-21', distance: 800 },
      weeks: 5,
      phases: { layout: 'four-equal-parts' },
      volume: { growth: { cap: 0.01 }, recovery: { every: 3, depth: 0.1 } },
      week: { qualityOn: [], outdoorRuns: 1 },
      events: [{ kind: 'illness', name: 'Ill', from: '2024-06-23', to: '2024-06-30' }],
    };
    const before = layOut(spec);
    expect(before.weeks[0]?.volumeRule).toBe('event');
    const now = layOut(spec, { asOf: '2024-06-24', history: handedOut(before) });
    expect(daysOf(now)).toEqual(daysOf(before));
  });

  it('tapers from the start where only a short first week is whole, whatever its runs came to', () => {
    // Its one fixed Monday run holds the first three days down to 2 km of 4; an illness cuts the rest.
    const spec: BlockSpec = {
      athlete: { name: 'Idris Vale', unit: 'km', birthYear: 1950, results: [] },
      race: { name: 'Pier 800', date: '2025-11-11', distance: 800 },
      start: '2025-09-27',
      weekStartsOn: 'tuesday',
      phases: { layout: 'four-equal-parts' },
      volume: { start: 10_000, growth: { cap: 0.01, step: 1000 } },
      longRun: { ladder: 'straight', lastPeakWeeksOut: 1 },
      taper: { school: 'three-steps', depth: 0.1 },
      week: {
        outdoorRuns: 1,
        fixed: [{ weekday: 'monday', phases: ['foundation'], amount: 1000 }],
      },
      previousRace: { name: 'Ostrel', distance: 800, date: '2025-10-12' },
      events: [{ kind: 'illness', name: 'Ill', from: '2025-10-06', to: '2025-10-13' }],
    };
    const before = layOut(spec);
    expect(before.weeks[0]?.volume).toBe(2000);
    // One tenth off the start of 10 km.
    expect(before.weeks[5]).toMatchObject({ volume: 9000, volumeRule: 'taper' });
    const now = layOut(spec, { asOf: '2025-09-30', history: handedOut(before) });
    expect(daysOf(now)).toEqual(daysOf(before));
  });

  it('stays as it is while nothing is asked anew, whatever the day', () => {
    holdFor(
      fc.property(begun, ({ spec, asOf }) => {
        const before = layOut(spec);
        // A week that its runs hold down is gone on from as it came out, and the long runs with it.
        fc.pre(before.weeks.every(({ volumeRule }) => volumeRule !== 'bounded'));
        expectAlike(daysOf(layOut(spec, { asOf, history: handedOut(before) })), daysOf(before));
      }),
    );
  });

  it('keeps its past to the byte, whatever is asked of what is to come', () => {
    holdFor(
      fc.property(begun, ({ spec, asOf, other }) => {
        const { volume, longRun, taper, week, pins, days, sessions, phases } = other;
        const changed = applyChange(spec, {
          volume,
          longRun,
          taper,
          week,
          pins,
          days,
          sessions,
          phases,
        });
        fc.pre(validateSpec(changed).length === 0);
        const history = handedOut(layOut(spec));
        const then = history.map(({ day }) => day).filter(({ date }) => date < asOf);
        const now = daysOf(layOut(changed, { asOf, history })).filter(({ date }) => date < asOf);
        expectAlike(now, then);
      }),
    );
  });
});
