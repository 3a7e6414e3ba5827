import { act, render, screen } from '@testing-library/react';
import { Suspense } from 'react';
import { afterEach, expect, it, vi } from 'vitest';
import { later } from './later.js';

const noFile = new TypeError('Failed to fetch dynamically imported module: part.js');

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  sessionStorage.clear();
});

const Part = ({ name }: { name: string }) => <p>{name}</p>;

function shown(load: () => Promise<typeof Part>) {
  const Later = later(load);
  render(
    <Suspense fallback={null}>
      <Later name="keys" />
    </Suspense>,
  );
}

it('asks again for a part as soon as the line is back', async () => {
  const asked = vi.fn().mockRejectedValue(new TypeError('no line'));
  vi.stubGlobal('fetch', asked);
  const load = vi.fn().mockRejectedValueOnce(noFile).mockResolvedValue(Part);
  shown(load);
  // The server does not answer either: no newer Nadir has taken the file away.
  await vi.waitFor(() => expect(asked).toHaveBeenCalledTimes(1));
  await new Promise((resolve) => setTimeout(resolve));
  expect(load).toHaveBeenCalledTimes(1);
  expect(screen.queryByText('keys')).toBeNull();
  act(() => void window.dispatchEvent(new Event('online')));
  expect(await screen.findByText('keys')).toBeTruthy();
});

it('asks again after ten seconds where the server alone was away', async () => {
  vi.useFakeTimers();
  const load = vi.fn().mockRejectedValueOnce(new TypeError('away')).mockResolvedValue(Part);
  shown(load);
  await act(() => vi.advanceTimersByTimeAsync(9_999));
  expect(load).toHaveBeenCalledTimes(1);
  await act(() => vi.advanceTimersByTimeAsync(1));
  expect(load).toHaveBeenCalledTimes(2);
});
