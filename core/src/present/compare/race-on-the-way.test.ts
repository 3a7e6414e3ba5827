import { describe, expect, it } from 'vitest';
import type { Measure } from '../../base/index.js';
import { addEvent, applyChange } from '../../edit/index.js';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { showBlock } from '../figures/show.js';
import { raceOnTheWay } from './race-on-the-way.js';

const km: Measure = { basis: 'distance', unit: 'km', step: 1 };
const laid = (spec: Parameters<typeof layOut>[0]) => {
  const block = layOut(spec);
  return { block, shown: showBlock(block, km) };
};
const results = [{ date: '2026-12-06', distance: 10_000, time: 2400, kind: 'race' as const }];
const before = laid({ ...marathon, athlete: { ...marathon.athlete, results } });
// The Sunday of a building week.
const race = {
  kind: 'tune-up-race' as const,
  name: 'Pier Ten',
  from: '2027-02-28',
  distance: 10_000,
};
const after = laid(applyChange(before.block.spec, addEvent(before.block, race).change));

describe('a race on the way', () => {
  const told = raceOnTheWay(before, after, race);

  it('says the days around it that give way, as they were and are, and not the race itself', () => {
    const days = told.givesWay.filter((line) => !line.startsWith('Week'));
    expect(days.length).toBeGreaterThan(0);
    expect(days.join()).not.toContain('Sun 28 Feb');
    for (const line of days) expect(line).toMatch(/^\w{3} \d+ \w{3}: .+, now .+/);
  });

  it('says every week whose volume is another, in the sums of the ledger', () => {
    const moved = after.shown.weeks.flatMap(({ volume }, index) => {
      const was = before.shown.weeks[index]?.volume;
      return was === volume ? [] : [`Week ${index + 1}: ${was}, now ${volume} km`];
    });
    expect(moved.length).toBeGreaterThan(0);
    expect(told.givesWay.filter((line) => line.startsWith('Week'))).toEqual(moved);
  });

  it('says the time that its result is held against', () => {
    // The paces of the block come from a 10 km of 40:00.
    expect(told.result).toContain('it takes 40:00.');
  });

  it('says of an athlete without a result that this one can set the paces', () => {
    const bare = laid({
      ...marathon,
      athlete: { ...marathon.athlete, results: [] },
      race: { ...marathon.race, goalTime: undefined },
    });
    const placed = laid(applyChange(bare.block.spec, addEvent(bare.block, race).change));
    expect(raceOnTheWay(bare, placed, race).result).toBe(
      'The athlete has no result yet: the one from this tune-up race can set the paces.',
    );
  });
});
