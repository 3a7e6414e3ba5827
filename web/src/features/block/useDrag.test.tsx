import { layOut } from '@nadir/core';
import { showBlock } from '@nadir/core/present/figures';
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Commands } from '../../editor/useCommands.js';
import { useDrag } from './useDrag.js';

const block = layOut({
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
  weeks: 12,
  volume: { start: 40_000, peak: 50_000 },
});
const shown = showBlock(block, { basis: 'distance', unit: 'km', step: 1 });
const week5 = { kind: 'volume', week: 5 } as const;

beforeEach(() => {
  vi.stubGlobal('requestAnimationFrame', (work: FrameRequestCallback) => {
    work(0);
    return 1;
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function hold() {
  const commands = {
    show: vi.fn<Commands['show']>(() => []),
    run: vi.fn<Commands['run']>(() => []),
    cancel: vi.fn<Commands['cancel']>(),
  };
  const onSelect = vi.fn();
  const { result } = renderHook(() => useDrag({ block, shown }, commands, onSelect));
  const pointer = (type: string, y: number) =>
    act(() => {
      window.dispatchEvent(new MouseEvent(type, { clientX: 100, clientY: y }));
    });
  const grab = () =>
    act(() => {
      result.current.drag.grab(week5, { x: 100, y: 200 }, { steps: 0.5, weeks: 0.02 });
    });
  return { commands, onSelect, result, pointer, grab };
}

const was = shown.weeks[4]?.volume ?? 0;

describe('taking hold of the drawing', () => {
  it('shows each move in whole steps, and keeps the last when it is let go', () => {
    const { commands, result, pointer, grab } = hold();
    grab();
    pointer('pointermove', 180);
    // Twenty pixels up at half a step each.
    expect(commands.show.mock.lastCall?.[0].message).toBe(`Fixed week 5 at ${was + 10} km.`);
    expect(result.current.dragged).toMatchObject({ handle: week5, at: { x: 100, y: 180 } });
    pointer('pointerup', 176);
    expect(commands.run.mock.lastCall?.[0].message).toBe(`Fixed week 5 at ${was + 12} km.`);
    expect(result.current.dragged).toBeUndefined();
  });

  it('lays out nothing anew while the hand rests within a step', () => {
    const { commands, pointer, grab } = hold();
    grab();
    pointer('pointermove', 180);
    pointer('pointermove', 180);
    expect(commands.show).toHaveBeenCalledTimes(1);
  });

  it('puts back on Escape, and keeps nothing after', () => {
    const { commands, pointer, grab } = hold();
    grab();
    pointer('pointermove', 180);
    act(() => {
      window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    });
    expect(commands.cancel).toHaveBeenCalled();
    pointer('pointerup', 150);
    expect(commands.run).not.toHaveBeenCalled();
  });

  it('selects the week that is only clicked', () => {
    const { commands, onSelect, pointer, grab } = hold();
    grab();
    pointer('pointerup', 200);
    expect(onSelect).toHaveBeenCalledWith(5, false);
    expect(commands.run).not.toHaveBeenCalled();
  });

  it('adds key strokes up until they are kept or dropped', () => {
    const { commands, result } = hold();
    act(() => {
      result.current.drag.nudge(week5, 1, { x: 0, y: 0 });
      result.current.drag.nudge(week5, 1, { x: 0, y: 0 });
    });
    expect(commands.show.mock.lastCall?.[0].message).toBe(`Fixed week 5 at ${was + 2} km.`);
    act(() => {
      result.current.drag.settle(true);
    });
    expect(commands.run).toHaveBeenCalledTimes(1);
    act(() => {
      result.current.drag.settle(true);
    });
    expect(commands.run).toHaveBeenCalledTimes(1);
  });
});
