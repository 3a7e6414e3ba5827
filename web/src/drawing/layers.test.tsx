import { layOut } from '@nadir/core';
import { showBlock } from '@nadir/core/present/figures';
import type { BlockSpec } from '@nadir/core/spec';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { DragHandlers } from './drag.js';
import { handleKey } from './drag.js';
import { legsRange } from './legs-curve.js';
import { Section } from './Section.js';

const given: BlockSpec = {
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 18,
  volume: { start: 55_000, peak: 92_000 },
  longRun: { segment: 'race-pace-finish' },
  events: [
    { kind: 'tune-up-race', name: 'Gullstone 10', from: '2027-02-21', distance: 10_000 },
    { kind: 'camp', name: 'Ostrel', from: '2027-03-08', to: '2027-03-14' },
  ],
};
const km = { basis: 'distance', unit: 'km', step: 1 } as const;
const lay = (part: BlockSpec = given) => {
  const block = layOut(part);
  return { block, shown: showBlock(block, km) };
};
const columns = { width: 900, labels: 90, weeks: 18 };

function draw({
  drag,
  overlay,
  reach,
}: { drag?: DragHandlers; overlay?: BlockSpec; reach?: number } = {}) {
  render(
    <Section
      {...lay()}
      columns={columns}
      height={400}
      today="2027-02-10"
      selected={[5]}
      drag={drag}
      reach={reach}
      overlays={overlay ? [{ ...lay(overlay), name: 'as kept' }] : []}
    />,
  );
}

const fakeDrag = () => ({
  grab: vi.fn<DragHandlers['grab']>(),
  nudge: vi.fn<DragHandlers['nudge']>(),
  settle: vi.fn<DragHandlers['settle']>(),
});

afterEach(cleanup);

describe('what is drawn on the way', () => {
  it('has a name and its days', () => {
    draw();
    expect(screen.getByLabelText('Tune-up race: Gullstone 10, Sun 21 Feb 2027')).toBeTruthy();
    expect(screen.getByLabelText('Camp: Ostrel, Mon 8 Mar 2027 to Sun 14 Mar 2027')).toBeTruthy();
  });

  it('stands on a pole under the figures of its week, never across one', () => {
    draw();
    const drawn = [
      ...screen.getByRole('group', { name: /^Section/ }).querySelectorAll('line, text'),
    ];
    const pole = drawn.findIndex((each) => each.closest('[stroke-dasharray="1 3"]') !== null);
    const figure = drawn.findIndex(({ textContent }) => textContent === '55');
    expect(pole).toBeGreaterThan(0);
    expect(figure).toBeGreaterThan(pole);
  });

  it('says what a long run holds', () => {
    draw();
    expect(screen.getAllByLabelText(/of it at race pace/).length).toBeGreaterThan(1);
  });
});

describe('another version behind it', () => {
  it('is named, and drawn only when there is one', () => {
    draw();
    expect(screen.queryByLabelText('For comparison: as kept')).toBeNull();
    cleanup();
    draw({ overlay: { ...given, volume: { start: 55_000, peak: 120_000 } } });
    expect(screen.getByLabelText('For comparison: as kept')).toBeTruthy();
  });

  it('shares the scale of what is drawn, heights and legs', () => {
    draw();
    expect(screen.queryByText('150')).toBeNull();
    cleanup();
    draw({ overlay: { ...given, pins: [{ week: 14, volume: 150_000 }] } });
    expect(screen.getByText('150')).toBeTruthy();
    cleanup();
    // What was reached when something was taken in hand stays on the scale.
    draw({ reach: 150 });
    expect(screen.getByText('150')).toBeTruthy();
    const light = lay().block;
    const heavy = lay({ ...given, volume: { start: 55_000, peak: 150_000 } }).block;
    expect(legsRange([light, heavy])[0]).toBe(legsRange([heavy])[0]);
  });
});

describe('drag on the drawing', () => {
  it('are sliders with a name, a value and a range', () => {
    draw({ drag: fakeDrag() });
    const week = screen.getByRole('slider', { name: 'Week 5, volume' });
    const { shown } = lay();
    expect(Number(week.getAttribute('aria-valuenow'))).toBe(shown.weeks[4]?.volume);
    expect(week.getAttribute('aria-valuetext')).toMatch(/^\d+ km$/);
    expect(screen.getByRole('slider', { name: 'Taper, depth of race week' })).toBeTruthy();
    expect(screen.getByRole('slider', { name: 'Week of the peak' })).toBeTruthy();
    expect(screen.getAllByRole('slider', { name: /^Start of / })).toHaveLength(3);
  });

  it('are reached by Tab for the selected week, not for all', () => {
    draw({ drag: fakeDrag() });
    const tabbed = screen
      .getAllByRole('slider', { name: /^Week \d+, / })
      .filter((mark) => mark.getAttribute('tabindex') === '0');
    expect(tabbed.map((mark) => mark.getAttribute('data-handle'))).toEqual([
      'volume 5',
      'longRun 5',
    ]);
  });

  it('are moved by arrows and settled by Enter or Escape', () => {
    const drag = fakeDrag();
    draw({ drag });
    const week = screen.getByRole('slider', { name: 'Week 5, volume' });
    for (const key of ['ArrowUp', 'ArrowLeft', 'PageDown']) fireEvent.keyDown(week, { key });
    expect(drag.nudge.mock.calls.map(([handle, by]) => [handleKey(handle), by])).toEqual([
      ['volume 5', 1],
      ['volume 5', -1],
      ['volume 5', -5],
    ]);
    fireEvent.keyDown(week, { key: 'Enter' });
    fireEvent.keyDown(week, { key: 'Escape' });
    expect(drag.settle.mock.calls).toEqual([[true], [false]]);
  });

  it('are taken by the first button of the pointer alone', () => {
    const drag = fakeDrag();
    draw({ drag });
    const peak = screen.getByRole('slider', { name: 'Week of the peak' });
    fireEvent.pointerDown(peak, { button: 2 });
    expect(drag.grab).not.toHaveBeenCalled();
    fireEvent.pointerDown(peak, { button: 0, clientX: 10, clientY: 20 });
    expect(drag.grab.mock.calls[0]?.[0]).toEqual({ kind: 'peak' });
  });
});
