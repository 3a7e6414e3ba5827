import { layOut } from '@nadir/core';
import type { ToldFinding } from '@nadir/core/present';
import { describe, expect, it } from 'vitest';
import { findingWords, unwaived } from './finding-words.js';

const found = (level: ToldFinding['level'], waived?: string): ToldFinding => ({
  check: 'growth-over-cap',
  level,
  weeks: [6],
  value: 0.12,
  limit: 0.1,
  title: '',
  message: '',
  ...(waived !== undefined && { waived }),
});

describe('how many findings stand', () => {
  it('is nothing for nothing', () => {
    expect(findingWords([])).toBe('');
  });

  it('is counted level by level, worst first, without what is waived', () => {
    const all = [found('note'), found('stop'), found('caution', 'Camp.'), found('note')];
    expect(findingWords(all)).toBe('1 stop, 2 notes');
    expect(unwaived(all)).toHaveLength(3);
  });

  it('counts what a block is told', () => {
    const race = { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 };
    const steep = layOut({ race, weeks: 12, pins: [{ week: 3, volume: 90_000 }] });
    expect(findingWords(steep.findings)).toMatch(/caution/);
  });
});
