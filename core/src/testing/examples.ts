import fc from 'fast-check';
import {
  growthSchoolNames,
  ladderNames,
  phaseLayoutNames,
  segmentNames,
  taperSchoolNames,
} from '../spec/choices/index.js';
import {
  type BlockEvent,
  eventCharacters,
  type EventKind,
  eventKinds,
} from '../spec/days/index.js';
import { addDays, countBack, weekdays } from '../base/index.js';
import type { BlockSpec } from '../spec/index.js';
import { validateSpec } from '../layout/index.js';
import { fromDayNumber, toDayNumber } from '../base/civil-date.js';

/** A marathon block by distance with nothing pinned; 18 weeks from Monday 2026-12-14. */
export const marathon: BlockSpec = {
  athlete: {
    name: 'Idris Vale',
    basis: 'distance',
    unit: 'km',
    birthYear: 1991,
    recentWeeks: [52_000, 55_000, 54_000, 57_000],
    longestRecentRun: 19_000,
    results: [{ date: '2026-11-08', distance: 10_000, time: 2430 }],
  },
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195, goalTime: 11_700 },
  weeks: 18,
  weekStartsOn: 'monday',
  phases: { layout: 'four-equal-parts' },
  volume: {
    start: 55_000,
    peak: 92_000,
    holdAtPeak: 2,
    growth: { school: 'percentage', cap: 0.1 },
    recovery: { every: 4, depth: 0.25, reEntry: 'one-step-above' },
  },
  longRun: { start: 19_000, peak: 32_000, ladder: 'straight', lastPeakWeeksOut: 3 },
  taper: { school: 'three-steps' },
  week: { runDays: 6, longRunOn: 'sunday', qualityOn: ['tuesday', 'friday'], restOn: ['thursday'] },
};

const day = fc.integer({ min: toDayNumber('2024-01-01'), max: toDayNumber('2036-12-31') });
const weekday = fc.constantFrom(...weekdays);

/** Random valid spec by distance: every school, unit and length; pins inside the block. */
export const anyWishes: fc.Arbitrary<BlockSpec> = fc
  .record({
    race: day.map(fromDayNumber),
    distance: fc.constantFrom(800, 1500, 5000, 10_000, 21_097.5, 42_195),
    unit: fc.constantFrom('km' as const, 'mi' as const),
    basis: fc.constantFrom('distance' as const, 'time' as const),
    weeks: fc.integer({ min: 4, max: 30 }),
    fixedStartDay: fc.option(fc.integer({ min: 0, max: 6 }), { nil: undefined }),
    weekStartsOn: weekday,
    layout: fc.constantFrom(...phaseLayoutNames.filter((name) => name !== 'own')),
    start: fc.integer({ min: 10, max: 120 }),
    rise: fc.double({ min: 1, max: 2.5, noNaN: true }),
    holdAtPeak: fc.integer({ min: 1, max: 5 }),
    school: fc.constantFrom(...growthSchoolNames),
    cap: fc.double({ min: 0.01, max: 0.25, noNaN: true }),
    every: fc.constantFrom(3, 4, 5, 6, 'none'),
    depth: fc.double({ min: 0.2, max: 0.4, noNaN: true }),
    reEntry: fc.constantFrom('resume' as const, 'one-step-above' as const),
    ladder: fc.constantFrom(...ladderNames),
    taper: fc.constantFrom(...taperSchoolNames),
    runDays: fc.integer({ min: 2, max: 7 }),
    longRunOn: weekday,
    away: fc.uniqueArray(weekday, { maxLength: 3 }),
    rest: fc.uniqueArray(weekday, { maxLength: 2 }),
    segment: fc.constantFrom(...segmentNames),
    taperDepth: fc.option(fc.double({ min: 0.1, max: 0.9, noNaN: true }), { nil: undefined }),
    peakWeek: fc.option(fc.integer({ min: 1, max: 30 }), { nil: undefined }),
    recoveryWeeks: fc.option(fc.uniqueArray(fc.integer({ min: 2, max: 29 }), { maxLength: 5 }), {
      nil: undefined,
    }),
    onTheWay: fc.array(
      fc.record({
        kind: fc.constantFrom(...eventKinds),
        daysOut: fc.integer({ min: 3, max: 200 }),
        length: fc.integer({ min: 1, max: 12 }),
        distance: fc.constantFrom(1500, 5000, 10_000, 21_097.5),
      }),
      { maxLength: 2 },
    ),
    pins: fc.uniqueArray(
      fc.record({
        week: fc.integer({ min: 2, max: 30 }),
        volume: fc.option(fc.integer({ min: 40, max: 1000 }), { nil: undefined }),
        share: fc.option(fc.double({ min: 0.1, max: 0.9, noNaN: true }), { nil: undefined }),
      }),
      { maxLength: 3, selector: (pin) => pin.week },
    ),
  })
  .map((r) => {
    const unit = r.basis === 'time' ? 300 : 1000;
    const given: BlockSpec = {
      athlete: { name: 'Idris Vale', basis: r.basis, unit: r.unit, unavailable: r.away },
      race: { name: 'Lantern Bay Marathon', date: r.race, distance: r.distance },
      ...(r.fixedStartDay === undefined
        ? { weeks: r.weeks }
        : { start: addDays(countBack(r.race, r.weeks, r.weekStartsOn), r.fixedStartDay) }),
      weekStartsOn: r.weekStartsOn,
      phases: { layout: r.layout },
      volume: {
        start: r.start * unit,
        peak: Math.round(r.start * r.rise * unit),
        holdAtPeak: r.holdAtPeak,
        growth: { school: r.school, cap: r.cap },
        peakWeek: r.peakWeek,
        recovery: {
          every: r.every as 3 | 4 | 5 | 6 | 'none',
          depth: r.depth,
          reEntry: r.reEntry,
          weeks: r.recoveryWeeks?.sort((a, b) => a - b),
        },
      },
      longRun: { ladder: r.ladder, segment: r.segment },
      taper: { school: r.taper, depth: r.taperDepth },
      week: { runDays: r.runDays, longRunOn: r.longRunOn, restOn: r.rest },
      pins: r.pins
        .filter(({ week }) => week <= r.weeks - 1)
        .map(({ week, volume, share }) => ({
          week,
          volume: volume === undefined ? undefined : volume * (unit / 10),
          longRun:
            share === undefined ? undefined : Math.round((volume ?? 200) * share) * (unit / 10),
        }))
        .filter(({ volume, longRun }) => volume !== undefined || longRun !== undefined),
    };
    // What cannot stand where it fell is left out: examining it has tests of its own.
    return r.onTheWay.map(eventOn(r.race)).reduce((kept, event) => {
      const events = [...(kept.events ?? []), event];
      const tried = { ...kept, events };
      return validateSpec(tried).length === 0 ? tried : kept;
    }, given);
  });

function eventOn(raceDay: string) {
  return (r: {
    kind: EventKind;
    daysOut: number;
    length: number;
    distance: number;
  }): BlockEvent => {
    const from = addDays(raceDay, -r.daysOut);
    const isRace = eventCharacters[r.kind].isRace;
    return {
      kind: r.kind,
      name: 'Ostrel',
      from,
      ...(isRace ? { distance: r.distance } : { to: addDays(from, r.length - 1) }),
    };
  };
}
