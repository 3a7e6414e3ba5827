import { describe, expect, it } from 'vitest';
import type { GrowthSchoolName } from '../../spec/choices/index.js';
import { growthSchools } from '../schools/index.js';
import type { BlockSpec, RecoverySpec } from '../../spec/index.js';
import { METRES_PER_MILE } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import { layPhases } from '../phases/lay-phases.js';
import { marathon } from '../../testing/examples.js';
import { recoveryWeeks } from '../frame/recovery-weeks.js';

const every = (weeks: RecoverySpec['every']): RecoverySpec => ({
  every: weeks,
  depth: 0.25,
  reEntry: 'resume',
});

describe('recovery weeks', () => {
  it.each<[RecoverySpec['every'], number, number[]]>([
    [4, 15, [4, 8, 12]],
    [3, 13, [3, 6, 9, 12]],
    [6, 13, [6, 12]],
    // Due in the week before the taper: one more, and the last ones nearer together.
    [5, 15, [5, 10, 13]],
    [4, 12, [4, 7, 10]],
    [4, 3, []],
    ['none', 15, []],
  ])('every %s of %d weeks before the taper', (cadence, building, expected) => {
    expect([...recoveryWeeks(every(cadence), building)]).toEqual(expected);
  });

  it('never leave more building weeks in a row than asked, nor stand on the taper’s eve', () => {
    for (const cadence of [3, 4, 5, 6] as const) {
      for (let building = 1; building <= 28; building++) {
        const weeks = [...recoveryWeeks(every(cadence), building)];
        const edges = [0, ...weeks, building + 1];
        const stretches = edges.slice(1).map((edge, index) => edge - (edges[index] ?? 0) - 1);
        expect(Math.max(...stretches), `every ${cadence} of ${building}`).toBeLessThan(cadence);
        expect(weeks).not.toContain(building);
      }
    }
  });

  it('move the edges of phases that close with one: base 6 of 15 weeks ends in week 4 or 8', () => {
    const closing = { layout: 'base-strength-intervals-taper', own: [] } as const;
    const rested = new Set([4, 8, 12]);
    const ends = layPhases({ ...closing, own: [] }, 18, 3, rested).map(
      ({ firstWeek, weeks }) => firstWeek + weeks - 1,
    );
    expect(ends).toEqual([4, 12, 15, 18]);
  });

  it('takes the coach’s depth off the last building week', () => {
    const deep = { ...marathon.volume, recovery: { ...every(4), depth: 0.4 } };
    const { weeks } = layOut({ ...marathon, volume: deep });
    expect(weeks[3]?.volume).toBe(Math.round((weeks[2]?.volume ?? 0) * 0.6e-3) * 1000);
  });

  // Week 6 begins on Monday 18 January; week 5 is the first after a week of rest, and so is 9.
  it.each([
    ['two days ill in week 6', '2027-01-19', 7, 9],
    ['six days ill in week 6, and as many to come back', '2027-01-23', 9, 10],
  ])('no school rises at once after an illness: %s', (_, to, back, rising) => {
    for (const reEntry of ['resume', 'one-step-above'] as const) {
      const { weeks } = layOut({
        ...marathon,
        volume: { ...marathon.volume, recovery: { ...every(4), reEntry } },
        events: [{ kind: 'illness', name: 'A cold', from: '2027-01-18', to }],
      });
      expect(weeks[back - 1]?.volumeRule).toBe('re-entry');
      expect(weeks[back - 1]?.volume).toBe(weeks[4]?.volume);
      expect(weeks[rising - 1]?.volume).toBeGreaterThan(weeks[4]?.volume ?? 0);
    }
  });

  it('is never rounded to less than the least that a check asks, in whole miles', () => {
    const shares = Array.from({ length: 40 }, (_, more) => {
      const week = (20 + more) * METRES_PER_MILE;
      const block = layOut({
        athlete: { unit: 'mi', recentWeeks: [week, week, week, week] },
        race: marathon.race,
        weeks: 14,
        volume: { recovery: { ...every(4), depth: 0.2 } },
      });
      expect(block.findings.map(({ check }) => check)).not.toContain('recovery-too-shallow');
      return (block.weeks[3]?.volume ?? NaN) / (block.weeks[2]?.volume ?? NaN);
    });
    expect(Math.max(...shares)).toBeLessThanOrEqual(0.8 + 1e-9);
  });

  it('re-enters at the last building week, or one step above it', () => {
    const block = (reEntry: RecoverySpec['reEntry']) =>
      layOut({ ...marathon, volume: { ...marathon.volume, recovery: { ...every(4), reEntry } } })
        .weeks;
    expect(block('resume')[4]?.volume).toBe(block('resume')[2]?.volume);
    const above = block('one-step-above');
    expect(above[4]?.volume).toBeGreaterThan(above[2]?.volume ?? 0);
  });
});

describe('growth schools, one rise worked by hand', () => {
  const rise = { last: 60_000, start: 50_000, peak: 80_000, taken: 1, needed: 0.08 };
  const wish = { cap: 0.1, step: 6000, hold: 3, rises: 3, wayBack: 0.05 };

  it.each<[GrowthSchoolName, number, number]>([
    ['percentage', 1, 64_800],
    ['fixed-step', 1, 66_000],
    ['step-and-hold', 0, 60_000],
    ['step-and-hold', 1, 60_000],
    ['step-and-hold', 2, 66_000],
    ['straight-to-peak', 1, 70_000],
    ['straight-to-peak', 2, 80_000],
    ['alternating', 1, 57_000],
    // 1.1 / 0.95 of 60 km: a tenth above the week before the way back.
    ['alternating', 2, 69_473.684211],
  ])('%s after %d rises: %d m', (school, taken, metres) => {
    expect(growthSchools[school].next({ ...rise, taken }, wish)).toBeCloseTo(metres, 6);
  });

  it('go as far back, and as straight to the peak, as they are told', () => {
    const after = (school: GrowthSchoolName, taken: number, own: object) =>
      growthSchools[school].next({ ...rise, taken }, { ...wish, ...own });
    // 60 km less 10%; up by twice the 8% needed and the 10% lost, at most to 10% above the height before.
    expect(after('alternating', 1, { wayBack: 0.1 })).toBeCloseTo(54_000, 6);
    expect(after('alternating', 2, { wayBack: 0.1 })).toBeCloseTo((60_000 / 0.9) * 1.1, 6);
    // Half of the way from 50 to 80 km, then all of it.
    expect(after('straight-to-peak', 0, { rises: 2 })).toBeCloseTo(65_000, 6);
    expect(after('straight-to-peak', 1, { rises: 2 })).toBeCloseTo(80_000, 6);
  });

  it('never climb past the peak', () => {
    for (const school of Object.keys(growthSchools) as GrowthSchoolName[]) {
      const given: BlockSpec = { ...marathon, volume: { ...marathon.volume, growth: { school } } };
      const heaviest = Math.max(...layOut(given).weeks.map(({ volume }) => volume));
      expect(heaviest, school).toBeLessThanOrEqual(92_000);
    }
  });
});

describe('rounding under the cap', () => {
  it('goes to tenths where whole kilometres would never leave the start', () => {
    const { weeks, feasible } = layOut({
      ...marathon,
      athlete: { ...marathon.athlete, recentWeeks: [], longestRecentRun: undefined },
      volume: {
        ...marathon.volume,
        start: 8000,
        peak: 12_000,
        growth: { school: 'percentage', cap: 0.05 },
      },
      longRun: {},
      week: { runDays: 3 },
    });
    expect(feasible.feasible).toBe(true);
    expect(Math.max(...weeks.map(({ volume }) => volume))).toBe(12_000);
  });

  it('reaches what the cap allows to within a shown step when the peak is too high', () => {
    const { weeks, feasible } = layOut({
      ...marathon,
      volume: { ...marathon.volume, peak: 200_000 },
    });
    expect(feasible.feasible).toBe(false);
    const heaviest = Math.max(...weeks.map(({ volume }) => volume));
    expect(heaviest).toBeLessThanOrEqual(feasible.reachablePeak + 1);
    expect(heaviest).toBeGreaterThanOrEqual(feasible.reachablePeak - 1000);
  });
});

describe('pins ahead', () => {
  it('are climbed to under the cap where there is room', () => {
    const { weeks, findings } = layOut({ ...marathon, pins: [{ week: 6, volume: 78_000 }] });
    expect(weeks[5]?.volume).toBe(78_000);
    expect(findings.map(({ check }) => check)).not.toContain('growth-over-cap');
  });

  it('are flagged where there is none', () => {
    const { findings } = layOut({ ...marathon, pins: [{ week: 2, volume: 78_000 }] });
    expect(findings).toContainEqual(
      expect.objectContaining({
        check: 'growth-over-cap',
        weeks: [2],
        value: 78 / 55 - 1,
        limit: 0.1,
      }),
    );
  });
});

describe('weeks that are cut by turns', () => {
  // Weeks 4, 8 are recovery weeks, races stand in 6 and 10: every building week after the third follows a cut.
  const { weeks, spec, findings } = layOut({
    athlete: { recentWeeks: [60_000, 60_000, 60_000, 60_000] },
    race: { name: 'Lantern Bay', date: '2027-05-09', distance: 42_195 },
    weeks: 14,
    week: { runDays: 6 },
    events: [
      { kind: 'tune-up-race', name: 'Gullstone', from: '2027-03-14', distance: 10_000 },
      { kind: 'tune-up-race', name: 'Skerry', from: '2027-04-11', distance: 5000 },
    ],
  });

  it('resume once and grow the next time: none would ever grow else', () => {
    const rules = weeks.slice(3, 11).map(({ volumeRule }) => volumeRule);
    expect(rules).toEqual([
      'recovery',
      're-entry',
      'event',
      'rise',
      'recovery',
      're-entry',
      'event',
      'peak',
    ]);
    expect(weeks[6]?.volume).toBeGreaterThan(weeks[4]?.volume ?? Infinity);
    expect(weeks[8]?.volume).toBe(weeks[6]?.volume);
    expect(weeks[10]?.volume).toBe(spec.volume.peak);
  });

  it('are not held at a peak from the third week on', () => {
    expect(findings.map(({ check }) => check)).not.toContain('too-long-at-peak');
  });
});

describe('a week that a day away cut, though not to a recovery week', () => {
  const cutIn = (reEntry: 'resume' | 'one-step-above') => {
    const recovery = { every: 'none', depth: 0.25, reEntry } as const;
    // Tuesday and Wednesday of week 6: one finds Thursday, five of its six runs are left.
    const away = { kind: 'away', name: 'Away', from: '2027-01-19', to: '2027-01-20' } as const;
    const given = { ...marathon, volume: { ...marathon.volume, recovery }, events: [away] };
    return layOut(given).weeks.map(({ volume, recovery: is }) => ({ volume, recovery: is }));
  };

  it('is resumed from as one is, where the block resumes', () => {
    const [before, cut, after] = cutIn('resume').slice(4, 7);
    // 67 km, at most five sixths of them (55.8) in runs no longer than they were, and 67 again.
    expect([before, cut, after].map((week) => week?.volume)).toEqual([67_000, 46_000, 67_000]);
    expect(cut?.recovery).toBe(false);
  });

  it('is gone one step above, where the block does that', () => {
    const [before, , after] = cutIn('one-step-above').slice(4, 7);
    expect(after?.volume).toBeGreaterThan(before?.volume ?? Infinity);
  });
});
