import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { expectAlike } from '../../testing/alike.js';
import { anySpec } from '../../testing/any-spec.js';
import { defaultBlocks } from '../../testing/default-blocks.js';
import { handedOut } from '../../testing/handed-out.js';
import { holdFor } from '../../testing/hold-for.js';
import { moveRace } from './move-race.js';
import { openAims } from './open-aims.js';
import { openAnswers } from './open-answers.js';
import { settledSpec } from './settled.js';

const half: BlockSpec = {
  athlete: { recentWeeks: [44_000, 45_000, 45_000, 46_000] },
  race: { name: 'Tidewrack Half', date: '2027-05-02', distance: 21_097.5 },
};

/** What is left of the answers that are worked out, written as JSON. */
function left({ volume, longRun, taper, week, phases, sessions }: BlockSpec): unknown {
  return JSON.parse(JSON.stringify({ volume, longRun, taper, week, phases, sessions }));
}

describe('the answers that nobody gave', () => {
  it('are open again after every answer was written down', () => {
    expect(left(openAnswers(settledSpec(half)))).toEqual({});
  });

  it('leave what the coach gave as it is', () => {
    const given: BlockSpec = {
      ...half,
      volume: { start: 40_000, growth: { school: 'alternating' }, recovery: { every: 3 } },
      longRun: { ladder: 'two-up-one-back' },
      week: { longRunOn: 'saturday' },
      phases: { layout: 'four-equal-parts' },
    };
    const open = openAnswers(settledSpec(given));
    expect(left(open)).toMatchObject({
      ...{ longRun: given.longRun, week: given.week, phases: { layout: 'four-equal-parts' } },
      volume: { start: 40_000, growth: { school: 'alternating' }, recovery: { every: 3 } },
    });
    expect(open.volume).toMatchObject({ peak: undefined, recovery: { every: 3 } });
    expect(JSON.parse(JSON.stringify(open.volume))).not.toHaveProperty('recovery.depth');
    expect(open.taper).toBeUndefined();
  });

  it('leave open a peak that the runs of a week do not hold', () => {
    const [, threeDays] = defaultBlocks.find(([called]) => called === '10 km, 45 km, three days')!;
    const settled = settledSpec(threeDays);
    // Usual for this athlete would be 60 km: three runs come to 55 km.
    expect(settled.volume.peak).toBe(55_000);
    expect(layOut(settled).findings).toEqual([]);
    expect(left(openAnswers(settled))).toEqual({ week: { runDays: 3 } });
  });

  it('settle to the same spec, whatever was asked', () => {
    holdFor(
      fc.property(anySpec, (given) => {
        const settled = settledSpec(given);
        expectAlike(settledSpec(openAnswers(settled)), settled);
        expectAlike(settledSpec(openAims(settled)), settled);
      }),
    );
  });
});

describe('moving the race of a block that was edited', () => {
  const sooner = [-14, -7, -1, 1, 7, 14];

  it.each(defaultBlocks)('complains of nothing that nobody asked: %s', (_, given) => {
    const block = layOut(settledSpec(given));
    const open = openAnswers(block.spec);
    const dayBefore = addDays(block.spec.start, -1);
    for (const by of sooner) {
      const to = { date: addDays(block.spec.race.date, by), today: dayBefore, takesDays: true };
      const moved = layOut(moveRace(open, block, to));
      expect(moved.findings.filter(({ level }) => level !== 'note')).toEqual([]);
    }
  });

  it.each(defaultBlocks.filter((_, at) => at % 4 === 0))(
    'nor once it has begun: %s',
    (_, given) => {
      const block = layOut(settledSpec(given));
      const open = openAnswers(block.spec);
      const today = addDays(block.spec.start, 30);
      const history = handedOut(block).filter(({ day }) => day.date < today);
      for (const by of sooner) {
        const to = { date: addDays(block.spec.race.date, by), today, takesDays: true };
        const moved = layOut(moveRace(open, block, to), { asOf: today, history });
        expect(moved.findings.filter(({ level }) => level !== 'note')).toEqual([]);
      }
    },
  );
});
