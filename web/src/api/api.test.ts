import { afterEach, describe, expect, it, vi } from 'vitest';
import { createStore } from '../app/store.js';
import { api } from './api.js';
import { errorSentence } from './call-error.js';

const session = { today: '2027-02-10', demo: true, firstCoachWanted: false, coach: null };

function answerWith(reply: () => Response) {
  // oxlint-disable-next-line typescript/require-await
  vi.stubGlobal('fetch', async () => reply());
}

async function ask() {
  const store = createStore();
  return store.dispatch(api.endpoints.session.initiate());
}

afterEach(() => {
  vi.unstubAllGlobals();
});

describe('calling the server', () => {
  it('gives what the schema makes of the answer', async () => {
    answerWith(() => Response.json(session));
    expect((await ask()).data).toEqual(session);
  });

  it('tells a server that is away from one that refuses', async () => {
    answerWith(() => {
      throw new TypeError('Failed to fetch');
    });
    expect((await ask()).error).toEqual({ kind: 'away' });
    answerWith(() => new Response('<h1>Bad gateway</h1>', { status: 502 }));
    expect((await ask()).error).toEqual({ kind: 'away' });
    const refusal = { code: 'not-found', message: 'There is no such block.' };
    answerWith(() => Response.json(refusal, { status: 404 }));
    expect((await ask()).error).toEqual({ kind: 'refused', status: 404, refusal });
  });

  it.each([
    ['no JSON', () => new Response('hello')],
    ['another shape', () => Response.json({ ...session, today: 'soon' })],
  ])('trusts no answer that is %s', async (_, reply) => {
    answerWith(reply);
    expect((await ask()).error).toEqual({ kind: 'unreadable', status: 200 });
  });

  it('reads past what a newer server says beyond what this page knows', async () => {
    answerWith(() => Response.json({ ...session, colour: 'red' }));
    expect((await ask()).data).toEqual(session);
  });

  it('puts every error into a sentence that says what to do', () => {
    const problems = [{ code: 'x', path: ['wishes', 'weeks'], message: 'Too many weeks.' }];
    const refused = {
      kind: 'refused' as const,
      status: 400,
      refusal: { code: 'invalid', message: 'Nothing was saved.', problems },
    };
    expect(errorSentence(refused)).toBe('Nothing was saved. Too many weeks.');
    expect(errorSentence({ kind: 'away' })).toMatch(/try again/);
    expect(errorSentence({ kind: 'unreadable', status: 500 })).toMatch(/Reload the page/);
  });

  it('shows a setting at once, and takes it back when it is refused', async () => {
    const coach = {
      id: '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a11',
      name: 'Maren Tolvik',
      email: 'maren@skerrylane.example',
      settings: {
        unit: 'km',
        step: 1,
        theme: 'light',
        weekStartsOn: 'monday',
        ledgerRows: 'all',
        singleKeys: true,
      } as const,
      houseRules: {},
      paces: null,
      library: [],
    };
    answerWith(() => Response.json({ ...session, coach }));
    const store = createStore();
    await store.dispatch(api.endpoints.session.initiate());
    const unit = () => api.endpoints.session.select()(store.getState()).data?.coach?.settings.unit;
    answerWith(() => Response.json({ code: 'invalid', message: 'No.' }, { status: 400 }));
    const saving = store.dispatch(
      api.endpoints.saveSettings.initiate({ ...coach.settings, unit: 'mi' }),
    );
    expect(unit()).toBe('mi');
    await saving;
    expect(unit()).toBe('km');
  });
});
