import { describe, expect, it } from 'vitest';
import { sum } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import { defaultHouseRules } from '../../rules/index.js';
import { LARGE_WEEK } from '../../rules/limits/index.js';
import { defaultBlocks } from '../../testing/default-blocks.js';
import { shareAtItsPace } from './share-at-its-pace.js';

/** An athlete of 3:30 over the mile’s kilometre, 3:40, 3:50, 4:00, 4:20 and 4:40 on to the marathon, s/km. */
const PACES: Readonly<Record<string, number>> = {
  mile: 210,
  '3-km': 220,
  '5-km': 230,
  '10-km': 240,
  'half-marathon': 260,
  marathon: 280,
};
const find = (name: string) => {
  const pace = PACES[name];
  return pace === undefined ? undefined : { id: name, pace };
};
const at = (pace: number) =>
  shareAtItsPace({ hardDistance: 2000, hardTime: 2 * pace }, { find }, defaultHouseRules);

describe('what a session may take of its week by its pace', () => {
  it('hand-worked: 3:45 lies between 3 km and 5 km, 4:10 between 10 km and half, 4:30 on to the marathon', () => {
    expect([at(225), at(226)]).toEqual([0.05, 0.08]);
    expect([at(250), at(251)]).toEqual([0.08, 0.12]);
    expect([at(269), at(270)]).toEqual([0.12, 0.16]);
  });

  it('is what any session may take where no pace is known, or nothing is hard', () => {
    const none = { find: () => undefined };
    const hard = { hardDistance: 2000, hardTime: 400 };
    expect(shareAtItsPace(hard, none, defaultHouseRules)).toBe(0.12);
    expect(shareAtItsPace({ hardDistance: 0, hardTime: 0 }, { find }, defaultHouseRules)).toBe(
      0.12,
    );
  });
});

describe('the sessions of default blocks', () => {
  const laid = defaultBlocks.map(([called, spec]) => ({ called, block: layOut(spec) }));

  it.each(laid)('keep to it over all their exposures: $called', ({ block }) => {
    for (const { distance, days } of block.weeks) {
      for (const { family, shorthand, hardDistance } of days.flatMap(({ sessions }) => sessions)) {
        if (!family) continue;
        // Alone in its week a session of any pace holds two fifths more, whole repetitions half a one.
        const isShort = /x (200|300|400) m @? ?(race pace|mile|800 m)/.test(shorthand);
        const share = isShort ? 0.05 : 0.16;
        const most = 1.4 * share * Math.min(distance, LARGE_WEEK);
        expect(hardDistance, shorthand).toBeLessThanOrEqual(most + 400);
      }
    }
  });

  it('hold no more than fourteen times 200 m as the weeks of a runner grow from 50 km', () => {
    const result = { date: '2026-11-20', distance: 800, time: 128 };
    const { weeks } = layOut({
      athlete: { recentWeeks: [50_000, 50_000, 50_000, 50_000], results: [result] },
      race: { name: 'Breakwater 800', date: '2027-05-30', distance: 800 },
    });
    const counts = weeks.flatMap(({ days }) =>
      days.flatMap(({ sessions }) =>
        sessions.flatMap(({ shorthand }) => {
          const found = /(?:(\d+) x \()?(\d+) x 200 m/.exec(shorthand);
          return found ? [Number(found[1] ?? 1) * Number(found[2])] : [];
        }),
      ),
    );
    expect(sum(counts)).toBeGreaterThan(0);
    expect(Math.max(...counts)).toBeLessThanOrEqual(14);
  });
});
