import { describe, expect, it } from 'vitest';
import type { BlockSpec } from '../../spec/index.js';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { type RecoveryCadenceName, reEntrySchools, recoveryCadences } from './recovery.js';

type Recovery = NonNullable<NonNullable<BlockSpec['volume']>['recovery']>;
/** Eighteen weeks with a taper of three: fifteen before it, none in week 15. */
const laid = (recovery: Recovery) =>
  layOut({ ...marathon, volume: { ...marathon.volume, recovery } }).weeks;
const recovering = (recovery: Recovery) =>
  laid(recovery).flatMap(({ recovery: rests, number }) => (rests ? [number] : []));

describe('recovery weeks by school', () => {
  it.each<[Recovery['every'], number[]]>([
    [3, [3, 6, 9, 11, 13]],
    [4, [4, 8, 12]],
    [5, [5, 10, 13]],
    [6, [6, 12]],
    ['none', []],
  ])('every %s, counted from the start', (every, expected) => {
    expect(recovering({ every })).toEqual(expected);
  });

  it('where the coach places them, not by count; never in week 1, nor from the taper’s eve on', () => {
    expect(recovering({ every: 4, weeks: [3, 7, 10] })).toEqual([3, 7, 10]);
    expect(recovering({ every: 4, weeks: [1, 7, 15, 16] })).toEqual([7]);
    expect(recovering({ every: 4, weeks: [] })).toEqual([]);
  });

  it('deep and usual: 40 and 25% off 61 km are 37 and 46', () => {
    const fourth = (depth: number) =>
      laid({ every: 4, depth, reEntry: 'one-step-above' })[3]?.volume;
    expect(fourth(0.25)).toBe(46_000);
    expect(fourth(0.4)).toBe(37_000);
  });

  it('resumes at the last building week, or one step above it', () => {
    const [third, , fifth] = laid({ every: 4, reEntry: 'resume' }).slice(2, 5);
    expect(fifth?.volume).toBe(third?.volume);
    expect(fifth?.volumeRule).toBe('re-entry');
    const [before, , after] = laid({ every: 4, reEntry: 'one-step-above' }).slice(2, 5);
    expect(after?.volume).toBeGreaterThan(before?.volume ?? 0);
  });

  it('has the same run days, every run shorter, and nothing hard', () => {
    const [third, fourth] = laid({ every: 4 }).slice(2, 4);
    expect(fourth?.runDays).toBe(third?.runDays);
    expect(fourth?.hardDays).toBe(0);
    third?.days.forEach(({ distance }, index) => {
      expect(fourth?.days[index]?.distance).toBeLessThanOrEqual(distance);
    });
  });

  it('each says what it is for and what it costs', () => {
    const cadences = Object.keys(recoveryCadences) as RecoveryCadenceName[];
    for (const { why } of [
      ...cadences.map((name) => recoveryCadences[name]),
      ...Object.values(reEntrySchools),
    ]) {
      expect(why).toMatch(/^[A-Z][^.]+\.$/);
    }
  });
});
