import { describe, expect, it } from 'vitest';
import { applyChange } from '../../edit/index.js';
import { writeSession } from '../../edit/week/index.js';
import { layOut } from '../../lay-out.js';
import { showBlock } from '../../present/figures/index.js';
import { marathon } from '../../testing/examples.js';

const km = { basis: 'distance', unit: 'km', step: 1 } as const;
const block = layOut(marathon);
const week = block.weeks[9];
const long = week?.days.find(({ role }) => role === 'long');
const written = (text: string) => {
  if (!long) throw new Error('no long run');
  return layOut(applyChange(block.spec, writeSession(block, long.date, text).change));
};

describe('a long run that is written out', () => {
  it('is as long as it says, and what is in it stands as it was written', () => {
    const found = written('32 km easy (last 14 @ marathon)');
    const tenth = found.weeks[9];
    expect(tenth).toMatchObject({ longRun: 32_000, longRunRule: 'pin', segment: undefined });
    const day = tenth?.days.find(({ date }) => date === long?.date);
    expect(day?.role).toBe('long');
    expect(day?.sessions[0]?.shorthand).toBe('32 km easy, last 14 km marathon');
    expect(day?.sessions[0]?.hardDistance).toBe(14_000);
  });

  it('leaves its week with days that add up', () => {
    const shown = showBlock(written('32 km easy (last 14 @ marathon)'), km).weeks[9];
    expect(shown?.longRun).toBe(32);
    expect(shown?.days.reduce((sum, day) => sum + day, 0)).toBe(shown?.volume);
  });

  it('counts its hard running against the sessions of its week', () => {
    const hard = (text: string) =>
      written(text)
        .weeks[9]?.days.filter(({ role }) => role === 'quality')
        .map(({ hardTime }) => hardTime);
    const easy = Math.max(...(hard('27 km easy') ?? []));
    expect(Math.max(...(hard('27 km easy (last 16 @ marathon)') ?? []))).toBeLessThan(easy);
  });

  it('is none on race day, and nothing is run after a race that opens its week', () => {
    const { weeks } = layOut({
      athlete: { recentWeeks: [10_000] },
      race: { name: 'Lantern Bay', date: '2027-05-10', distance: 800 },
      weeks: 10,
      weekStartsOn: 'monday',
      week: { runDays: 2, longRunOn: 'monday', qualityOn: [] },
      days: [{ date: '2027-05-10', role: 'long', session: '14 km easy' }],
    });
    expect(weeks.at(-1)).toMatchObject({ volume: 0, longRun: 0, longRunRule: 'race' });
    expect(weeks.at(-1)?.days.map(({ distance }) => distance)).toEqual([0, 0, 0, 0, 0, 0, 0]);
  });
});
