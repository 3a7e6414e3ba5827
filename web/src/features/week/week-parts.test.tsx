import { DndContext } from '@dnd-kit/core';
import { type CheckedBlock, layOut } from '@nadir/core';
import { applyChange, type Command } from '@nadir/core/edit';
import type { CommandOrNot } from '@nadir/core/edit/week';
import { showBlock } from '@nadir/core/present/figures';
import { rulesOf } from '@nadir/core/rules';
import type { BlockSpec } from '@nadir/core/spec';
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Provider } from 'react-redux';
import { createStore } from '../../app/store.js';
import { SessionContext, type SignedIn } from '../../api/session.js';
import type { Commands } from '../../editor/useCommands.js';
import type { DoneActs } from '../../diary/useDone.js';
import { cyclesOf } from './cycle-days.js';
import { DayColumn } from './DayColumn.js';
import { DayPanel } from './DayPanel.js';
import { DayByDay, WeekTemplates } from './WeekTemplates.js';
import { WeekSum } from './WeekSum.js';

const measure = { basis: 'distance', unit: 'km', step: 1 } as const;
// Twelve weeks from Monday 2027-02-15; the third from Monday 1 March.
const given: BlockSpec = {
  athlete: { results: [{ date: '2027-01-20', distance: 10_000, time: 2430 }] },
  race: { name: 'Gullstone 10', date: '2027-05-09', distance: 10_000 },
  weeks: 12,
  volume: { start: 50_000, peak: 60_000 },
  week: { qualityOn: ['tuesday'] },
  events: [],
};
const session: SignedIn = {
  today: '2027-03-03',
  demo: false,
  firstCoachWanted: false,
  coach: {
    id: '00000000-0000-4000-8000-000000000000',
    name: 'Maren Tolvik',
    email: 'maren@skerrylane.example',
    settings: {
      unit: 'km',
      step: 1,
      theme: 'light',
      weekStartsOn: 'monday',
      ledgerRows: 'all',
      singleKeys: true,
    },
  },
};

function laid(change: Partial<BlockSpec> = {}) {
  const block = layOut({ ...given, ...change });
  return { block, shown: showBlock(block, measure), cycle: cyclesOf(block)[2]! };
}
const after = (block: CheckedBlock, command: CommandOrNot | undefined) =>
  layOut(applyChange(block.spec, (command as Command).change));

afterEach(cleanup);

const noDiary: DoneActs = {
  on: () => [],
  keepAsPlanned: () => undefined,
  write: () => true,
  change: () => undefined,
  morningOf: () => undefined,
  changeMorning: () => undefined,
};

describe('a day of the week', () => {
  function showDay(place: number, change: Partial<BlockSpec> = {}) {
    const { block, shown, cycle } = laid(change);
    const run = vi.fn<(command: CommandOrNot) => boolean>(() => true);
    render(
      <Provider store={createStore()}>
        <SessionContext.Provider value={session}>
          <DndContext>
            <DayColumn
              each={cycle.days[place]!}
              block={block}
              shown={shown}
              runs={[]}
              most={1}
              ticks={[]}
              today="2027-02-10"
              selected
              lit={false}
              run={run}
              acts={noDiary}
              onSelect={() => undefined}
            />
          </DndContext>
        </SessionContext.Provider>
      </Provider>,
    );
    const last = () => run.mock.lastCall?.[0];
    const press = async (keys: string) => {
      screen.getByRole('article').focus();
      await userEvent.keyboard(keys);
      return last();
    };
    return { block, press, day: cycle.days[place]!.day };
  }

  it('has a name with its role and length, and says what is done', () => {
    showDay(1);
    const article = screen.getByRole('article', { name: /^Tue 2 Mar: quality, \d+ km$/ });
    expect(within(article).getByText(/@ 10 km|10 km/)).toBeTruthy();
    expect(within(article).getByRole('button', { name: 'Move Tue 2 Mar' })).toBeTruthy();
  });

  it('grows by a kilometre with an arrow, by five with Shift', async () => {
    const { block, press, day } = showDay(0);
    expect(after(block, await press('{ArrowUp}')).spec.days).toMatchObject([
      { date: day.date, amount: day.distance + 1000 },
    ]);
    expect(after(block, await press('{Shift>}{ArrowUp}{/Shift}')).spec.days).toMatchObject([
      { amount: day.distance + 5000 },
    ]);
  });

  it('goes to the pool by p, rests by r, is swapped with its neighbour by Shift and arrow', async () => {
    const { block, press } = showDay(0);
    const days = async (keys: string) => after(block, await press(keys)).weeks[2]?.days ?? [];
    expect((await days('p'))[0]?.swap).toEqual({ kind: 'pool', reason: 'soreness' });
    expect((await days('r'))[0]?.role).toBe('rest');
    expect((await days('{Shift>}{ArrowRight}{/Shift}'))[0]?.role).toBe('quality');
    expect((await days('c')).length).toBe(7);
  });

  it('says who fixed it, and is reset by Delete', async () => {
    const { block, press } = showDay(0, { days: [{ date: '2027-03-01', amount: 9000 }] });
    expect(screen.getByLabelText('fixed')).toBeTruthy();
    expect(after(block, await press('{Delete}')).spec.days).toEqual([]);
  });
});

describe('what a week comes to', () => {
  it('says the difference to its wish', () => {
    const { shown, cycle } = laid({ days: [{ date: '2027-03-01', amount: 60_000 }] });
    render(<WeekSum cycle={cycle} shown={shown} phase={undefined} />);
    expect(screen.getByText(/km more than the \d+ km planned/)).toBeTruthy();
  });

  it('tells what is on the legs from what is not', () => {
    const { shown, cycle } = laid({
      days: [{ date: '2027-03-01', swap: { kind: 'pool', reason: 'weather' } }],
    });
    render(<WeekSum cycle={cycle} shown={shown} phase={undefined} />);
    const what = screen.getByText(/with cross-training/);
    const legs = Number(/(\d+) km on the legs/.exec(what.textContent)?.[1]);
    const all = Number.parseFloat(what.nextElementSibling?.textContent ?? '');
    expect(all).toBeGreaterThan(legs);
    expect(legs).toBe(shown.weeks[2]?.volume);
  });
});

describe('the chosen day', () => {
  function showPanel(place: number, change: Partial<BlockSpec> = {}) {
    const { block, shown, cycle } = laid(change);
    const run = vi.fn<(command: CommandOrNot) => boolean>(() => true);
    render(
      <Provider store={createStore()}>
        <SessionContext.Provider value={session}>
          <DayPanel
            chosen={cycle.days[place]!}
            block={block}
            shown={shown}
            rules={rulesOf(block.spec)}
            run={run}
          />
        </SessionContext.Provider>
      </Provider>,
    );
    return { block, last: () => run.mock.lastCall?.[0] };
  }

  it('keeps a session that reads, and none that does not', async () => {
    const { block, last } = showPanel(1);
    const text = screen.getAllByRole('combobox').at(-1)!;
    const keep = screen.getByRole('button', { name: 'Keep session' });
    // Pasted: the whole day is drawn anew with every key.
    await userEvent.clear(text);
    await userEvent.paste('6 x 400 @ mile');
    expect(screen.getByRole('alert').textContent).toContain('column 5');
    expect(keep).toHaveProperty('disabled', true);
    await userEvent.clear(text);
    await userEvent.paste('6 x 400 m @ Mile, 90 s jog');
    await userEvent.click(keep);
    expect(after(block, last()).spec.days).toMatchObject([
      { date: '2027-03-02', session: '6 x 400 m mile, 90 s jog' },
    ]);
  });

  it('says that lengths rest on a guess where no pace is known, and only there', () => {
    const { athlete, race } = given;
    const guess = /worked out at a guess/;
    showPanel(1);
    expect(screen.queryByText(guess)).toBeNull();
    expect(screen.getByText(/^Paces: /)).toBeTruthy();
    cleanup();
    const unknown = { ...athlete, results: [] };
    showPanel(1, { athlete: unknown, race: { ...race, goalTime: undefined } });
    expect(screen.getByText(guess)).toBeTruthy();
    expect(screen.queryByText(/^Paces: /)).toBeNull();
  });

  it('gives it another role, and a race in its place', async () => {
    const { block, last } = showPanel(0);
    await userEvent.click(screen.getByRole('button', { name: 'Recovery run' }));
    expect(after(block, last()).weeks[2]?.days[0]?.role).toBe('recovery');
    await userEvent.click(screen.getByRole('button', { name: 'A race instead' }));
    await userEvent.click(screen.getByRole('button', { name: 'Race here' }));
    expect(after(block, last()).weeks[2]?.days[0]?.role).toBe('tune-up');
  });
});

describe('week templates', () => {
  const past = { asOf: '2027-02-10', history: [], record: [] };
  const fakes = () => ({
    show: vi.fn<Commands['show']>(() => []),
    run: vi.fn<Commands['run']>(() => []),
    cancel: vi.fn<Commands['cancel']>(),
  });

  it('show this week’s own figures under each, and are taken for a phase alone', async () => {
    const { block, shown } = laid();
    const commands = fakes();
    render(
      <WeekTemplates
        block={block}
        shown={shown}
        week={block.weeks[2]!}
        from="2027-03-03"
        past={past}
        commands={commands}
      />,
    );
    const figures = async (name: RegExp) => {
      const label = (await screen.findByRole('button', { name })).getAttribute('aria-label') ?? '';
      return label.replace(/^.*: /, '').replace(' km', '').split(' ');
    };
    const seven = (await figures(/^Seven runs: \d/)).map(Number);
    expect(seven.reduce((total, figure) => total + figure, 0)).toBe(shown.weeks[2]?.volume);
    expect(await figures(/^Nine days: /)).toHaveLength(9);
    expect((await figures(/^Nine days: /)).filter((figure) => figure === '–')).toHaveLength(2);
    await userEvent.click(screen.getByRole('checkbox', { name: /^Only in/ }));
    await userEvent.click(screen.getByRole('button', { name: /^Seven runs/ }));
    const taken = commands.run.mock.lastCall?.[0];
    expect(taken?.change.week).toMatchObject({ byPhase: [{ phase: block.weeks[2]?.phase }] });
  });

  it('say how many of their runs a light week has room for', async () => {
    // No run is shorter than 3 km: 10 km are three of them.
    const { block, shown } = laid({ volume: { start: 10_000, peak: 10_000 } });
    const from = block.weeks[0]!.start;
    render(
      <WeekTemplates
        block={block}
        shown={shown}
        week={block.weeks[0]!}
        from={from}
        past={past}
        commands={fakes()}
      />,
    );
    const six = await screen.findByRole('button', { name: /^Six runs: .*\d/ });
    expect(six.getAttribute('aria-label')?.match(/\b\d+ /g)).toHaveLength(3);
    expect(within(six).getByText('3 of 6 runs fit')).toBeTruthy();
  });

  it('give way to roles day by day', async () => {
    const { block } = laid();
    const commands = fakes();
    render(<DayByDay block={block} commands={commands} />);
    await userEvent.selectOptions(screen.getByLabelText('Mon'), 'rest');
    expect(after(block, commands.run.mock.lastCall?.[0]).weeks[4]?.days[0]?.role).toBe('rest');
  });
});
