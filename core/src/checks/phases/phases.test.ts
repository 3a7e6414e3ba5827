import { describe, expect, it } from 'vitest';
import type { Block } from '../../layout/block/index.js';
import { rulesOf } from '../../rules/index.js';
import { laid, observed, withSpec } from '../../testing/edited.js';
import { blockTooLong } from './block-too-long.js';
import { blockTooShort } from './block-too-short.js';
import { ownPhasesScaled } from './own-phases-scaled.js';
import { phaseLeftOut } from './phase-left-out.js';
import { phaseTooShort } from './phase-too-short.js';

const { weeks: bounds } = rulesOf(laid.spec).races.marathon;
const lasting = (weeks: number) => withSpec(laid, { weeks });

describe('the length of a block', () => {
  it('is what the distance bears', () => {
    expect(observed(blockTooLong, lasting(bounds.most))).toEqual([]);
    expect(observed(blockTooLong, lasting(bounds.most + 1))).toEqual([
      { weeks: [1], value: bounds.most + 1, limit: bounds.most },
    ]);
    expect(observed(blockTooShort, lasting(bounds.least))).toEqual([]);
    expect(observed(blockTooShort, lasting(bounds.least - 1))).toEqual([
      { weeks: [1], value: bounds.least - 1, limit: bounds.least },
    ]);
  });
});

describe('phases of the coach’s own', () => {
  const own = (...weeks: number[]) =>
    withSpec(laid, {
      phases: {
        ...laid.spec.phases,
        layout: 'own',
        own: weeks.map((each) => ({ kind: 'foundation', name: 'Base', weeks: each })),
      },
    });

  it('add up to the block, or are said to be scaled', () => {
    expect(observed(ownPhasesScaled, own(10, 8))).toEqual([]);
    expect(observed(ownPhasesScaled, own(10, 9))).toEqual([{ weeks: [1], value: 19, limit: 18 }]);
    const others = withSpec(own(10, 9), {
      phases: { ...own(10, 9).spec.phases, layout: 'four-equal-parts' },
    });
    expect(observed(ownPhasesScaled, others)).toEqual([]);
  });

  it('are all laid out, or one is said to be left out', () => {
    const laidOut = laid.phases.length;
    const ones = Array.from({ length: laidOut }, () => 1);
    expect(observed(phaseLeftOut, own(...ones))).toEqual([]);
    expect(observed(phaseLeftOut, own(...ones, 1))).toEqual([
      { weeks: [1], value: laidOut, limit: laidOut + 1 },
    ]);
  });
});

describe('a phase', () => {
  const least = rulesOf(laid.spec).phases.leastWeeks;
  const withPhase = (part: Partial<Block['phases'][number]>): Block => ({
    ...laid,
    phases: laid.phases.map((phase, index) => (index === 1 ? { ...phase, ...part } : phase)),
  });

  it('of a layout that gets no week is said', () => {
    expect(observed(phaseLeftOut, laid)).toEqual([]);
    const fewer = { ...laid, phases: laid.phases.slice(2) };
    expect(observed(phaseLeftOut, fewer)).toMatchObject([{ value: laid.phases.length - 2 }]);
  });

  it('too short to do anything is said with its weeks', () => {
    expect(observed(phaseTooShort, laid)).toEqual([]);
    expect(observed(phaseTooShort, withPhase({ weeks: least }))).toEqual([]);
    expect(observed(phaseTooShort, withPhase({ firstWeek: 6, weeks: least - 1 }))).toEqual([
      {
        weeks: Array.from({ length: least - 1 }, (_, index) => 6 + index),
        value: least - 1,
        limit: least,
      },
    ]);
  });

  it.each(['sharpening', 'taper', 'race-week', 'recovery'] as const)(
    'that does its work in a week may be one: %s',
    (kind) => {
      expect(observed(phaseTooShort, withPhase({ kind, weeks: 1 }))).toEqual([]);
    },
  );
});
