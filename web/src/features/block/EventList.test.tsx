import { layOut } from '@nadir/core';
import { showBlock } from '@nadir/core/present/figures';
import type { BlockEvent, FixedDay } from '@nadir/core/spec/days';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { SessionContext } from '../../api/session.js';
import { EventList } from './EventList.js';
import type { Commands } from '../../editor/useCommands.js';

const camp: BlockEvent = { kind: 'camp', name: 'Ostrel', from: '2027-04-05', to: '2027-04-11' };

function open(
  events: BlockEvent[] = [],
  problem?: string,
  asked: BlockEvent[] = [],
  days: FixedDay[] = [],
) {
  const problems = problem === undefined ? [] : [{ code: 'x', path: [], message: problem }];
  const commands = {
    show: vi.fn<Commands['show']>(() => problems),
    run: vi.fn<Commands['run']>(() => problems),
    cancel: vi.fn<Commands['cancel']>(),
  };
  const measure = { basis: 'distance', unit: 'km', step: 1 } as const;
  const laid = (placed: BlockEvent[]) => {
    const block = layOut({
      race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
      weeks: 12,
      events: placed,
      days,
    });
    return { block, shown: showBlock(block, measure) };
  };
  const base = laid(events);
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
  };
  render(
    <SessionContext.Provider
      value={{ today: '2027-02-10', demo: true, firstCoachWanted: false, coach }}
    >
      <EventList base={base} drawn={asked.length > 0 ? laid(asked) : base} commands={commands} />
    </SessionContext.Provider>,
  );
  const placed = () => commands.run.mock.lastCall?.[0].change.events;
  return { commands, placed, user: userEvent.setup() };
}

const fill = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label, { exact: true }), { target: { value } });

afterEach(cleanup);

describe('races and days away', () => {
  it('teaches what may be placed while there is nothing', () => {
    open();
    expect(screen.getByText(/missed is never made up/)).toBeTruthy();
  });

  it('adds a race with its distance, drawn while it is asked for', async () => {
    const { user, commands, placed } = open();
    await user.click(screen.getByRole('button', { name: 'Add a race or days away' }));
    fill('Name', 'Pier Mile');
    fill('On', '2027-04-18');
    fill('Distance', '1609 m');
    expect(commands.show).toHaveBeenCalledTimes(3);
    await user.click(screen.getByRole('button', { name: 'Add' }));
    expect(placed()).toEqual([
      { kind: 'tune-up-race', name: 'Pier Mile', from: '2027-04-18', distance: 1609 },
    ]);
    expect(screen.queryByRole('form')).toBeNull();
  });

  it('keeps nothing while a day is typed that is none, and says so', async () => {
    const { user, placed } = open();
    await user.click(screen.getByRole('button', { name: 'Add a race or days away' }));
    const on = screen.getByLabelText('On', { exact: true });
    await user.clear(on);
    await user.type(on, '31 Feb');
    await user.click(screen.getByRole('button', { name: 'Add' }));
    expect(screen.getByText('“31 Feb” is not a date. Type it as 9 May 2027.')).toBeTruthy();
    expect(document.activeElement).toBe(on);
    expect(placed()).toBeUndefined();
    fill('On', '18 April');
    await user.click(screen.getByRole('button', { name: 'Add' }));
    expect(placed()).toMatchObject([{ from: '2027-04-18' }]);
  });

  it('asks whether what is written around it gives way, where something is', async () => {
    const written = [{ date: '2027-04-17', role: 'easy' as const, amount: 16_000 }];
    const { user, commands } = open([], undefined, [], written);
    await user.click(screen.getByRole('button', { name: 'Add a race or days away' }));
    const gives = () => screen.queryByRole<HTMLInputElement>('checkbox');
    fill('On', '2027-04-28');
    expect(gives()).toBeNull();
    fill('On', '2027-04-18');
    expect(gives()?.checked).toBe(true);
    expect(commands.show.mock.lastCall?.[0].change.days).toEqual([
      { date: '2027-04-17', role: 'easy' },
    ]);
    await user.click(screen.getByLabelText('What I wrote around it gives way'));
    expect(commands.show.mock.lastCall?.[0].change.days).toBeUndefined();
    await user.click(screen.getByRole('button', { name: 'Add' }));
    expect(commands.run.mock.lastCall?.[0].change.days).toBeUndefined();
  });

  it('says what changes for a race while it is asked for', async () => {
    const asked = { kind: 'tune-up-race', name: 'Pier Ten', from: '2027-04-18', distance: 10_000 };
    const { user } = open([], undefined, [asked as BlockEvent]);
    await user.click(screen.getByRole('button', { name: 'Add a race or days away' }));
    fill('On', '2027-04-18');
    const around = screen.getByRole('region', { name: 'What changes around it' });
    expect(around.textContent).toMatch(/Sat 17 Apr: .+, now /);
    fill('What', 'holiday');
    expect(screen.queryByRole('region', { name: 'What changes around it' })).toBeNull();
  });

  it('places a race as the long run of its week', async () => {
    const { user, placed } = open();
    await user.click(screen.getByRole('button', { name: 'Add a race or days away' }));
    fill('On', '2027-04-18');
    fill('Long run', 'is');
    await user.click(screen.getByRole('button', { name: 'Add' }));
    expect(placed()).toMatchObject([{ distance: 10_000, isLongRun: true }]);
  });

  it('places days with less running, named for what they are', async () => {
    const { user, placed } = open();
    await user.click(screen.getByRole('button', { name: 'Add a race or days away' }));
    fill('What', 'holiday');
    fill('From', '2027-04-05');
    fill('To', '2027-04-07');
    fill('Running', '30');
    await user.click(screen.getByRole('button', { name: 'Add' }));
    expect(placed()).toEqual([
      { kind: 'holiday', name: 'Holiday', from: '2027-04-05', to: '2027-04-07', running: 0.3 },
    ]);
  });

  it('says what stands in the way, and keeps what was entered', async () => {
    const { user } = open([], 'Pier Mile is not before Gullstone 10.');
    await user.click(screen.getByRole('button', { name: 'Add a race or days away' }));
    fill('Name', 'Pier Mile');
    await user.click(screen.getByRole('button', { name: 'Add' }));
    expect(screen.getByRole('alert').textContent).toContain('not before');
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Pier Mile');
  });

  it('changes and takes out what is there', async () => {
    const { user, placed, commands } = open([camp]);
    await user.click(screen.getByRole('button', { name: 'Change Ostrel' }));
    fill('To', '2027-04-12');
    await user.click(screen.getByRole('button', { name: 'Keep the change' }));
    expect(placed()).toEqual([{ ...camp, to: '2027-04-12' }]);
    await user.click(screen.getByRole('button', { name: 'Remove Ostrel' }));
    expect(commands.run.mock.lastCall?.[0]).toEqual({
      change: { events: [] },
      message: 'Removed Ostrel.',
    });
  });

  it('says of each what it is, how far and when, and is changed where it stands', async () => {
    const race: BlockEvent = {
      kind: 'tune-up-race',
      name: 'Pier Mile',
      from: '2027-04-24',
      distance: 1609.344,
    };
    const { user, commands } = open([camp, race]);
    const [first, second] = screen.getAllByRole('listitem');
    expect(first?.textContent).toContain('Camp, Mon 5 Apr 2027 to Sun 11 Apr 2027');
    expect(second?.textContent).toContain('Tune-up race, 1 mile, Sat 24 Apr 2027');
    await user.click(screen.getByRole('button', { name: 'Change Ostrel' }));
    fill('To', '2027-04-12');
    expect(first?.querySelector('form')).not.toBeNull();
    // What is asked of one is left where another is opened.
    await user.click(screen.getByRole('button', { name: 'Change Pier Mile' }));
    expect(commands.cancel).toHaveBeenCalled();
    expect(first?.querySelector('form')).toBeNull();
    expect(second?.querySelector('form')).not.toBeNull();
  });

  it('leaves all as it was', async () => {
    const { user, commands } = open();
    await user.click(screen.getByRole('button', { name: 'Add a race or days away' }));
    await user.click(screen.getByRole('button', { name: 'Cancel' }));
    expect(commands.cancel).toHaveBeenCalled();
    expect(commands.run).not.toHaveBeenCalled();
  });
});
