import { describe, expect, it } from 'vitest';
import { resolveSpec } from '../layout/index.js';
import { validateSpec } from '../layout/validate/index.js';
import type { FixedWeekday, PatternDay } from '../spec/days/index.js';
import { layOut } from '../lay-out.js';
import { marathon } from '../testing/examples.js';
import { templateDays, templateEvents } from './template-dates.js';
import { type Template, fromTemplate, partsOf, withoutParts } from './template.js';

// From 55 to 92 km; week 7 pinned at 73.5, half-way up, and week 4 at 44, four fifths of the start.
const template: Template = {
  basis: 'distance',
  distance: 42_195,
  weeks: 18,
  phases: marathon.phases,
  volume: marathon.volume,
  longRun: marathon.longRun,
  taper: { school: 'long-descent' },
  week: marathon.week,
  pins: [
    { week: 4, volume: 44_000 },
    { week: 7, volume: 73_500 },
  ],
};

describe('a template', () => {
  const given = {
    athlete: { ...marathon.athlete, recentWeeks: [30_000, 30_000, 30_000, 30_000] },
    race: marathon.race,
    volume: { peak: 50_000 },
  };

  it('is scaled to another athlete’s start and peak; what lies between keeps its place', () => {
    const { spec } = layOut(fromTemplate(template, given));
    expect(spec.volume).toMatchObject({ start: 30_000, peak: 50_000 });
    expect(spec.taper.school).toBe('long-descent');
    // Four fifths of 30 are 24; half-way from 30 to 50 is 40.
    expect(spec.pins).toEqual([
      { week: 4, volume: 24_000 },
      { week: 7, volume: 40_000 },
    ]);
  });

  it('keeps its ways with the long run, and takes the athlete’s figures', () => {
    const own = { ...template, longRun: { ...template.longRun, lastPeakWeeksOut: 2 } };
    const { longRun } = layOut(fromTemplate(own, given)).spec;
    expect(longRun.lastPeakWeeksOut).toBe(2);
    expect(longRun.peak).toBeLessThan(layOut(marathon).spec.longRun.peak);
  });

  it('keeps the weeks to go of what stands in single weeks, in a block of other length', () => {
    const numbered: Template = {
      ...template,
      volume: { ...template.volume, recovery: { weeks: [4, 8, 12] } },
      week: { ...template.week, fixed: [{ weekday: 'monday', weeks: [3, 9], amount: 8000 }] },
      rotations: [{ on: 'tuesday', turn: ['tempo'], weeks: [2, 3] }],
    };
    const weeksIn = (weeks: number) => {
      const { pins, volume, week, rotations } = resolveSpec(
        fromTemplate(numbered, { ...given, weeks }),
      );
      const inWeeks = [week.fixed?.map((each) => each.weeks), rotations?.map((each) => each.weeks)];
      return [pins.map((pin) => pin.week), volume.recovery.weeks, ...inWeeks];
    };
    expect(weeksIn(18)).toEqual([[4, 7], [4, 8, 12], [[3, 9]], [[2, 3]]]);
    expect(weeksIn(20)).toEqual([[6, 9], [6, 10, 14], [[5, 11]], [[4, 5]]]);
    // Six weeks fewer: week 7 has eleven to go still, and what stood in the first six is left out.
    expect(weeksIn(12)).toEqual([[1], [2, 6], [[3]], []]);
  });

  it('asks no hard days of the often hurt, nor more run days than are free', () => {
    const athlete = {
      ...given.athlete,
      oftenHurt: true,
      unavailable: ['monday', 'friday'] as ('monday' | 'friday')[],
    };
    const spec = resolveSpec(fromTemplate(template, { ...given, athlete }));
    expect(spec.week.qualityOn).toEqual([]);
    expect(spec.week.runDays).toBe(5);
  });

  it('has nobody under 18 run twice a day, by the pattern, a weekday or a date', () => {
    const pattern: PatternDay[] = [
      { role: 'easy', double: true },
      { role: 'quality', double: true },
      { role: 'easy' },
      { role: 'rest' },
      { role: 'easy' },
      { role: 'easy' },
      { role: 'long' },
    ];
    const fixed: FixedWeekday[] = [{ weekday: 'monday', amount: 12_000, firstRun: 4000 }];
    const session = '6 x 1 km @ 10-km, 90 s jog';
    const twice = { session, amount: 20_000, otherRun: { amount: 8000, first: true } };
    const week = { ...template.week, days: pattern, fixed };
    const from: Template = {
      ...template,
      week,
      days: [{ toGo: 4, weekday: 'tuesday', ...twice }],
    };
    const laidFor = (birthYear: number) =>
      fromTemplate(from, { ...given, athlete: { ...given.athlete, birthYear } });
    const [junior, adult] = [laidFor(2012), laidFor(1990)];
    expect(adult.week?.days?.filter(({ double }) => double)).toHaveLength(2);
    expect(adult.week?.fixed?.[0]?.firstRun).toBe(4000);
    expect(adult.days?.[0]?.otherRun?.first).toBe(true);
    expect(junior.week?.days?.some(({ double }) => double)).toBe(false);
    expect(junior.week?.fixed).toMatchObject([{ amount: 12_000, firstRun: undefined }]);
    // Its session is as long as it is written.
    expect(junior.days).toMatchObject([{ session, amount: undefined, otherRun: undefined }]);
    const stops = layOut(junior).findings.filter(({ level }) => level === 'stop');
    expect(stops.map(({ check }) => check)).not.toContain('under-18-doubles');
  });

  it('leaves the often hurt what was fixed of easy days, and nothing that may be hard', () => {
    const fixed: FixedWeekday[] = [
      { weekday: 'tuesday', role: 'quality' },
      { weekday: 'wednesday', role: 'easy', session: '8 km easy; 6 x 20 s strides' },
      { weekday: 'thursday', role: 'rest' },
      { weekday: 'saturday', addOn: 'drills' },
    ];
    const from = { ...template, week: { ...template.week, fixed } };
    const fixedFor = (oftenHurt: boolean) =>
      fromTemplate(from, { ...given, athlete: { ...given.athlete, oftenHurt } }).week?.fixed;
    expect(fixedFor(false)?.map(({ weekday }) => weekday)).toEqual([
      'tuesday',
      'wednesday',
      'thursday',
      'saturday',
    ]);
    expect(fixedFor(true)?.map(({ weekday }) => weekday)).toEqual(['thursday', 'saturday']);
  });

  it('goes from distance to time', () => {
    const athlete = { ...given.athlete, basis: 'time' as const, recentWeeks: [10_800] };
    const spec = resolveSpec(fromTemplate(template, { athlete, race: marathon.race }));
    expect(spec.volume.start).toBe(10_800);
    expect(validateSpec(spec)).toEqual([]);
  });

  it('keeps written days and races on the way by weeks to go, on a race of another weekday too', () => {
    const spec = resolveSpec({
      ...marathon,
      // Both in week 10 of 18: eight weeks to go.
      days: [
        { date: '2027-02-16', amount: 12_000, role: 'easy' },
        { date: '2027-02-18', session: '10 x 400 m @ 5 km, 1 min jog', role: 'quality' },
      ],
      events: [
        { kind: 'tune-up-race', name: 'Gullstone 10', from: '2027-02-21', distance: 10_000 },
        { kind: 'illness', name: 'A cold', from: '2027-01-04', to: '2027-01-06' },
      ],
    });
    const kept = { ...template, days: templateDays(spec), events: templateEvents(spec) };
    expect(kept.days[0]).toEqual({ toGo: 8, weekday: 'tuesday', amount: 12_000, role: 'easy' });
    expect(kept.events.map(({ name }) => name)).toEqual(['Gullstone 10']);
    const race = { ...marathon.race, date: '2027-05-29' };
    const other = fromTemplate(kept, { ...given, race });
    // The week of Saturday 29 May begins on the 24th; eight weeks before it is 29 March.
    expect(other.days).toMatchObject([
      // 50 of 92 km at the peak: 12 km are 7 in whole kilometres.
      { date: '2027-03-30', amount: 7000 },
      { date: '2027-04-01', session: '10 x 400 m @ 5 km, 1 min jog' },
    ]);
    expect(other.events).toMatchObject([{ name: 'Gullstone 10', from: '2027-04-04' }]);
    expect(validateSpec(resolveSpec(other))).toEqual([]);
  });

  it('leaves a short day something to run, and goes from distance to time in weekdays too', () => {
    const day = { toGo: 8, weekday: 'tuesday', amount: 2000, firstRun: 1500 } as const;
    const small = { ...given, volume: { peak: 33_000 } };
    // A third of 2 km is less than a kilometre: one run of one.
    expect(fromTemplate({ ...template, days: [day] }, small).days).toMatchObject([
      { amount: 1000, firstRun: undefined },
    ]);
    const session = '6 x 400 m @ 5 km, 1 min jog';
    const twice = (amount: number | undefined) => {
      const { firstRun: _, ...of } = day;
      const days = [{ ...of, amount, session, otherRun: { amount: 4000, first: true } }];
      return fromTemplate({ ...template, days }, small).days?.[0]?.otherRun;
    };
    // A third of 4 km; of a day of 6 km that leaves one to the session.
    expect(twice(undefined)).toEqual({ amount: 1000, first: true });
    expect([twice(6000), twice(4500)]).toEqual([
      { amount: 1000, first: true },
      { amount: 1000, first: true },
    ]);
    const week = { ...marathon.week, fixed: [{ weekday: 'monday' as const, amount: 10_000 }] };
    const weekly = { ...template, week };
    expect(fromTemplate(weekly, given).week?.fixed?.[0]?.amount).toBe(10_000);
    const athlete = { ...given.athlete, basis: 'time' as const, recentWeeks: [10_800] };
    const timed = resolveSpec(fromTemplate(weekly, { athlete, race: marathon.race }));
    // 10 of 92 km at the peak are as much of its minutes.
    const monday = timed.week.fixed?.[0]?.amount ?? 0;
    expect(Math.abs(monday - (10 / 92) * timed.volume.peak)).toBeLessThan(300);
  });

  it('names its parts, and leaves out those that are not wanted', () => {
    const rules = { values: { 'volume.growthCap': 0.05 } };
    const whole = { ...template, overrides: rules, days: [], events: [] };
    expect(partsOf(whole).map(({ part }) => part)).toEqual(['weeks', 'rules']);
    const bare = withoutParts(whole, ['weeks', 'rules']);
    expect(partsOf(bare)).toEqual([]);
    expect(fromTemplate(bare, given).pins).toEqual([]);
  });
});
