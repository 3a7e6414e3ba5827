import type { BlockAnswer, SaveBlockBody } from '@nadir/contract';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { createStore } from '../app/store.js';
import { changed, opened } from './desk.js';
import { readDraft } from './drafts.js';

const block: BlockAnswer = {
  id: '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a11',
  athleteId: '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a12',
  revision: 1,
  savedAt: '2027-02-10T09:14:00.000Z',
  wishes: {
    format: 'nadir-block',
    version: 1,
    race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
  },
};
const change = (weeks: number) =>
  changed({ wishes: { ...block.wishes, weeks }, words: `${weeks} weeks.` });

/** Each call is answered by the next of `answers`; the last one goes on answering. */
function serve(...answers: ((sent: SaveBlockBody) => Response)[]): SaveBlockBody[] {
  const sent: SaveBlockBody[] = [];
  // Async, so that an answer that throws is a call that rejects, as the browser's is.
  // eslint-disable-next-line @typescript-eslint/require-await
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

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function openStore() {
  const store = createStore();
  store.dispatch(opened(block));
  return store;
}

it('saves once the hand has rested, with the words of all that was done', async () => {
  const sent = serve(stores);
  const store = openStore();
  store.dispatch(change(10));
  store.dispatch(change(12));
  expect(readDraft(block.id)?.wishes.weeks).toBe(12);
  await vi.advanceTimersByTimeAsync(600);
  expect(sent).toEqual([
    { revision: 1, wishes: { ...block.wishes, weeks: 12 }, words: '10 weeks. 12 weeks.' },
  ]);
  expect(store.getState().desk).toMatchObject({ save: 'saved', block: { revision: 2 } });
  expect(readDraft(block.id)).toBeUndefined();
});

it('keeps the draft while the server is away, and sends it when it is back', async () => {
  const sent = serve(away, away, stores);
  const store = openStore();
  store.dispatch(change(10));
  await vi.advanceTimersByTimeAsync(600);
  expect(store.getState().desk.save).toBe('away');
  expect(readDraft(block.id)?.wishes.weeks).toBe(10);
  await vi.advanceTimersByTimeAsync(3100);
  expect(store.getState().desk.save).toBe('away');
  window.dispatchEvent(new Event('online'));
  await vi.advanceTimersByTimeAsync(10);
  expect(sent).toHaveLength(3);
  expect(store.getState().desk.save).toBe('saved');
});

it('stops at a conflict and waits for the coach', async () => {
  const current = { ...block, revision: 4 };
  const sent = serve(() =>
    Response.json({ code: 'stale-revision', message: 'Changed.', current }, { status: 409 }),
  );
  const store = openStore();
  store.dispatch(change(10));
  await vi.advanceTimersByTimeAsync(600);
  expect(store.getState().desk).toMatchObject({ save: 'conflict', theirs: { revision: 4 } });
  store.dispatch(change(11));
  await vi.advanceTimersByTimeAsync(10_000);
  expect(sent).toHaveLength(1);
});

it('says what the server refused, and what it answered that nobody can read', async () => {
  serve(
    () => Response.json({ code: 'invalid', message: 'Nothing was saved.' }, { status: 400 }),
    () => Response.json({ surprise: true }),
  );
  const store = openStore();
  store.dispatch(change(10));
  await vi.advanceTimersByTimeAsync(600);
  expect(store.getState().desk).toMatchObject({ save: 'refused', refusal: 'Nothing was saved.' });
  store.dispatch(change(11));
  await vi.advanceTimersByTimeAsync(600);
  expect(store.getState().desk.refusal).toContain('cannot be read');
  expect(readDraft(block.id)?.wishes.weeks).toBe(11);
});

it('reads no draft that is not one', () => {
  localStorage.setItem(`nadir.draft.${block.id}`, '{"wishes": 7}');
  expect(readDraft(block.id)).toBeUndefined();
});

const other: BlockAnswer = { ...block, id: '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a13' };

it('stores a block that was left unsaved while another lies on the desk', async () => {
  const sent = serve(away, away, stores);
  const store = openStore();
  store.dispatch(change(10));
  await vi.advanceTimersByTimeAsync(600);
  store.dispatch(opened(other));
  await vi.advanceTimersByTimeAsync(3100);
  expect(sent).toHaveLength(3);
  expect(sent[2]).toMatchObject({ revision: 1, wishes: { weeks: 10 }, words: '10 weeks.' });
  expect(readDraft(block.id)).toBeUndefined();
  expect(store.getState().desk).toMatchObject({ save: 'saved', block: { id: other.id } });
});

it('never lets one block’s answer touch another', async () => {
  serve(away);
  const store = openStore();
  store.dispatch(change(10));
  await vi.advanceTimersByTimeAsync(490);
  store.dispatch(opened(other));
  await vi.advanceTimersByTimeAsync(600);
  expect(store.getState().desk).toMatchObject({
    save: 'saved',
    block: { id: other.id },
    unsaved: [],
  });
  expect(readDraft(block.id)?.wishes.weeks).toBe(10);
});

it('sends what was changed while a save was on its way, on its new revision', async () => {
  const sent = serve(stores);
  const store = openStore();
  store.dispatch(change(10));
  await vi.advanceTimersByTimeAsync(500);
  store.dispatch(change(11));
  await vi.advanceTimersByTimeAsync(1200);
  expect(sent.map(({ revision, words }) => [revision, words])).toEqual([
    [1, '10 weeks.'],
    [2, '11 weeks.'],
  ]);
  expect(store.getState().desk).toMatchObject({ save: 'saved', block: { revision: 3 } });
  expect(readDraft(block.id)).toBeUndefined();
});

it('drops the draft of a version that is stored, in whatever order its fields stand', async () => {
  serve(stores);
  const store = openStore();
  const { format, version, race } = block.wishes;
  // As a command writes them: the race and the weeks before what a file begins with.
  store.dispatch(changed({ wishes: { weeks: 12, race, version, format }, words: '12 weeks.' }));
  expect(readDraft(block.id)?.wishes.weeks).toBe(12);
  await vi.advanceTimersByTimeAsync(1000);
  expect(store.getState().desk.save).toBe('saved');
  expect(readDraft(block.id)).toBeUndefined();
});
