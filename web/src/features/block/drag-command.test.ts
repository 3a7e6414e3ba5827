import { cutBeforeRace } from '@nadir/core/layout';
import { layOut } from '@nadir/core';
import { showBlock } from '@nadir/core/present/figures';
import { describe, expect, it } from 'vitest';
import { dragCommand } from './drag-command.js';

const block = layOut({
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
  weeks: 12,
  volume: { start: 40_000, peak: 50_000 },
});
const shown = showBlock(block, { basis: 'distance', unit: 'km', step: 0.5 });
const moved = (handle: Parameters<typeof dragCommand>[0], steps: number, weeks = 0) =>
  dragCommand(handle, { steps, weeks }, block, shown);

describe('a hand on the drawing', () => {
  it('pins a week in shown steps: six halves more than 40 km are 43', () => {
    const command = moved({ kind: 'volume', week: 1 }, 6);
    expect(command?.change.pins).toEqual([{ week: 1, volume: 43_000 }]);
  });

  it('goes no lower than nothing, and a long run no higher than its week', () => {
    expect(moved({ kind: 'volume', week: 1 }, -999)?.change.pins).toEqual([{ week: 1, volume: 0 }]);
    expect(moved({ kind: 'longRun', week: 1 }, 999)?.change.pins).toEqual([
      { week: 1, longRun: 40_000 },
    ]);
  });

  it('is nothing where it has not left its place', () => {
    expect(moved({ kind: 'volume', week: 1 }, 0)).toBeUndefined();
    expect(moved({ kind: 'taper' }, 0)).toBeUndefined();
    expect(moved({ kind: 'peak' }, 3, 0)).toBeUndefined();
    expect(moved({ kind: 'phase', index: 0 }, 3, 0)).toBeUndefined();
  });

  it('moves edges and the peak by whole weeks, and stays in the block', () => {
    const start = block.phases[1]?.firstWeek ?? 0;
    expect(moved({ kind: 'phase', index: 0 }, 0, 1)?.message).toContain(`week ${start + 1}`);
    expect(moved({ kind: 'peak' }, 0, -99)?.change.volume?.peakWeek).toBe(1);
  });

  it('deepens the taper by what race week loses of the same days of the heaviest week', () => {
    const { before = 0 } = cutBeforeRace(block) ?? {};
    // Three steps take half off each run; ten half kilometres less are five.
    const depth = moved({ kind: 'taper' }, -10)?.change.taper?.depth;
    expect(depth).toBeCloseTo(0.5 + 5000 / before, 2);
    expect(moved({ kind: 'taper' }, 4)?.change.taper?.depth).toBeLessThan(0.5);
  });
});
