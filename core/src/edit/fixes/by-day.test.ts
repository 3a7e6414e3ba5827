import { describe, expect, it } from 'vitest';
import type { FixedDay } from '../../spec/days/index.js';
import { patternDays } from '../week/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { resolveSpec } from '../../layout/index.js';
import type { CheckCode } from '../../checks/index.js';
import { applyChange } from '../index.js';
import { fixesOf, layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';

const day = (date: string, wish: Omit<FixedDay, 'date'>): Partial<BlockSpec> => ({
  days: [{ date, ...wish }],
});
const raced = (from: string): Partial<BlockSpec> => ({
  events: [{ kind: 'tune-up-race', name: 'Gullstone 10', from, distance: 10_000 }],
});
const withDoubles: Partial<BlockSpec> = {
  week: { days: patternDays('six-with-doubles', resolveSpec(marathon)) },
};

/** For each check on days one block that it finds fault with, and a fix it is to offer. */
const cases: readonly [CheckCode, Partial<BlockSpec>, RegExp][] = [
  ['rest-before-hard', {}, /^Rest on Wednesdays$/],
  ['hard-days-adjacent', day('2026-12-16', { role: 'quality' }), /^Swap Tue .* and Mon /],
  ['semi-long-near-long', day('2026-12-16', { amount: 17_000 }), /^Reset Wed 16 Dec$/],
  ['run-too-short', day('2026-12-16', { amount: 2000 }), /^Reset Wed/],
  ['doubles-too-soon', withDoubles, /^Run once a day$/],
  [
    'under-18-doubles',
    { ...withDoubles, athlete: { ...marathon.athlete, birthYear: 2010 } },
    /^Run once a day$/,
  ],
  [
    'too-much-hard',
    day('2026-12-22', { session: '20 x 1000 m @ 10-km, 60 s jog' }),
    /^Reset Tue 22 Dec$/,
  ],
  ['too-little-hard', { sessions: [] }, /^Take the usual sessions of the speed phase$/],
  ['too-little-hard', { week: { ...marathon.week, qualityOn: [] } }, /^Place the usual hard days$/],
  [
    'too-little-hard',
    { sessions: [], week: { ...marathon.week, qualityOn: [] } },
    /^Place the usual hard days with their sessions$/,
  ],
  [
    'monotony',
    {
      week: { ...marathon.week, runDays: 7, restOn: [], qualityOn: [] },
      days: [22, 23, 24, 25, 26, 27].map((date) => ({ date: `2027-02-${date}`, amount: 12_000 })),
      overrides: { values: { 'week.mostMonotony': 1.74 } },
    },
    /^Rest on (Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)days of these weeks$/,
  ],
  ['taper-not-quick', { week: { ...marathon.week, qualityOn: [] } }, /^Strides on Mon .*, Mon /],
  ['race-pace-never', { sessions: [] }, /^Finish long runs at race pace$/],
  [
    'session-outside-days',
    {
      ...day('2026-12-17', { role: 'easy' }),
      athlete: { ...marathon.athlete, unavailable: ['thursday'] },
    },
    /^Reset Thu/,
  ],
  ['quality-in-easy-phase', day('2026-12-17', { role: 'quality' }), /^Run easy on T/],
  [
    'week-under-wish',
    {
      days: ['04', '05', '06', '07', '08', '09'].map((of) => ({
        date: `2027-01-${of}`,
        role: 'easy' as const,
        amount: 5000,
      })),
      pins: [{ week: 4, longRun: 14_000, volume: 60_000 }],
    },
    /^Reset Mon/,
  ],
  ['week-over-wish', day('2026-12-16', { amount: 40_000 }), /^Reset Wed/],
  ['strength-before-hard', day('2026-12-14', { strength: true }), /^Strength after/],
  ['fixed-day-overruled', day('2027-04-16', { role: 'quality' }), /^Reset Fri 16 Apr/],
  [
    'wish-not-kept',
    { ...raced('2027-02-13'), ...day('2027-02-13', { double: true }) },
    /^Run once/,
  ],
  [
    'wish-not-kept',
    { ...raced('2027-02-13'), ...day('2027-02-13', { addOn: 'strides' }) },
    /^Run without on Sat 13 Feb/,
  ],
  ['unknown-pace', day('2026-12-16', { session: '5 km @ warp' }), /^Reset Wed/],
  [
    'hard-running-jump',
    day('2027-01-19', { session: '9 x 1000 m @ 10-km, 90 s jog' }),
    /^Reset Tue 19 Jan/,
  ],
  [
    'cross-after-quality',
    {
      week: {
        days: (['easy', 'quality', 'cross-train', 'rest', 'easy', 'easy', 'long'] as const).map(
          (role) => ({ role }),
        ),
      },
    },
    /^Cross-train a day later$/,
  ],
];

describe.each(cases)('%s', (code, change, label) => {
  it('offers a fix that removes it', () => {
    const block = layOut({ ...marathon, ...change });
    const finding = block.findings.find(({ check }) => check === code);
    expect(finding).toBeDefined();
    const fixes = fixesOf(block, finding!);
    const fix = fixes.find((each) => label.test(each.label));
    expect(fixes.map((each) => each.label)).toContainEqual(expect.stringMatching(label));
    const mended = layOut(applyChange(block.spec, fix!.change));
    const same = (found: { check: string; weeks: number[] }) =>
      found.check === code && found.weeks.join() === finding!.weeks.join();
    expect(mended.findings.filter(same)).toEqual([]);
  });
});

describe('what a fix changes', () => {
  const fixed = (code: CheckCode, change: Partial<BlockSpec>, label: RegExp) => {
    const block = layOut({ ...marathon, ...change });
    const finding = block.findings.find(({ check }) => check === code);
    const fix = fixesOf(block, finding!).find((each) => label.test(each.label));
    return applyChange(block.spec, fix!.change);
  };

  it('rests on a day that was fixed to be long before the race, and takes its length', () => {
    const change = day('2027-04-14', { amount: 20_000 });
    const { days } = fixed('hard-effort-near-race', change, /^Rest /);
    expect(days).toEqual([{ date: '2027-04-14', role: 'rest' }]);
  });
});
