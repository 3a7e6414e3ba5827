import { layOut } from '@nadir/core';
import { askedIn, showBlock } from '@nadir/core/present/figures';
import type { BlockSpec } from '@nadir/core/spec';
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Messages } from '../../components/messages.js';
import { Ledger, type Pinning } from './Ledger.js';
import { ledgerRows } from './ledger-rows.js';
import { layLedgerTable, ledgerTable } from './ledger-table.js';

const given: BlockSpec = {
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
  weeks: 8,
  volume: { start: 40_000, peak: 50_000 },
  pins: [{ week: 3, volume: 42_000 }],
};

function fakePinning(problem?: string) {
  const problems = problem === undefined ? [] : [{ code: 'x', path: [], message: problem }];
  return {
    preview: vi.fn<Pinning['preview']>(() => problems),
    keep: vi.fn<Pinning['keep']>(() => problems),
    write: vi.fn<Pinning['write']>(() => problems),
    unpin: vi.fn<Pinning['unpin']>(),
    cancel: vi.fn<Pinning['cancel']>(),
  };
}

function open(pinning: Pinning) {
  const block = layOut(given);
  const shown = showBlock(block, { basis: 'distance', unit: 'km', step: 1 });
  function Desk() {
    const [selected, select] = useState(3);
    return (
      <Ledger
        asked={askedIn(given)}
        block={block}
        shown={shown}
        columns={{ width: 900, labels: 92, weeks: 8 }}
        selected={selected}
        chosen={[selected]}
        lit={[2]}
        onSelect={select}
        pinning={pinning}
        open="all"
        onOpen={() => undefined}
        onPaste={vi.fn()}
      />
    );
  }
  render(
    <Messages>
      <Desk />
    </Messages>,
  );
  return userEvent.setup();
}

const cell = (name: RegExp) => screen.getByRole('gridcell', { name });

afterEach(cleanup);

describe('the Ledger', () => {
  it('names every figure, and marks what is fixed', () => {
    open(fakePinning());
    const grid = screen.getByRole('grid', { name: /Arrows move/ });
    expect(within(grid).getAllByRole('row')).toHaveLength(11);
    expect(cell(/^Week 3, volume, km: 42, fixed$/)).toBeTruthy();
    expect(cell(/^Week 8, long run, km: race$/)).toBeTruthy();
    expect(screen.getByRole('columnheader', { name: 'Week 3, week: 3' })).toBeTruthy();
  });

  it('moves by arrows, Home and End, and stays inside', async () => {
    const user = open(fakePinning());
    await user.click(cell(/^Week 3, volume/));
    await user.keyboard('{ArrowRight}{ArrowDown}');
    expect(document.activeElement).toBe(cell(/^Week 4, change/));
    await user.keyboard('{End}{ArrowRight}');
    expect(document.activeElement).toBe(cell(/^Week 8, change/));
    await user.keyboard('{Home}{ArrowUp}{ArrowUp}{ArrowUp}{ArrowUp}{ArrowUp}{ArrowUp}');
    expect(document.activeElement).toBe(screen.getByRole('columnheader', { name: /^Week 1,/ }));
  });

  it('draws while typing, and keeps on Enter', async () => {
    const pinning = fakePinning();
    const user = open(pinning);
    await user.click(cell(/^Week 4, volume/));
    await user.keyboard('46');
    expect(pinning.preview.mock.calls).toEqual([
      [4, 'volume', 4000],
      [4, 'volume', 46_000],
    ]);
    expect(pinning.keep).not.toHaveBeenCalled();
    await user.keyboard('{Enter}');
    expect(pinning.keep).toHaveBeenCalledWith(4, 'volume', 46_000);
    expect(screen.queryByRole('textbox')).toBeNull();
    expect(document.activeElement).toBe(cell(/^Week 4, volume/));
  });

  it('keeps and moves on by Tab', async () => {
    const pinning = fakePinning();
    const user = open(pinning);
    await user.click(cell(/^Week 4, long run/));
    await user.keyboard('9{Tab}');
    expect(pinning.keep).toHaveBeenCalledWith(4, 'longRun', 9000);
    expect(document.activeElement).toBe(cell(/^Week 5, long run/));
  });

  it('drops on Escape', async () => {
    const pinning = fakePinning();
    const user = open(pinning);
    await user.click(cell(/^Week 4, volume/));
    await user.keyboard('46{Escape}');
    expect(pinning.cancel).toHaveBeenCalledOnce();
    expect(pinning.keep).not.toHaveBeenCalled();
  });

  it('says what cannot be read, and will not keep it', async () => {
    const pinning = fakePinning('“4x” is not a volume.');
    const user = open(pinning);
    await user.click(cell(/^Week 4, volume/));
    await user.keyboard('4x{Enter}');
    expect(screen.getByRole('alert').textContent).toBe('“4x” is not a volume.');
    expect(screen.getByRole('textbox').getAttribute('aria-invalid')).toBe('true');
    expect(pinning.keep).not.toHaveBeenCalled();
  });

  it('takes what is said in words: shown as it is typed, kept on Enter', async () => {
    const pinning = fakePinning();
    const user = open(pinning);
    await user.click(cell(/^Week 4, long run/));
    await user.keyboard('12 steady{Enter}');
    expect(pinning.write).toHaveBeenCalledWith(4, 'longRun', '12 steady', 'show');
    expect(pinning.write).toHaveBeenLastCalledWith(4, 'longRun', '12 steady', 'keep');
    await user.click(cell(/^Week 4, volume/));
    await user.keyboard('={Enter}');
    expect(pinning.write).toHaveBeenLastCalledWith(4, 'volume', '=', 'keep');
  });

  it('says what stands in the way, and stays open', async () => {
    const user = open(fakePinning('900 km is beyond anyone.'));
    await user.click(cell(/^Week 4, volume/));
    await user.keyboard('900{Enter}');
    expect(screen.getByRole('alert').textContent).toBe('900 km is beyond anyone.');
    expect(screen.getByRole('textbox')).toBeTruthy();
  });

  it('unpins by Delete, and takes no pin where there is none to take', async () => {
    const pinning = fakePinning();
    const user = open(pinning);
    await user.click(cell(/^Week 3, volume/));
    await user.keyboard('{Delete}');
    expect(pinning.unpin).toHaveBeenCalledWith(3, 'volume');
    await user.click(cell(/^Week 3, share/));
    await user.keyboard('5{Delete}');
    expect(pinning.unpin).toHaveBeenCalledOnce();
    expect(pinning.preview).not.toHaveBeenCalled();
  });

  it('says why under the figures', async () => {
    const user = open(fakePinning());
    await user.click(cell(/^Week 3, volume/));
    expect(screen.getByText('Week 3, volume: Fixed; kept exactly.')).toBeTruthy();
    await user.click(cell(/^Week 8, long run/));
    expect(screen.getByText('Week 8, long run: The race.')).toBeTruthy();
  });

  it('pins one step more or less by + and −', async () => {
    const pinning = fakePinning();
    const user = open(pinning);
    await user.click(cell(/^Week 2, volume/));
    const was = Number(cell(/^Week 2, volume/).textContent);
    await user.keyboard('+');
    expect(pinning.keep).toHaveBeenLastCalledWith(2, 'volume', (was + 1) * 1000);
    await user.keyboard('-');
    expect(pinning.keep).toHaveBeenLastCalledWith(2, 'volume', (was - 1) * 1000);
  });

  it('takes more weeks with Shift, by arrow and by click', async () => {
    const onSelect = vi.fn();
    const block = layOut(given);
    const shown = showBlock(block, { basis: 'distance', unit: 'km', step: 1 });
    const other = layOut({ ...given, weeks: 7 });
    render(
      <Ledger
        asked={askedIn(given)}
        block={block}
        shown={shown}
        columns={{ width: 900, labels: 92, weeks: 8 }}
        selected={3}
        chosen={[3, 4]}
        lit={[]}
        overlay={{ block: other, shown: showBlock(other, shown.measure), name: 'as kept' }}
        onSelect={onSelect}
        pinning={fakePinning()}
        open="all"
        onOpen={() => undefined}
        onPaste={vi.fn()}
      />,
    );
    const user = userEvent.setup();
    cell(/^Week 3, volume/).focus();
    await user.keyboard('{Shift>}{ArrowRight}{/Shift}');
    expect(onSelect).toHaveBeenLastCalledWith(4, true);
    await user.keyboard('{ArrowRight}');
    expect(onSelect).toHaveBeenLastCalledWith(4, false);
    // The other version has a week less: its figures stand under those as far from the race.
    expect(screen.getAllByRole('gridcell', { name: 'Week 1, as kept: none' })).toHaveLength(2);
    expect(screen.getAllByRole('gridcell', { name: /^Week 2, as kept: \d+$/ })).toHaveLength(2);
  });
});

describe('the Ledger as a table', () => {
  const block = layOut(given);
  const shown = showBlock(block, { basis: 'distance', unit: 'km', step: 1 });
  const rows = ledgerRows(block, shown, { narrow: false });
  const rowOf = (key: string) => {
    const row = rows.find((each) => each.key === key);
    if (!row) throw new Error(key);
    return row;
  };
  const texts = (field: 'volume' | 'longRun', week: number) => {
    const of = block.weeks[week - 1];
    return of ? rowOf(field).text(of, week - 1) : '';
  };
  const lay = (table: string[][], field: 'volume' | 'longRun' = 'volume', week = 2) =>
    layLedgerTable(block.weeks.length, rows, { field, week, texts }, table);
  const cells = (table: string[][], field: 'volume' | 'longRun' = 'volume', week = 2) =>
    lay(table, field, week).written.map(({ cell, text }) => [
      cell.kind,
      'week' in cell && cell.week,
      text,
    ]);

  it('is copied row by row, or whole, and pasted back unchanged', () => {
    const chosen = [2, 3, 4];
    const volumes = ledgerTable(block, rows, rowOf('volume'), chosen);
    expect(volumes).toEqual([[texts('volume', 2), '42', texts('volume', 4)]]);
    expect(cells(volumes)).toEqual([]);
    const whole = ledgerTable(block, rows, rowOf('week'), chosen);
    expect(whole[0]).toEqual(['Week', '2', '3', '4']);
    expect(whole).toHaveLength(rows.length);
    expect(cells(whole)).toEqual([]);
    // Two weeks on it differs: all of it is written.
    expect(cells(whole, 'volume', 4)).toContainEqual(['volume', 5, '42']);
    expect(cells(whole, 'volume', 4)).toHaveLength(6);
  });

  it('takes a row, a column and a table from the week in hand on', () => {
    expect(cells([['31', '+10%', '', 'r']])).toEqual([
      ['volume', 2, '31'],
      ['volume', 3, '+10%'],
      ['volume', 5, 'r'],
    ]);
    expect(cells([['12'], ['13'], ['14']], 'longRun')).toEqual([
      ['longRun', 2, '12'],
      ['longRun', 3, '13'],
      ['longRun', 4, '14'],
    ]);
    expect(
      cells([
        ['31', '11'],
        ['32', '12'],
        ['33', '13'],
      ]),
    ).toContainEqual(['longRun', 4, '13']);
    expect(
      cells([
        ['31', '32'],
        ['11', '12'],
      ]),
    ).toEqual([
      ['volume', 2, '31'],
      ['volume', 3, '32'],
      ['longRun', 2, '11'],
      ['longRun', 3, '12'],
    ]);
  });

  it('counts what is beyond the block', () => {
    expect(lay([['31', '32', '33', '34']], 'volume', 7)).toMatchObject({ outside: 2 });
  });
});
