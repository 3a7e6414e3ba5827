import { describe, expect, it } from 'vitest';
import type { BlockSpec } from '../../spec/index.js';
import type { CheckCode } from '../../checks/index.js';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { apart } from './apart.js';
import type { Found } from './message-of.js';
import { where } from './where.js';

/** The sentence of the first finding of a check. */
function sentence(code: CheckCode, part: Partial<BlockSpec>): string | undefined {
  const { findings } = layOut({ ...marathon, ...part });
  return findings.find(({ check }) => check === code)?.message;
}

describe('a measured share in a sentence', () => {
  const weekTwo = (volume: number) =>
    sentence('growth-over-cap', { pins: [{ week: 2, volume }] })?.split(' above ')[0];

  it('is what a coach works out, to the nearest tenth', () => {
    // 62.6 over 55 km is 1.1382, 63 over 55 is 1.1455, 66 over 55 is 1.2.
    expect(weekTwo(62_600)).toBe('Week 2: 13.8%');
    expect(weekTwo(63_000)).toBe('Week 2: 14.5%');
    expect(weekTwo(66_000)).toBe('Week 2: 20%');
  });

  it('is never shown as the limit that it passes', () => {
    // 60.51 over 55 km is 1.1002; to the nearest tenth that is the cap.
    expect(weekTwo(60_510)).toBe('Week 2: 10.1%');
    expect(weekTwo(60_500)).toBeUndefined();
  });

  it('is the same out of a recovery week', () => {
    // 78 over 45 km is 1.7333, and 70% are allowed.
    const pins = [
      { week: 4, volume: 45_000 },
      { week: 5, volume: 78_000 },
    ];
    expect(sentence('jump-after-recovery', { pins })).toMatch(
      /^Week 5: 73\.3% above the recovery week before it; 70% is the most\./,
    );
  });
});

describe('a way out in a sentence', () => {
  it('is rounded so that it is enough', () => {
    // Five rises from 55 to 92 km need 10.84%: 10.8 would not do.
    const said = sentence('not-feasible', {
      weeks: 12,
      volume: { ...marathon.volume, growth: { school: 'percentage', cap: 0.05 } },
    });
    expect(said).toContain('grow 10.9% a week');
  });
});

describe('growth over the cap', () => {
  it('is said against the last week, or against those that a rise stands for', () => {
    const pins = [{ week: 2, volume: 66_000 }];
    expect(sentence('growth-over-cap', { pins })).toMatch(
      /20% above the last building week; your cap is 10%\./,
    );
    const growth = { school: 'step-and-hold', step: 14_000 } as const;
    const volume = { start: 55_000, peak: 83_000, growth };
    expect(sentence('growth-over-cap', { volume })).toMatch(
      /25.5% above the heaviest of the 3 building weeks before; a rise that stands for so many is 20% at most\./,
    );
    // An often hurt athlete's step is held to the cap alone, above the same weeks.
    const athlete = { ...marathon.athlete, oftenHurt: true };
    expect(sentence('growth-over-cap', { volume, athlete })).toMatch(
      /above the heaviest of the 3 building weeks before; your cap is 10%\./,
    );
  });
});

describe('what is the other way round', () => {
  it('is said so, and not as less than nothing', () => {
    // Week 8 recovers from week 7: 80 over 71 km is 12.7% more.
    const pins = [
      { week: 7, volume: 71_000 },
      { week: 8, volume: 80_000 },
    ];
    expect(sentence('recovery-too-shallow', { pins })).toMatch(
      /^Week 8: 13% above the last building week; under 20% it is not felt as rest\.$/,
    );
    // 92 km from Monday on, 4 of them on the eve where nobody ran, and 4 on Saturday before it: 92 km, a
    // short run on the long run’s own day aside, against 48 on the same six days of the heaviest week.
    const race = { ...marathon.race, date: '2027-04-16' };
    expect(sentence('taper-too-shallow', { race, pins: [{ week: 18, volume: 92_000 }] })).toMatch(
      /^Race week is 92% above the peak week; /,
    );
    const offset: [number, number] = [-50, 20];
    const paces = { table: [{ id: 'easy', name: 'Easy', base: { race: 42_195 }, offset }] };
    expect(sentence('easy-pace-too-fast', { paces })).toMatch(
      /^Its quick end is 50 s\/km quicker than marathon pace; it should be \d+ s\/km slower at least\./,
    );
  });
});

describe('where something is found', () => {
  const at = (...weeks: number[]): Found => ({ weeks, value: 1, limit: 0 });

  it('is said by its weeks, neighbours together, and the worst of them', () => {
    expect(where(at(5))).toBe('Week 5');
    expect(where(at(3, 4, 5, 9))).toBe('Weeks 3–5 and 9');
    expect(where(at(3, 4, 9))).toBe('Weeks 3, 4 and 9');
    const each = [{ ...at(3), value: 2 }, at(9)];
    expect(where({ ...at(3, 9), value: 2, each })).toBe('Weeks 3 and 9 (worst in week 3)');
    expect(where({ ...at(3, 9), each: [at(3), at(9)] })).toBe('Weeks 3 and 9');
  });
});

describe('a value and its limit', () => {
  const whole = { basis: 'distance', unit: 'km', step: 1 } as const;

  it('are never the same figure', () => {
    // 0.85 of 21 km are 17.85: 18 km is over it, and 17 is the most in whole kilometres.
    expect(apart({ value: 18_000, limit: 17_850 }, whole)).toEqual({
      value: '18 km',
      limit: '17 km',
    });
    // 17.6 km are shown as 18 too; the least of 17.7 is 18 in whole kilometres: tenths tell them apart.
    expect(apart({ value: 17_600, limit: 17_700 }, whole)).toEqual({
      value: '17.6 km',
      limit: '17.7 km',
    });
  });
});
