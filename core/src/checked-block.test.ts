import { describe, expect, it, vi } from 'vitest';
import type { ToldFinding } from './present/index.js';
import { marathon } from './testing/examples.js';
import { LazilyChecked } from './checked-block.js';
import { layOut } from './lay-out.js';

const laid = layOut(marathon);
const [finding] = laid.findings;

describe('a laid-out block', () => {
  it('runs its checks when its findings are asked for, and once', () => {
    const check = vi.fn<() => ToldFinding[]>(() => (finding ? [finding] : []));
    const block = new LazilyChecked(laid, check);
    expect(block.weeks).toBe(laid.weeks);
    expect(check).not.toHaveBeenCalled();
    expect(block.findings).toEqual([finding]);
    expect(block.findings).toBe(block.findings);
    expect(check).toHaveBeenCalledTimes(1);
  });

  it('is written out with its findings, and with the words of its days', () => {
    const written = JSON.parse(JSON.stringify(laid)) as typeof laid;
    expect(Object.keys(written)).toEqual([
      'spec',
      'easyPace',
      'phases',
      'weeks',
      'feasible',
      'legs',
      'findings',
    ]);
    expect(written.findings.map(({ check }) => check)).toEqual([
      'rest-before-hard',
      'test-missing',
    ]);
    expect(written.weeks[0]?.days[0]?.sessions[0]?.shorthand).toBe('4 km easy');
  });
});
