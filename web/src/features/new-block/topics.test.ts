import { layOut } from '@nadir/core';
import { resolveSpec } from '@nadir/core/layout';
import { reasonsOf } from '@nadir/core/present';
import type { BlockSpec } from '@nadir/core/spec';
import { describe, expect, it } from 'vitest';
import { answerWords, headline, topicReason, topicWeeks } from './topics.js';

const given: BlockSpec = {
  athlete: { name: 'Idris Vale', unavailable: ['thursday'], oftenHurt: false },
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 18,
  volume: { start: 55_000, peak: 92_000 },
  week: { runDays: 6, qualityOn: ['tuesday', 'friday'] },
};
const spec = resolveSpec(given);
const block = layOut(given);

describe('an answer in one line', () => {
  it('says what is answered, in words', () => {
    expect(answerWords('athlete', spec)).toBe('counted in km, not on Thu');
    expect(answerWords('volume', spec)).toBe('55 km to 92 km, percentage');
    expect(answerWords('recovery', spec)).toBe('every 4 weeks, cut by 25%');
    const placed = (weeks: number[]) =>
      answerWords('recovery', {
        ...spec,
        volume: { ...spec.volume, recovery: { ...spec.volume.recovery, weeks } },
      });
    expect([placed([4]), placed([4, 8]), placed([])]).toEqual(['week 4', 'weeks 4, 8', 'none']);
    expect(answerWords('week', spec)).toBe('6 runs; quality Tue, Fri; long run Sun');
    expect(answerWords('rules', spec)).toBe('as in the house rules');
    expect(answerWords('weeks', spec)).toMatch(/^18 weeks, /);
  });

  it('lights the weeks it is about', () => {
    expect(topicWeeks('recovery', block)).toEqual(
      block.weeks.filter(({ recovery }) => recovery).map(({ number }) => number),
    );
    expect(topicWeeks('taper', block).at(-1)).toBe(18);
    expect(topicWeeks('volume', block)[0]).toBe(1);
    expect(topicWeeks('rules', block)).toEqual([]);
  });

  it('says why, and the block in a headline', () => {
    expect(topicReason('recovery', reasonsOf(given))).toBe('Every 4th week, 25% off.');
    expect(headline(block)).toMatch(/^From 55 km to 92 km in 18 weeks; longest run \d+ km, about /);
  });
});
