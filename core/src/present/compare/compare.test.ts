import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { alignWeeks } from './align.js';
import { whatChanged } from './what-changed.js';

const block = layOut(marathon);
const km = { basis: 'distance', unit: 'km', step: 1 } as const;

describe('two blocks', () => {
  it('are laid over each other by weeks to go', () => {
    const pairs = alignWeeks(block, layOut({ ...marathon, weeks: 12 }));
    expect(pairs).toHaveLength(18);
    expect(pairs[0]).toMatchObject({ toGo: 17, first: { number: 1 }, second: undefined });
    expect(pairs[6]).toMatchObject({ toGo: 11, first: { number: 7 }, second: { number: 1 } });
    expect(pairs.at(-1)).toMatchObject({ first: { number: 18 }, second: { number: 12 } });
  });

  it('differ in nothing when they are the same', () => {
    expect(whatChanged(block, layOut(marathon), km)).toEqual([]);
  });

  it('differ in what a coach would ask about', () => {
    const peak = layOut({ ...marathon, volume: { ...marathon.volume, peak: 80_000 } });
    const differences = whatChanged(block, peak, km);
    expect(differences).toContainEqual({
      name: 'Heaviest week',
      before: '92 km, 4 out',
      after: '80 km, 4 out',
    });
    expect(differences.map(({ name }) => name)).not.toContain('Weeks');
  });

  it('differ in the paces that a new result leads to', () => {
    const results = [
      ...(marathon.athlete?.results ?? []),
      { date: '2027-02-07', distance: 10_000, time: 2340 },
    ];
    const athlete = { ...marathon.athlete, results };
    const after = layOut({ ...marathon, athlete, paces: { repaced: ['2027-02-08'] } });
    const differences = whatChanged(block, after, km);
    expect(differences).toContainEqual({ name: 'Re-paced', before: 'never', after: '2027-02-08' });
    expect(differences).toContainEqual({
      name: 'Easy pace in race week',
      before: '5:35 /km',
      after: '5:25 /km',
    });
  });
});
