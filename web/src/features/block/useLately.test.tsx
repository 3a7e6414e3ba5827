import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useLately } from './useLately.js';

const hook = () =>
  renderHook(({ value, dragged }) => useLately(value, 'taken', dragged), {
    initialProps: { value: 'one', dragged: false },
  });

describe('what figures show', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
  });

  it('is the value itself while nothing is in hand', () => {
    const { result, rerender } = hook();
    rerender({ value: 'two', dragged: false });
    expect(result.current).toBe('two');
  });

  it('is what was taken while the hand moves, and the value once it rests', () => {
    const { result, rerender } = hook();
    rerender({ value: 'two', dragged: true });
    act(() => void vi.advanceTimersByTime(60));
    rerender({ value: 'three', dragged: true });
    act(() => void vi.advanceTimersByTime(60));
    expect(result.current).toBe('taken');
    act(() => void vi.advanceTimersByTime(60));
    expect(result.current).toBe('three');
  });

  it('is the value again when the hand lets go, and forgets where it rested', () => {
    const { result, rerender } = hook();
    rerender({ value: 'two', dragged: true });
    act(() => void vi.advanceTimersByTime(100));
    rerender({ value: 'two', dragged: false });
    expect(result.current).toBe('two');
    rerender({ value: 'four', dragged: true });
    expect(result.current).toBe('taken');
  });
});
