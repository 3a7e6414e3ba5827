import type { BlockFile } from '@nadir/contract';
import { newestEngine } from '@nadir/core/rules';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { signedIn } from '../../testing/signed-in.js';

const measure = { basis: 'distance', unit: 'km', step: 1 } as const;
const past = { asOf: signedIn.today, history: [], record: [] };
const race = { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 };
const fileOf = (change: Partial<BlockFile>): BlockFile => ({
  format: 'nadir-block',
  version: 3,
  engine: newestEngine,
  race,
  weeks: 12,
  volume: { start: 40_000, peak: 50_000 },
  ...change,
});

beforeEach(() => {
  // The page as of a Nadir whose defaults have become the next number.
  vi.resetModules();
  vi.doMock('@nadir/core/rules', async (original) => ({
    ...(await original<object>()),
    newestEngine: newestEngine + 1,
  }));
});
afterEach(() => {
  vi.doUnmock('@nadir/core/rules');
  vi.resetModules();
  cleanup();
});

/** A block under older defaults, which laid it out as `then`. */
async function open(file: BlockFile, then = file) {
  const { configureStore } = await import('@reduxjs/toolkit');
  const { Provider } = await import('react-redux');
  const { opened, editorReducer } = await import('../../editor/editor-slice.js');
  const { SessionContext } = await import('../../api/session.js');
  const { laidOf } = await import('../../components/useLaidBlock.js');
  const { DefaultsNotice } = await import('./DefaultsNotice.js');
  const store = configureStore({ reducer: { editor: editorReducer } });
  const block = {
    id: '11111111-1111-4111-8111-111111111111',
    athleteId: '22222222-2222-4222-8222-222222222222',
    revision: 1,
    savedAt: '2027-02-10T07:00:00.000Z',
    wishes: file,
    history: [],
  };
  store.dispatch(opened(block));
  render(
    <Provider store={store}>
      <SessionContext.Provider value={signedIn}>
        <DefaultsNotice file={file} base={laidOf(then, past, measure)} />
      </SessionContext.Provider>
    </Provider>,
  );
  return store;
}

describe('newer defaults', () => {
  it('are not spoken of in a block that has them', async () => {
    await open(fileOf({ engine: newestEngine + 1 }));
    expect(screen.queryByRole('region')).toBeNull();
  });

  it('say that they would move nothing where that is so', async () => {
    await open(fileOf({}));
    expect(screen.getByRole('region').textContent).toContain('would move no day to come');
  });

  it('say how many days to come would move, and change the block only as a version that is tried', async () => {
    const file = fileOf({});
    const store = await open(file, fileOf({ pins: [{ week: 6, volume: 30_000 }] }));
    expect(screen.getByRole('region').textContent).toMatch(/would move \d+ days to come/);
    expect(store.getState().editor.present).toBe(file);
    await userEvent.click(screen.getByRole('button', { name: 'Try the newer defaults' }));
    const { present, trial } = store.getState().editor;
    expect(present).toBe(file);
    expect(trial?.wishes.engine).toBe(newestEngine + 1);
    expect(screen.queryByRole('region')).toBeNull();
  });
});
