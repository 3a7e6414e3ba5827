import type { OpenBlock, BlockFile } from '@nadir/contract';
import { describe, expect, it } from 'vitest';
import {
  changed,
  conflictMet,
  editorReducer,
  draftsOpened,
  editorOf,
  mineKept,
  opened,
  previewed,
  redone,
  refused,
  saveStarted,
  saved,
  serverAway,
  theirsTaken,
  tryDropped,
  tryKept,
  tryStarted,
  undone,
} from './editor-slice.js';
import type { Draft, EditorState } from './editor-state.js';
import { laterReducers } from './later.js';

const wishes: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
};
const withWeeks = (weeks: number): BlockFile => ({ ...wishes, weeks });
const stored = (revision: number, held = wishes): OpenBlock => ({
  id: '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a11',
  athleteId: '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a12',
  revision,
  savedAt: '2027-02-10T09:14:00.000Z',
  wishes: held,
  history: [],
});

function play(...actions: Parameters<typeof editorReducer>[1][]): EditorState {
  return actions.reduce<EditorState | undefined>(editorReducer, undefined)!;
}

const open = opened(stored(1));
const change = (weeks: number) => changed({ wishes: withWeeks(weeks), words: `${weeks} weeks.` });

describe('the editor', () => {
  it('is empty in a store that has not opened a block, and holds the one it opens', () => {
    const before = laterReducers(undefined, { type: 'begun' });
    expect(editorOf(before)).toMatchObject({ block: null, present: null, past: [] });
    expect(editorOf(laterReducers(before, open)).present).toEqual(wishes);
    const squadOnly = { ...before, editor: undefined };
    expect(editorOf(squadOnly)).toEqual(editorOf(before));
  });

  it('undoes and redoes through a whole errand', () => {
    const after = play(open, change(10), change(12), undone(), undone(), redone());
    expect(after.present).toEqual(withWeeks(10));
    expect(after.past).toHaveLength(1);
    expect(after.future).toHaveLength(1);
  });

  it('has nothing to undo at first, and forgets what was undone once something else is done', () => {
    expect(play(open, undone()).present).toEqual(wishes);
    expect(play(open, change(10), undone(), change(12), redone()).present).toEqual(withWeeks(12));
  });

  it('never saves a preview', () => {
    const after = play(open, previewed(withWeeks(9)));
    expect(after).toMatchObject({ preview: withWeeks(9), present: wishes, save: 'saved' });
    expect(play(open, previewed(withWeeks(9)), change(10)).preview).toBeNull();
  });

  it('is saved when all of it is, and waits when more was done meanwhile', () => {
    const sent = play(open, change(10), saveStarted(), saved(stored(2, withWeeks(10))));
    expect(sent).toMatchObject({ save: 'saved', unsaved: [], block: { revision: 2 } });
    const busy = play(open, change(10), saveStarted(), change(12), saved(stored(2, withWeeks(10))));
    expect(busy).toMatchObject({ save: 'waiting', unsaved: ['12 weeks.'], present: withWeeks(12) });
  });

  it('keeps the object of a past that has not moved', () => {
    const sent = play(open, change(10), saveStarted());
    const after = editorReducer(sent, saved({ ...stored(2, withWeeks(10)), history: [] }));
    expect(after.block?.revision).toBe(2);
    expect(after.block?.history).toBe(sent.block?.history);
  });

  it('sends the same save until it is answered, whatever is done meanwhile', () => {
    const first = play(open, change(10), saveStarted());
    const again = [change(12), serverAway(7), saveStarted()].reduce(editorReducer, first);
    expect(again.sending).toEqual(first.sending);
    expect(again).toMatchObject({ tries: 1, waitSeconds: 7, present: withWeeks(12) });
    const next = [saved(stored(2, withWeeks(10))), saveStarted()].reduce(editorReducer, again);
    expect(next.sending).toMatchObject({ wishes: withWeeks(12), words: '12 weeks.', count: 1 });
    expect(next.sending?.saveId).not.toBe(first.sending?.saveId);
    expect(next.tries).toBe(0);
  });

  it('makes a new save of what was refused', () => {
    const after = play(open, change(10), saveStarted(), refused('No.'), change(12));
    expect(after).toMatchObject({ sending: null, save: 'waiting', refusal: null });
  });

  it('takes no save of another block', () => {
    const other = { ...stored(9), id: '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a19' };
    expect(play(open, saved(other)).block?.revision).toBe(1);
  });

  it('keeps mine over theirs on their revision', () => {
    const after = play(open, change(10), conflictMet(stored(5, withWeeks(8))), mineKept());
    expect(after).toMatchObject({
      save: 'waiting',
      present: withWeeks(10),
      block: { revision: 5 },
    });
  });

  it('takes theirs, with mine one undo away', () => {
    const taken = [open, change(10), conflictMet(stored(5, withWeeks(8))), theirsTaken()];
    expect(play(...taken)).toMatchObject({
      save: 'saved',
      present: withWeeks(8),
      block: { revision: 5 },
    });
    expect(play(...taken, undone()).present).toEqual(withWeeks(10));
  });
});

describe('versions that closed tabs left', () => {
  const left = (weeks: number, tab: string): Draft => ({
    coachId: 'maren',
    tab,
    at: '2027-02-10T09:14:00.000Z',
    block: stored(1),
    wishes: withWeeks(weeks),
    unsaved: [`${weeks} weeks.`],
    sending: null,
  });
  const two = draftsOpened([left(10, 'a'), left(12, 'b')]);

  it('are not saved before the coach has chosen', () => {
    expect(play(two)).toMatchObject({ save: 'conflict', present: withWeeks(10) });
    expect(play(draftsOpened([left(10, 'a')]))).toMatchObject({ save: 'waiting', leftovers: [] });
  });

  it.each([
    ['the later', mineKept, 10, 12],
    ['the earlier', theirsTaken, 12, 10],
  ])('go on as %s, with the other one undo away', (_, chosen, goesOn, inUndo) => {
    const after = play(two, chosen());
    expect(after).toMatchObject({ save: 'waiting', present: withWeeks(goesOn), leftovers: [] });
    expect(after.unsaved.at(-1)).toBe(`${goesOn} weeks.`);
    expect(play(two, chosen(), undone()).present).toEqual(withWeeks(inUndo));
  });
});

describe('a second version that is tried', () => {
  it('takes every change, and leaves the first as it stands and stored', () => {
    const after = play(open, tryStarted(), change(10), change(12), undone());
    expect(after).toMatchObject({ present: wishes, past: [], unsaved: [], save: 'saved' });
    expect(after.trial).toMatchObject({ wishes: withWeeks(10) });
    expect(play(open, tryStarted(), change(10), undone(), redone()).trial?.wishes).toEqual(
      withWeeks(10),
    );
  });

  it('is kept as one change that can be undone', () => {
    const kept = play(open, tryStarted(), change(10), change(12), tryKept());
    expect(kept).toMatchObject({ present: withWeeks(12), trial: null, save: 'waiting' });
    expect(kept.unsaved).toEqual(['Kept what was tried: 10 weeks. 12 weeks.']);
    expect(play(open, tryStarted(), change(10), tryKept(), undone()).present).toEqual(wishes);
  });

  it('is dropped without a trace, and kept without one where nothing was tried', () => {
    expect(play(open, tryStarted(), change(10), tryDropped())).toEqual(play(open));
    expect(play(open, tryStarted(), tryKept())).toEqual(play(open));
  });
});
