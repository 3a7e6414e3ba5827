import { configure, render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter, Route, Routes } from 'react-router';
import { vi } from 'vitest';
// A page waits for them when it reads its first answer: no test is to.
import '@nadir/contract';
import '@nadir/contract/first';
import { CoachingContext } from '../api/coaching.js';
import { SessionContext } from '../api/session.js';
import { createStore } from '../app/store.js';
import { Messages } from '../components/messages.js';
import { coaching, signedIn } from './signed-in.js';

// On a machine that is busy a page takes its time.
configure({ asyncUtilTimeout: 20_000 });

/** What a server answers to `METHOD /path`: a body, or a whole response; given what was sent. */
export type Answers = Record<string, (sent: unknown) => unknown>;

/** A refusal as the server sends it. */
export function refused(status: number, message: string): Response {
  return Response.json({ code: 'invalid', message }, { status });
}

/**
 * Shows a page at an address, before a server that answers as told. Whatever else
 * is asked is away. Returns what was sent, in order, and somebody to use the page.
 */
export function renderPage(
  page: ReactNode,
  { at = '/', path = at, answers = {} }: { at?: string; path?: string; answers?: Answers } = {},
) {
  const calls: { route: string; sent: unknown }[] = [];
  vi.stubGlobal('fetch', async (address: string, { method = 'GET', body }: RequestInit = {}) => {
    const route = `${method} ${address}`;
    const sent: unknown = typeof body === 'string' ? JSON.parse(body) : undefined;
    calls.push({ route, sent });
    const answer = answers[route];
    if (!answer) throw new TypeError(`Nobody answers ${route}`);
    const said = await answer(sent);
    return said instanceof Response ? said : Response.json(said);
  });
  const store = createStore();
  render(
    <Provider store={store}>
      <SessionContext.Provider value={signedIn}>
        <CoachingContext.Provider value={coaching}>
          <Messages>
            <MemoryRouter initialEntries={[at]}>
              <Routes>
                <Route path={path} element={page} />
                <Route path="*" element={<p>elsewhere</p>} />
              </Routes>
            </MemoryRouter>
          </Messages>
        </CoachingContext.Provider>
      </SessionContext.Provider>
    </Provider>,
  );
  const sentTo = (route: string) =>
    calls.filter((call) => call.route === route).map(({ sent }) => sent);
  return { sentTo, user: userEvent.setup() };
}
