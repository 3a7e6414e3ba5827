import type { OpenBlock, SaveBlockBody } from '@nadir/contract';
import 'fake-indexeddb/auto';
// An answer is read with it once it has come: no test is to wait for it.
import '@nadir/contract';
import '@nadir/contract/first';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createStore } from '../app/store.js';
import { autosave } from './autosave.js';
import { laterMiddleware } from './later.js';
import { changed, editorOf, opened } from './editor-slice.js';
import type { Draft } from './editor-state.js';
import { clearDrafts, draftsOf, dropDraft, keepDraft, leaveDevice } from './drafts.js';
import { adoptLegacyDraft } from './legacy-drafts.js';
import { whatToOpen } from './what-to-open.js';

laterMiddleware.addMiddleware(autosave.middleware);

const COACH = '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a10';

const block: OpenBlock = {
  id: '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a11',
  athleteId: '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a12',
  revision: 1,
  savedAt: '2027-02-10T09:14:00.000Z',
  history: [],
  wishes: {
    format: 'nadir-block',
    version: 3,
    engine: 21,
    race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
  },
};
const change = (weeks: number) =>
  changed({ wishes: { ...block.wishes, weeks }, words: `${weeks} weeks.` });

/** Each call is answered by the next of `answers`; the last one goes on answering. */
function serve(...answers: ((sent: SaveBlockBody) => Response)[]): SaveBlockBody[] {
  const sent: SaveBlockBody[] = [];
  // Async, so that an answer that throws is a call that rejects, as the browser's is.
  // oxlint-disable-next-line typescript/require-await
  vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
    const parsed = JSON.parse(body) as SaveBlockBody;
    sent.push(parsed);
    return answers[Math.min(sent.length, answers.length) - 1]?.(parsed);
  });
  return sent;
}

const stores = ({ revision, wishes }: SaveBlockBody) =>
  Response.json({ ...block, revision: revision + 1, wishes });
const away = () => {
  throw new TypeError('Failed to fetch');
};

/** Node’s, which the tests run in; the site itself has none. */
declare const setImmediate: (work: (value: unknown) => void) => void;

/** Lets time pass, and what the device's storage does meanwhile. */
async function pass(milliseconds: number): Promise<void> {
  for (let passed = 0; passed < milliseconds; passed += 50) {
    await vi.advanceTimersByTimeAsync(50);
    for (let turn = 0; turn < 4; turn++) await new Promise((resolve) => setImmediate(resolve));
  }
}

/** The weeks of what the device keeps of a block. */
async function keptWeeks(id = block.id): Promise<(number | undefined)[]> {
  const { drafts } = await draftsOf(COACH, id);
  return drafts.map(({ wishes }) => wishes.weeks);
}

beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
  localStorage.clear();
  await clearDrafts(COACH);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function openStore() {
  const store = createStore();
  store.dispatch(opened(block, COACH));
  return store;
}

it('saves once the hand has rested, with the words of all that was done', async () => {
  const sent = serve(stores);
  const store = openStore();
  store.dispatch(change(10));
  store.dispatch(change(12));
  await pass(50);
  expect(await keptWeeks()).toEqual([12]);
  await pass(600);
  const words = '10 weeks. 12 weeks.';
  expect(sent).toMatchObject([{ revision: 1, wishes: { ...block.wishes, weeks: 12 }, words }]);
  expect(editorOf(store.getState())).toMatchObject({ save: 'saved', block: { revision: 2 } });
  expect(await keptWeeks()).toEqual([]);
});

it('leaves the version as it lies where it comes back as it was sent', async () => {
  const inOtherOrder = ({ wishes: { race, ...rest } }: SaveBlockBody) =>
    Response.json({ ...block, revision: 2, wishes: { race, ...rest } });
  serve(inOtherOrder);
  const store = openStore();
  // A field that says nothing is not sent, and does not come back.
  const wishes = { ...block.wishes, weeks: 12, pins: undefined };
  store.dispatch(changed({ wishes, words: '12 weeks.' }));
  await pass(600);
  const { save, present } = editorOf(store.getState());
  expect(save).toBe('saved');
  expect(present).toBe(wishes);
});

it('keeps the draft while the server is away, and sends it when it is back', async () => {
  const sent = serve(away, away, stores);
  const store = openStore();
  store.dispatch(change(10));
  await pass(600);
  expect(editorOf(store.getState()).save).toBe('away');
  expect(await keptWeeks()).toEqual([10]);
  await pass(1100);
  expect(editorOf(store.getState())).toMatchObject({ save: 'away', tries: 2 });
  window.dispatchEvent(new Event('online'));
  await pass(10);
  expect(sent).toHaveLength(3);
  expect(editorOf(store.getState()).save).toBe('saved');
});

it('is as late as its last change, however often its save is tried again', async () => {
  serve(away);
  const store = openStore();
  const at = async () => (await draftsOf(COACH, block.id)).drafts[0]?.at;
  store.dispatch(change(10));
  await pass(600);
  const first = await at();
  await pass(3000);
  expect(editorOf(store.getState()).tries).toBeGreaterThan(1);
  expect(await at()).toBe(first);
  store.dispatch(change(12));
  await pass(50);
  expect(first !== undefined && ((await at()) ?? '') > first).toBe(true);
});

it('stops at a conflict and waits for the coach', async () => {
  const current = { ...block, revision: 4 };
  const sent = serve(() =>
    Response.json({ code: 'stale-revision', message: 'Changed.', current }, { status: 409 }),
  );
  const store = openStore();
  store.dispatch(change(10));
  await pass(600);
  expect(editorOf(store.getState())).toMatchObject({ save: 'conflict', theirs: { revision: 4 } });
  store.dispatch(change(11));
  await vi.advanceTimersByTimeAsync(10_000);
  expect(sent).toHaveLength(1);
});

it('says what the server refused, and what it answered that nobody can read', async () => {
  serve(
    () => Response.json({ code: 'invalid', message: 'Nothing was saved.' }, { status: 400 }),
    () => Response.json({ surprise: true }, { status: 418 }),
  );
  const store = openStore();
  store.dispatch(change(10));
  await pass(600);
  expect(editorOf(store.getState())).toMatchObject({
    save: 'refused',
    refusal: 'Nothing was saved.',
  });
  store.dispatch(change(11));
  await pass(600);
  expect(editorOf(store.getState()).refusal).toContain('cannot be read');
  expect(await keptWeeks()).toEqual([11]);
});

const other: OpenBlock = { ...block, id: '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a13' };

it('stores a block that was left unsaved while another lies in the editor', async () => {
  const sent = serve(away, away, stores);
  const store = openStore();
  store.dispatch(change(10));
  await pass(600);
  store.dispatch(opened(other, COACH));
  await pass(3100);
  expect(sent).toHaveLength(3);
  expect(sent[2]).toMatchObject({ revision: 1, wishes: { weeks: 10 }, words: '10 weeks.' });
  expect(await keptWeeks()).toEqual([]);
  expect(editorOf(store.getState())).toMatchObject({ save: 'saved', block: { id: other.id } });
});

it('never lets one block’s answer touch another', async () => {
  serve(away);
  const store = openStore();
  store.dispatch(change(10));
  await pass(490);
  store.dispatch(opened(other, COACH));
  await pass(600);
  expect(editorOf(store.getState())).toMatchObject({
    save: 'saved',
    block: { id: other.id },
    unsaved: [],
  });
  expect(await keptWeeks()).toEqual([10]);
});

it('leaves the stored version as it is where a save of what it replaced fails after it', async () => {
  let fail = () => undefined as void;
  vi.stubGlobal('fetch', () => new Promise((_, reject) => (fail = () => reject(new TypeError()))));
  const store = createStore();
  store.dispatch(opened(block, COACH));
  store.dispatch(change(14));
  await pass(600);
  expect(editorOf(store.getState()).save).toBe('saving');
  store.dispatch(opened(block, COACH));
  fail();
  await pass(2000);
  expect(editorOf(store.getState())).toMatchObject({ save: 'saved', unsaved: [] });
});

it('sends what was changed while a save was on its way, on its new revision', async () => {
  const sent = serve(stores);
  const store = openStore();
  store.dispatch(change(10));
  await pass(500);
  store.dispatch(change(11));
  await pass(1200);
  expect(sent.map(({ revision, words }) => [revision, words])).toEqual([
    [1, '10 weeks.'],
    [2, '11 weeks.'],
  ]);
  expect(editorOf(store.getState())).toMatchObject({ save: 'saved', block: { revision: 3 } });
  expect(await keptWeeks()).toEqual([]);
});

it('drops the draft of a version that is stored, in whatever order its fields stand', async () => {
  serve(stores);
  const store = openStore();
  const { format, version, engine, race } = block.wishes;
  // As a command writes them: the race and the weeks before what a file begins with.
  store.dispatch(
    changed({ wishes: { weeks: 12, race, engine, version, format }, words: '12 weeks.' }),
  );
  await pass(50);
  expect(await keptWeeks()).toEqual([12]);
  await pass(1000);
  expect(editorOf(store.getState()).save).toBe('saved');
  expect(await keptWeeks()).toEqual([]);
});

it('tries again by itself after a 5xx, with growing pauses and as long as the server asks', async () => {
  const down = (status: number, seconds?: number) => () =>
    Response.json(
      { code: 'away', message: 'The database does not answer.' },
      { status, headers: seconds === undefined ? {} : { 'retry-after': String(seconds) } },
    );
  const sent = serve(down(503, 5), down(500), () => new Response('<html>'), stores);
  const store = openStore();
  store.dispatch(change(10));
  await pass(600);
  expect(editorOf(store.getState()).save).toBe('away');
  await pass(4800);
  expect(sent).toHaveLength(1);
  await pass(400);
  expect(sent).toHaveLength(2);
  await pass(2200);
  expect(sent).toHaveLength(3);
  await pass(4200);
  expect(editorOf(store.getState()).save).toBe('saved');
  expect(new Set(sent.map(({ saveId }) => saveId)).size).toBe(1);
});

it('sends a save whose answer was lost once more, the same, before what came after it', async () => {
  const sent = serve(away, stores);
  const store = openStore();
  store.dispatch(change(10));
  await pass(600);
  store.dispatch(change(12));
  await pass(2500);
  expect(sent.map(({ revision, words }) => [revision, words])).toEqual([
    [1, '10 weeks.'],
    [1, '10 weeks.'],
    [2, '12 weeks.'],
  ]);
  expect(sent[1]?.saveId).toBe(sent[0]?.saveId);
  expect(sent[2]?.saveId).not.toBe(sent[0]?.saveId);
});

it('takes the same content from the other side in silence', async () => {
  const current = { ...block, revision: 4, wishes: { ...block.wishes, weeks: 10 } };
  serve(() =>
    Response.json({ code: 'stale-revision', message: 'Changed.', current }, { status: 409 }),
  );
  const store = openStore();
  store.dispatch(change(10));
  await pass(700);
  expect(editorOf(store.getState())).toMatchObject({ save: 'saved', block: { revision: 4 } });
  expect(await keptWeeks()).toEqual([]);
});

describe('a device that keeps nothing', () => {
  it.each([
    ['full', () => vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(throwing)],
    ['denied', () => vi.spyOn(IDBDatabase.prototype, 'transaction').mockImplementation(throwing)],
  ])('%s: saving goes on, and the editor knows', async (_, deny) => {
    const denied = deny();
    const sent = serve(away, stores);
    const store = openStore();
    store.dispatch(change(10));
    await pass(700);
    expect(editorOf(store.getState())).toMatchObject({ save: 'away', kept: false });
    await pass(1200);
    expect(sent).toHaveLength(2);
    expect(editorOf(store.getState()).save).toBe('saved');
    denied.mockRestore();
    store.dispatch(change(11));
    await pass(100);
    expect(editorOf(store.getState()).kept).toBe(true);
  });
});

function throwing(): never {
  throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
}

it('ends in a state that is shown when saving breaks', async () => {
  const store = openStore();
  // What cannot be written as JSON cannot be sent.
  const broken = { ...block.wishes, weeks: 10n as unknown as number };
  store.dispatch(changed({ wishes: broken, words: 'Broken.' }));
  await pass(700);
  expect(editorOf(store.getState()).save).toBe('refused');
  expect(editorOf(store.getState()).refusal).not.toBe('');
});

it('ends in a state that is shown when a listener itself breaks', async () => {
  serve(stores);
  const store = openStore();
  const broken = vi.spyOn(BroadcastChannel.prototype, 'postMessage').mockImplementation(throwing);
  const quiet = vi.spyOn(console, 'error').mockImplementation(() => undefined);
  store.dispatch(change(10));
  await pass(800);
  expect(editorOf(store.getState())).toMatchObject({ save: 'refused' });
  expect(editorOf(store.getState()).refusal).toContain('Saving broke on this page');
  broken.mockRestore();
  quiet.mockRestore();
  // The next change is saved all the same.
  store.dispatch(change(12));
  await pass(800);
  expect(editorOf(store.getState())).toMatchObject({ save: 'saved', block: { revision: 3 } });
});

describe('what this device keeps', () => {
  /** A change that could not be sent, as the page before this one left it. */
  async function leave(weeks: number, tab: string): Promise<void> {
    serve(away);
    const store = openStore();
    store.dispatch(change(weeks));
    await pass(100);
    const [mine] = (await draftsOf(COACH, block.id)).drafts;
    if (mine) await adoptAs(tab, mine);
  }
  const adoptAs = async (tab: string, mine: Draft) => {
    await keepDraft({ ...mine, tab });
    await dropDraft({ coachId: COACH, blockId: block.id, tab: mine.tab });
  };

  it('is one version for each tab, and no tab’s is lost to another', async () => {
    await leave(10, 'first');
    await leave(12, 'second');
    expect(new Set(await keptWeeks())).toEqual(new Set([10, 12]));
    const found = await whatToOpen(COACH, block.id, block);
    expect(found.drafts.map(({ tab }) => tab).sort()).toEqual(['first', 'second']);
  });

  it('is dropped where the server has it', async () => {
    await leave(10, 'first');
    await leave(12, 'second');
    const stored = { ...block, revision: 2, wishes: { ...block.wishes, weeks: 12 } };
    const { drafts } = await whatToOpen(COACH, block.id, stored);
    expect(drafts.map(({ wishes }) => wishes.weeks)).toEqual([10]);
    expect(await keptWeeks()).toEqual([10]);
  });

  it('is another coach’s business under another coach', async () => {
    await leave(10, 'first');
    expect((await draftsOf('somebody-else')).drafts).toEqual([]);
    await clearDrafts('somebody-else');
    expect(await keptWeeks()).toEqual([10]);
  });

  it('does not come back by a save that is tried again while its coach leaves', async () => {
    await leave(10, 'first');
    const [left] = (await draftsOf(COACH, block.id)).drafts;
    const theirs = { ...left!, coachId: 'leaving' };
    expect(await keepDraft(theirs)).toBe(true);
    await leaveDevice('leaving');
    expect(await keepDraft(theirs)).toBe(false);
    expect((await draftsOf('leaving')).drafts).toEqual([]);
  });

  it('is adopted from an older Nadir', async () => {
    const { wishes, ...stored } = block;
    const old = { block: stored, wishes: { ...wishes, weeks: 9 }, unsaved: ['9 weeks.'] };
    localStorage.setItem(`nadir.draft.${block.id}`, JSON.stringify(old));
    await adoptLegacyDraft(COACH, block.id);
    expect(await keptWeeks()).toEqual([9]);
    expect(localStorage.length).toBe(0);
  });

  it('can be something that no one reads here, and stays for the coach to take', async () => {
    await leave(10, 'first');
    const kept = (await draftsOf(COACH, block.id)).drafts[0];
    await keepDraft({ ...kept!, wishes: { later: true } as never });
    const found = await draftsOf(COACH, block.id);
    expect(found).toMatchObject({ drafts: [], unreadable: [{ place: { tab: 'first' } }] });
  });
});
