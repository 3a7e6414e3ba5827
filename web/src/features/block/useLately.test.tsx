import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useLately } from './useLately.js';

const hook = () =>
  renderHook(({ value, inHand }) => useLately(value, 'taken', inHand), {
    initialProps: { value: 'one', inHand: false },
  });

describe('what figures show', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
  });

  it('is the value itself while nothing is in hand', () => {
    const { result, rerender } = hook();
    rerender({ value: 'two', inHand: false });
    expect(result.current).toBe('two');
  });

  it('is what was taken while the hand moves, and the value once it rests', () => {
    const { result, rerender } = hook();
    rerender({ value: 'two', inHand: true });
    act(() => void vi.advanceTimersByTime(60));
    rerender({ value: 'three', inHand: true });
    act(() => void vi.advanceTimersByTime(60));
    expect(result.current).toBe('taken');
    act(() => void vi.advanceTimersByTime(60));
    expect(result.current).toBe('three');
  });

  it('is the value again when the hand lets go, and forgets where it rested', () => {
    const { result, rerender } = hook();
    rerender({ value: 'two', inHand: true });
    act(() => void vi.advanceTimersByTime(100));
    rerender({ value: 'two', inHand: false });
    expect(result.current).toBe('two');
    rerender({ value: 'four', inHand: true });
    expect(result.current).toBe('taken');
  });
});
