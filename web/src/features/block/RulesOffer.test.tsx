import { layOut } from '@nadir/core';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { SolverPanel } from './SolverPanel.js';
import { RulesOffer } from './RulesOffer.js';
import type { Commands } from '../../editor/useCommands.js';

const measure = { basis: 'distance', unit: 'km', step: 1 } as const;
const race = { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 };
const under = (leastDepth?: number) =>
  layOut({
    race,
    weeks: 12,
    volume: { start: 40_000, peak: 50_000 },
    ...(leastDepth !== undefined && {
      houseRules: { values: { 'recovery.leastDepth': leastDepth } },
    }),
  });

const fakes = () => ({
  show: vi.fn<Commands['show']>(() => []),
  run: vi.fn<Commands['run']>(() => []),
  cancel: vi.fn<Commands['cancel']>(),
});

afterEach(cleanup);

describe('after a change of the house rules', () => {
  function open(laidUnder: number | undefined, now: number | undefined) {
    const commands = fakes();
    const houseRules = now === undefined ? {} : { values: { 'recovery.leastDepth': now }, off: [] };
    render(
      <RulesOffer
        houseRules={houseRules}
        block={under(laidUnder)}
        drawn={under(now)}
        measure={measure}
        commands={commands}
      />,
    );
    return { commands, user: userEvent.setup() };
  }

  it('says nothing while the block has the rules of the house', () => {
    open(undefined, undefined);
    expect(screen.queryByText(/have changed/)).toBeNull();
    cleanup();
    open(0.4, 0.4);
    expect(screen.queryByText(/have changed/)).toBeNull();
  });

  it('shows what would move before it is taken, and moves nothing by itself', async () => {
    const { commands, user } = open(undefined, 0.4);
    expect(commands.show).not.toHaveBeenCalled();
    await user.click(screen.getByRole('button', { name: 'See what would change' }));
    expect(commands.show).toHaveBeenCalledTimes(1);
    expect(screen.getByText(/^Findings: \d+ →/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Use the new rules' }));
    expect(commands.run.mock.lastCall?.[0]).toEqual({
      change: { houseRules: { values: { 'recovery.leastDepth': 0.4 }, off: [] } },
      message: 'Laid out again under today’s house rules.',
    });
  });

  it('can be left as it is', async () => {
    const { commands, user } = open(undefined, 0.4);
    await user.click(screen.getByRole('button', { name: 'See what would change' }));
    await user.click(screen.getByRole('button', { name: 'Keep as it is' }));
    expect(commands.cancel).toHaveBeenCalled();
    expect(commands.run).not.toHaveBeenCalled();
    expect(screen.getByRole('button', { name: 'See what would change' })).toBeTruthy();
  });
});

describe('the solver’s panel', () => {
  const file = { format: 'nadir-block', version: 3, engine: 21, race, weeks: 12 } as const;
  const open = () => {
    const commands = fakes();
    render(
      <SolverPanel
        block={under()}
        file={file}
        measure={measure}
        today="2027-02-10"
        history={undefined}
        commands={commands}
      />,
    );
    return { commands, user: userEvent.setup() };
  };

  it('says what is missing in a browser without worker threads', () => {
    vi.stubGlobal('Worker', undefined);
    open();
    expect(screen.getByText(/This browser has no worker threads/)).toBeTruthy();
    vi.unstubAllGlobals();
  });

  it('says so when the solver cannot be started, and can be stopped while it looks', async () => {
    const terminate = vi.fn();
    class SilentWorker extends EventTarget {
      postMessage = vi.fn();
      terminate = terminate;
    }
    vi.stubGlobal('Worker', SilentWorker);
    const { commands, user } = open();
    await user.click(screen.getByRole('button', { name: 'Nearest block' }));
    expect(screen.getByRole('progressbar')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Stop' }));
    expect(terminate).toHaveBeenCalled();
    expect(commands.cancel).toHaveBeenCalled();
    expect(screen.queryByRole('progressbar')).toBeNull();
    vi.unstubAllGlobals();
  });
});
