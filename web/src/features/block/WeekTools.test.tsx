import { layOut } from '@nadir/core';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Commands } from '../../editor/useCommands.js';
import { WeekTools } from './WeekTools.js';

const block = layOut({
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
  weeks: 12,
  volume: { start: 40_000, peak: 50_000 },
});

function open(weeks: number[], problem?: string) {
  const problems = problem === undefined ? [] : [{ code: 'x', path: [], message: problem }];
  const commands = {
    show: vi.fn<Commands['show']>(() => problems),
    run: vi.fn<Commands['run']>(() => problems),
    cancel: vi.fn<Commands['cancel']>(),
  };
  render(<WeekTools block={block} weeks={weeks} commands={commands} />);
  const words = () => commands.run.mock.lastCall?.[0].message;
  return { commands, words, user: userEvent.setup() };
}

const click = (name: string) => screen.getByRole('button', { name });

afterEach(cleanup);

describe('the tools for the weeks in hand', () => {
  it.each([
    ['−5 %', 'Scaled weeks 5–6 to 95 %.'],
    ['+5 %', 'Scaled weeks 5–6 to 105 %.'],
    ['earlier', 'Moved weeks 5–6 1 week earlier.'],
    ['later', 'Moved weeks 5–6 1 week later.'],
    ['insert week', 'Inserted a week before week 5.'],
  ])('%s is one command', async (name, said) => {
    const { user, words } = open([5, 6]);
    await user.click(click(name));
    expect(words()).toBe(said);
  });

  it('scales to a typed per cent, and copies a shape to a typed week, by Enter', async () => {
    const { user, words } = open([5, 6]);
    const percent = screen.getByLabelText(/Scale to per cent/);
    await user.clear(percent);
    await user.type(percent, '80{Enter}');
    expect(words()).toBe('Scaled weeks 5–6 to 80 %.');
    const target = screen.getByLabelText(/Copy the shape/);
    await user.clear(target);
    await user.type(target, '9{Enter}');
    expect(words()).toBe('Copied the shape of weeks 5–6 to week 9.');
  });

  it('takes no per cent that is none', async () => {
    const { user, commands } = open([5]);
    const percent = screen.getByLabelText(/Scale to per cent/);
    await user.clear(percent);
    await user.type(percent, '900{Enter}');
    expect(commands.run).not.toHaveBeenCalled();
  });

  it('drops one week, not several', async () => {
    const { user, words } = open([5]);
    await user.click(click('drop week'));
    expect(words()).toBe('Dropped week 5.');
    cleanup();
    open([5, 6]);
    expect(screen.queryByRole('button', { name: 'drop week' })).toBeNull();
  });

  it('says what stands in the way', async () => {
    const { user } = open([5], 'Week 5 is beyond anyone.');
    await user.click(click('+5 %'));
    expect(screen.getByRole('status').textContent).toBe('Week 5 is beyond anyone.');
  });
});
