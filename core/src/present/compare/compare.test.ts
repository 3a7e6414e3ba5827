import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { alignWeeks } from './align.js';
import { whatChanged } from './what-changed.js';

const block = layOut(marathon);
const km = { basis: 'distance', unit: 'km', step: 1 } as const;

describe('two blocks', () => {
  it('are laid over each other by weeks to go', () => {
    const [twelve, nine] = [12, 9].map((weeks) => layOut({ ...marathon, weeks }));
    const aligned = alignWeeks([block, twelve!, nine!]);
    const numbers = aligned.map(({ weeks }) => weeks.map((week) => week?.number));
    expect(aligned.map(({ toGo }) => toGo)).toEqual(Array.from({ length: 18 }, (_, n) => 17 - n));
    expect(numbers[0]).toEqual([1, undefined, undefined]);
    expect(numbers[6]).toEqual([7, 1, undefined]);
    expect(numbers[9]).toEqual([10, 4, 1]);
    expect(numbers.at(-1)).toEqual([18, 12, 9]);
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

  it('differ in what is fixed, and where the block rebuilds', () => {
    const pins = [
      { week: 5, volume: 60_000 },
      { week: 9, volume: 40_000, restart: true as const },
    ];
    expect(whatChanged(block, layOut({ ...marathon, pins }), km)).toContainEqual({
      name: 'Fixed weeks',
      before: 'none',
      after: '5, 9 (rebuilds)',
    });
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
