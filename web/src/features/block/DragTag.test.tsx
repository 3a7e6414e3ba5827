import { layOut } from '@nadir/core';
import { showBlock } from '@nadir/core/present/figures';
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { DragTag } from './DragTag.js';
import type { Dragged } from './useDrag.js';

const measure = { basis: 'distance', unit: 'km', step: 1 } as const;

/** Twelve weeks, week 6 fixed at the kilometres that a hand has pulled it to. */
function laid(kilometres?: number) {
  const block = layOut({
    race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
    weeks: 12,
    volume: { start: 40_000, peak: 60_000 },
    ...(kilometres !== undefined && { pins: [{ week: 6, volume: 1000 * kilometres }] }),
  });
  return { block, shown: showBlock(block, measure) };
}

const base = laid();
const drawn = laid(90);
const dragged: Dragged = {
  handle: { kind: 'volume', week: 6 },
  reach: 60,
  problem: undefined,
  at: { x: 10, y: 20 },
};

function tag(settled: typeof base, problem?: string) {
  render(<DragTag dragged={{ ...dragged, problem }} base={base} drawn={drawn} settled={settled} />);
  return screen.getByRole('status').textContent;
}

afterEach(cleanup);

describe('the tag at the hand', () => {
  it('says the figure and the change while the hand moves, and no more', () => {
    expect(tag(base)).toMatch(/^90 km · \+\d+%$/);
  });

  it('says what the checks find once the hand rests', () => {
    expect(tag(drawn)).toMatch(/^90 km · \+\d+% · .*(stop|caution|note)/);
  });

  it('says what stands in the way instead, where something does', () => {
    expect(tag(drawn, 'That week is over.')).toBe('That week is over.');
  });
});
