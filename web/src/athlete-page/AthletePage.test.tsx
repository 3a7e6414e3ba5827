import 'fake-indexeddb/auto';
import type { AthletePage as Page } from '@nadir/contract/athlete';
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { coach } from '../testing/signed-in.js';
import { AthletePage } from './AthletePage.js';

const page: Page = {
  athlete: 'Idris Vale',
  coach: coach.name,
  ends: '2099-12-31',
  daysAhead: 0,
  block: null,
  done: [],
  sore: [],
  said: [],
  requests: [],
};
const busy = () => Response.json({ code: 'away', message: 'Try again shortly.' }, { status: 503 });

/** A link of its own a test: the device keeps the pages of all. */
let links = 0;

/** Opens the page of a link; answers come in turn, the last one again and again. */
function open(...answers: readonly (() => Response)[]) {
  const calls = vi.fn(() => {
    const answer = answers[Math.min(calls.mock.calls.length, answers.length) - 1];
    return answer
      ? Promise.resolve().then(answer)
      : Promise.reject(new TypeError('Failed to fetch'));
  });
  vi.stubGlobal('fetch', calls);
  render(<AthletePage link={`link-${++links}`} />);
  return calls;
}

/** Lets a while pass on the page. */
const pass = (seconds: number) => act(() => vi.advanceTimersByTimeAsync(seconds * 1000));

beforeEach(() => void vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] }));
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

describe('a page that was never on this device', () => {
  it('says that the server is not answering, and opens a few seconds after it does', async () => {
    const calls = open(busy, () => Response.json(page));
    expect(await screen.findByText(/^The server is not answering, and your page is/)).toBeTruthy();
    await pass(4);
    expect(calls).toHaveBeenCalledTimes(1);
    await pass(1);
    expect(await screen.findByText('Idris Vale')).toBeTruthy();
    expect(screen.queryByText(/server is not answering/)).toBeNull();
  });

  it.each<[string, () => Response]>([
    [
      'nothing in time',
      () => {
        throw new DOMException('signal timed out', 'TimeoutError');
      },
    ],
    [
      'a page of something before the server',
      () => new Response('<h1>Bad gateway</h1>', { status: 502 }),
    ],
  ])('calls no server offline that answers with %s', async (_, answer) => {
    open(answer);
    expect(await screen.findByText(/^The server is not answering, and your page is/)).toBeTruthy();
  });

  it('says that there is no line where there is none', async () => {
    open();
    expect(await screen.findByText(/^You are offline, and your page is/)).toBeTruthy();
  });

  it('asks no closed link again before a minute is over', async () => {
    const closed = () =>
      Response.json({ code: 'ended', message: 'This link has ended.' }, { status: 401 });
    const calls = open(closed);
    expect(await screen.findByText('This link has ended.')).toBeTruthy();
    await pass(59);
    expect(calls).toHaveBeenCalledTimes(1);
    await pass(1);
    expect(calls).toHaveBeenCalledTimes(2);
  });
});

describe('a page that is on this device', () => {
  it('is shown while the server is not answering, and says of when it is', async () => {
    const calls = open(() => Response.json(page), busy);
    expect(await screen.findByText('Idris Vale')).toBeTruthy();
    await pass(60);
    expect(await screen.findByText(/^The server is not answering\. Updated /)).toBeTruthy();
    expect(screen.getByText('Idris Vale')).toBeTruthy();
    expect(calls).toHaveBeenCalledTimes(2);
  });
});
