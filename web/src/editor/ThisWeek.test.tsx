import { layOut } from '@nadir/core';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { SessionContext } from '../api/session.js';
import { Messages } from '../components/messages.js';
import { signedIn } from '../testing/signed-in.js';
import type { Commands } from './useCommands.js';
import { ThisWeek } from './ThisWeek.js';

const block = layOut({
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
  weeks: 12,
  volume: { start: 40_000, peak: 50_000 },
});

async function open(weeks: number[], problem?: string) {
  const problems = problem === undefined ? [] : [{ code: 'x', path: [], message: problem }];
  const commands = {
    show: vi.fn<Commands['show']>(() => problems),
    run: vi.fn<Commands['run']>(() => problems),
    cancel: vi.fn<Commands['cancel']>(),
  };
  render(
    <MemoryRouter>
      <Messages>
        <SessionContext value={signedIn}>
          <ThisWeek block={block} weeks={weeks} commands={commands} />
        </SessionContext>
      </Messages>
    </MemoryRouter>,
  );
  const words = () => commands.run.mock.lastCall?.[0].message;
  const user = userEvent.setup();
  await user.click(screen.getByRole('button', { name: /^Th(is|ese) week/ }));
  return { commands, words, user };
}

const item = (name: string) => screen.getByRole('menuitem', { name });

afterEach(cleanup);

describe('the menu of the chosen weeks', () => {
  it.each([
    ['Lighter by 5%', 'Scaled weeks 5–6 to 95%.'],
    ['Heavier by 5%', 'Scaled weeks 5–6 to 105%.'],
    ['Move a week earlier', 'Moved weeks 5–6 1 week earlier.'],
    ['Move a week later', 'Moved weeks 5–6 1 week later.'],
    ['Insert a week before week 5', 'Inserted a week before week 5.'],
    ['Copy week 5’s days to the others', 'Copied the days of week 5 to week 6.'],
    [
      'Copy week 5’s days, scaled to each week',
      'Copied the days of week 5 to week 6, scaled to each.',
    ],
  ])('%s is one command', async (name, said) => {
    const { user, words } = await open([5, 6]);
    await user.click(item(name));
    expect(words()).toBe(said);
  });

  it('scales to a typed per cent, and copies a pattern to a typed week, by Enter', async () => {
    const { user, words } = await open([5, 6]);
    await user.clear(screen.getByLabelText('Scale to, %'));
    await user.type(screen.getByLabelText('Scale to, %'), '80{Enter}');
    expect(words()).toBe('Scaled weeks 5–6 to 80%.');
    await user.clear(screen.getByLabelText('Copy pattern to week'));
    await user.type(screen.getByLabelText('Copy pattern to week'), '9{Enter}');
    expect(words()).toBe('Copied the pattern of weeks 5–6 to week 9.');
  });

  it('takes no per cent that is none, and says its range', async () => {
    const { user, commands } = await open([5]);
    await user.clear(screen.getByLabelText('Scale to, %'));
    await user.type(screen.getByLabelText('Scale to, %'), '900');
    expect(screen.getByRole('alert').textContent).toContain('from 1 to 300');
    expect(commands.run).not.toHaveBeenCalled();
  });

  it('rebuilds from one week, not several, and not from the first', async () => {
    const { user, words } = await open([5]);
    await user.click(item('Rebuild from here'));
    expect(words()).toBe('Set the block to rebuild from week 5.');
    for (const weeks of [[5, 6], [1]]) {
      cleanup();
      await open(weeks);
      expect(item('Rebuild from here').getAttribute('aria-disabled')).toBe('true');
    }
  });

  it('removes one week, not several', async () => {
    const { user, words } = await open([5]);
    await user.click(item('Remove week 5'));
    expect(words()).toBe('Removed week 5.');
    cleanup();
    await open([5, 6]);
    expect(item('Remove week 5').getAttribute('aria-disabled')).toBe('true');
  });

  it('says what stands in the way', async () => {
    const { user } = await open([5], 'Week 5 is beyond anyone.');
    await user.click(item('Heavier by 5%'));
    expect(await screen.findByText('Week 5 is beyond anyone.')).toBeTruthy();
  });
});
