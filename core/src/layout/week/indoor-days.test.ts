import { describe, expect, it } from 'vitest';
import { applyChange } from '../../edit/index.js';
import { swapBack } from '../../edit/week/index.js';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';

const six = { ...marathon, week: { ...marathon.week, runDays: 6 } };
const four = layOut({ ...six, week: { ...six.week, outdoorRuns: 4 } });
const indoors = (block: typeof four, week: number) =>
  block.weeks[week - 1]?.days.filter(({ swap }) => swap?.reason === 'indoors') ?? [];
const outdoors = (block: typeof four, week: number) =>
  block.weeks[week - 1]?.days.filter(({ distance }) => distance > 0) ?? [];

describe('fewer runs outdoors than run days', () => {
  it('send the plainest runs to the pool, minute for minute, and never the long run', () => {
    for (const week of [2, 6, 10, 13]) {
      expect(outdoors(four, week), String(week)).toHaveLength(4);
      expect(indoors(four, week)).toHaveLength(2);
      expect(outdoors(four, week).map(({ role }) => role)).toContain('long');
    }
    // Of six runs the two hard ones, the long one and one easy one stay.
    const roles = outdoors(four, 10).map(({ role }) => role);
    expect(roles.filter((role) => role === 'quality')).toHaveLength(2);
    const plain = layOut(six);
    const [first] = indoors(four, 10);
    const run = plain.weeks[9]?.days.find(({ date }) => date === first?.date);
    expect(first?.cross.time).toBe(60 * Math.round((run?.time ?? 0) / 60));
  });

  it('say nothing against a block that asks for them, and change nothing where all are outdoors', () => {
    const known = new Set(layOut(six).findings.map(({ check }) => check));
    expect(four.findings.filter(({ check }) => !known.has(check))).toEqual([]);
    const all = layOut({ ...six, week: { ...six.week, outdoorRuns: 6 } });
    expect(all.weeks).toEqual(layOut(six).weeks);
  });

  it('leave a run outdoors that the coach brings back', () => {
    const date = indoors(four, 10)[0]?.date ?? '';
    const back = layOut(applyChange(four.spec, swapBack(four, date).change));
    expect(outdoors(back, 10).map((day) => day.date)).toContain(date);
    expect(outdoors(back, 10)).toHaveLength(4);
  });
});
