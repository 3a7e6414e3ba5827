import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useHotkeys } from 'react-hotkeys-hook';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Messages, useSay } from './messages.js';

afterEach(cleanup);

const plan = vi.fn();
const back = vi.fn();

/** A page with an undo of its own, on which two things are done. */
function Page() {
  const say = useSay();
  useHotkeys('mod+z', plan);
  return (
    <>
      <button onClick={() => say({ text: 'Kept.', undo: back })}>Keep</button>
      <button onClick={() => say({ text: 'Copied.' })}>Copy</button>
    </>
  );
}

const undo = () => fireEvent.keyDown(document.body, { key: 'z', code: 'KeyZ', ctrlKey: true });

/** Does one of them, waits until it is said, and presses the key of undo. */
async function undoAfter(act: string, said: string) {
  vi.clearAllMocks();
  render(
    <Messages>
      <Page />
    </Messages>,
  );
  fireEvent.click(screen.getByRole('button', { name: act }));
  await screen.findByText(said);
  undo();
}

describe('the key of undo', () => {
  it('takes back what was said last, once, and the plan’s last step after it', async () => {
    await undoAfter('Keep', 'Kept.');
    expect([back.mock.calls.length, plan.mock.calls.length]).toEqual([1, 0]);
    undo();
    expect([back.mock.calls.length, plan.mock.calls.length]).toEqual([1, 1]);
  });

  it('is the plan’s where what was said cannot be taken back', async () => {
    await undoAfter('Copy', 'Copied.');
    expect([back.mock.calls.length, plan.mock.calls.length]).toEqual([0, 1]);
  });
});
