import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { BlockSpec } from '../../spec/index.js';
import type { Change } from '../change.js';
import { applyChange } from '../index.js';
import { findingsWithFixes, fixesOf, layOut } from '../../lay-out.js';
import { anySpec } from '../../testing/any-spec.js';
import { marathon } from '../../testing/examples.js';
import { holdFor } from '../../testing/hold-for.js';

const labels = (given: BlockSpec, check: string) => {
  const block = layOut(given);
  const finding = block.findings.find((found) => found.check === check);
  return finding ? fixesOf(block, finding).map(({ label }) => label) : undefined;
};

describe('fixes', () => {
  it('hand-worked: 66 km after 55 are lowered to 60.5 in steps of a kilometre, or unpinned', () => {
    expect(labels({ ...marathon, pins: [{ week: 2, volume: 66_000 }] }, 'growth-over-cap')).toEqual(
      expect.arrayContaining(['Fix week 2 at 60 km', 'Free week 2']),
    );
  });

  it('of an unreachable peak are the ways out', () => {
    const given: BlockSpec = {
      ...marathon,
      weeks: 12,
      volume: { ...marathon.volume, growth: { school: 'percentage', cap: 0.05 } },
    };
    // 55 km × 1.05⁵ are 70.2, laid out in tenths 69.9; 10.8% a week would do.
    const found = labels(given, 'not-feasible') ?? [];
    expect(found.some((label) => label.startsWith('Settle for 69.9 km'))).toBe(true);
    expect(found.some((label) => label.startsWith('Start 8 weeks earlier'))).toBe(true);
    expect(found.some((label) => label.startsWith('Grow up to 11%'))).toBe(true);
  });

  it('are sorted by what they leave', () => {
    const block = layOut({ ...marathon, pins: [{ week: 2, volume: 66_000 }] });
    const leaves = (change: Change) =>
      layOut(applyChange<BlockSpec>(block.spec, change)).findings.length;
    for (const finding of block.findings) {
      const left = fixesOf(block, finding).map(({ change }) => leaves(change));
      expect(left).toEqual([...left].sort((a, b) => a - b));
    }
  });

  it('of a long run over its share allow the worst of its weeks', () => {
    // 24 of 60 km are 40% of week 5, 25.2 of 60 are 42% of week 6.
    const pins = [
      { week: 5, volume: 60_000, longRun: 24_000 },
      { week: 6, volume: 60_000, longRun: 25_200 },
    ];
    expect(labels({ ...marathon, pins }, 'long-run-over-share')).toContain('Allow 42% of the week');
  });

  it('that would start before today are not offered', () => {
    const given: BlockSpec = { ...marathon, weeks: 11 };
    const block = layOut(given, { asOf: '2027-01-30' });
    const finding = block.findings.find(({ check }) => check === 'block-too-short');
    if (!finding) throw new Error('not found');
    expect(fixesOf(block, finding, { asOf: '2027-01-30' })).toEqual([]);
    expect(fixesOf(block, finding, { asOf: '2026-12-01' }).map(({ label }) => label)).toEqual([
      'Start a week earlier',
    ]);
  });

  it('come with a whole block for those who ask for it', () => {
    const findings = findingsWithFixes(
      layOut({ ...marathon, pins: [{ week: 2, volume: 66_000 }] }),
    );
    expect(findings.some(({ fixes }) => fixes.length > 0)).toBe(true);
  });

  it('each removes its finding and adds neither stop nor caution, whatever the spec', () => {
    holdFor(
      fc.property(anySpec, (given) => {
        const block = layOut(given);
        const known = new Set(block.findings.map(({ check, level }) => `${level} ${check}`));
        for (const finding of block.findings) {
          const lost = finding.weeks.map((week) => block.weeks[week - 1]?.toGo);
          for (const { change } of fixesOf(block, finding)) {
            const after = layOut(applyChange<BlockSpec>(block.spec, change));
            const left = after.findings.filter(
              ({ check, about }) => check === finding.check && about === finding.about,
            );
            const toGo = left.flatMap(({ weeks }) => weeks.map((w) => after.weeks[w - 1]?.toGo));
            expect(toGo.filter((week) => lost.includes(week))).toEqual([]);
            for (const { check, level } of after.findings) {
              if (level !== 'note') expect(known.has(`${level} ${check}`)).toBe(true);
            }
          }
        }
      }),
      { fixed: 15, random: 5 },
    );
  }, 60_000);
});

describe('waivers', () => {
  const waiver = { check: 'growth-over-cap', week: 2, reason: 'Camp.', value: 0.2 };
  const found = (volume: number, waivers: BlockSpec['waivers']) =>
    layOut({ ...marathon, pins: [{ week: 2, volume }], waivers }).findings.find(
      ({ check, weeks }) => check === 'growth-over-cap' && weeks.includes(2),
    );

  it('stand while the value is no worse', () => {
    expect(found(66_000, [waiver])).toMatchObject({ waived: 'Camp.' });
    expect(found(62_000, [waiver])).toMatchObject({ waived: 'Camp.' });
  });

  it('open again when it becomes worse', () => {
    const worse = found(67_000, [waiver]);
    expect(worse?.waived).toBeUndefined();
    expect(worse?.reopened).toBe('Camp.');
  });

  it('of version 1, without a value, stand', () => {
    const { value: _value, ...old } = waiver;
    expect(found(90_000, [old])).toMatchObject({ waived: 'Camp.' });
  });
});

describe('a check that is turned off', () => {
  it('is not made, unless it is a stop', () => {
    const given: BlockSpec = {
      ...marathon,
      athlete: { ...marathon.athlete, birthYear: 2010 },
      pins: [{ week: 2, volume: 66_000 }],
    };
    const codes = (off: string[]) =>
      layOut({ ...given, houseRules: { off } }).findings.map(({ check }) => check);
    expect(codes([])).toContain('growth-over-cap');
    const left = codes(['growth-over-cap', 'under-18-week']);
    expect(left).not.toContain('growth-over-cap');
    expect(left).toContain('under-18-week');
  });
});
