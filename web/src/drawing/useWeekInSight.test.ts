import { renderHook } from '@testing-library/react';
import { expect, it } from 'vitest';
import { useWeekInSight } from './useWeekInSight.js';

it('puts the week that is looked at in the middle of what a phone shows', () => {
  const seen = document.createElement('div');
  Object.defineProperty(seen, 'clientWidth', { value: 372 });
  const ref = { current: seen };
  const columns = { width: 92 + 18 * 40, labels: 92, weeks: 18 };
  const { rerender } = renderHook(
    ({ week, drawn }) => useWeekInSight(ref, drawn ? columns : undefined, week),
    { initialProps: { week: 9, drawn: false } },
  );
  expect(seen.scrollLeft).toBe(0);
  rerender({ week: 9, drawn: true });
  // Its middle is at 92 + 340 px; that of the 280 px beside the labels at 232.
  expect(seen.scrollLeft).toBe(200);
  rerender({ week: 10, drawn: true });
  expect(seen.scrollLeft).toBe(240);
});
