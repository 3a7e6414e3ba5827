import type { BlockFile } from '@nadir/contract';
import type { Command } from '@nadir/core/edit';
import { addDays } from '@nadir/core/base';
import { defaultPaces } from '@nadir/core/paces';
import type { NamedPace } from '@nadir/core/spec/choices';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { SessionContext, type SignedIn } from '../../api/session.js';
import type { Commands } from '../../editor/useCommands.js';
import { EquivalentsTable } from './EquivalentsTable.js';
import { HeartRates } from './HeartRates.js';
import { NamedPaceRow } from './NamedPaceRow.js';
import { NamedPacesTable } from './NamedPacesTable.js';
import { Repacing } from './Repacing.js';
import { Results } from './Results.js';
import { readPaceFigure } from './read-pace-figure.js';
import { pacesView } from '../../components/usePaces.js';

const today = '2027-02-10';
const file = (athlete: BlockFile['athlete'], part: Partial<BlockFile> = {}): BlockFile => ({
  format: 'nadir-block',
  version: 3,
  engine: 21,
  athlete: { name: 'Idris Vale', ...athlete },
  race: { name: 'Gullstone 10', date: '2027-03-28', distance: 10_000, goalTime: 2400 },
  weeks: 12,
  ...part,
});
const old = { date: '2026-12-20', distance: 5000, time: 1200 };
const trial = { date: '2027-02-07', distance: 5000, time: 1150, name: 'Time trial' };

function fakeCommands(problem?: string) {
  const problems = problem === undefined ? [] : [{ code: 'x', path: [], message: problem }];
  return {
    show: vi.fn<Commands['show']>(() => []),
    run: vi.fn<Commands['run']>(() => problems),
    cancel: vi.fn<Commands['cancel']>(),
  };
}
const ran = (commands: ReturnType<typeof fakeCommands>): Command | undefined =>
  commands.run.mock.lastCall?.[0];

const session: SignedIn = {
  today,
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
const signedIn = (view: React.ReactNode) =>
  render(<SessionContext.Provider value={session}>{view}</SessionContext.Provider>);

afterEach(cleanup);

describe('a figure of a named pace', () => {
  it.each([
    ['85', 85],
    ['+40', 40],
    ['−5', -5],
    ['1:25', 85],
    ['-0:10', -10],
    ['62,5 %', 62.5],
    ['85 s', 85],
  ])('“%s”', (typed, figure) => {
    expect(readPaceFigure(typed, { least: -120, most: 300 })).toBe(figure);
  });

  it.each(['', 'abc', '1000', '-130', '1:75'])('is none: “%s”', (typed) => {
    expect(readPaceFigure(typed, { least: -120, most: 300 })).toBe(
      `“${typed}”: a figure from −120 to 300 is needed.`,
    );
  });
});

describe('re-pacing', () => {
  it('says what the newest result predicts, and every pace that would change', async () => {
    const commands = fakeCommands();
    const view = pacesView(file({ results: [old, trial] }), today);
    signedIn(<Repacing view={view} today={today} commands={commands} />);
    const news = screen.getByRole('region', { name: 'What the newest result says' });
    // 1150 s × 2^1.06 = 2397.7; 104.3 s less than 1200 s × 2^1.06.
    expect(news.textContent).toContain('predicts 39:58 for Gullstone 10, −1:44 against the result');
    expect(within(news).getAllByRole('listitem')).toHaveLength(defaultPaces.length);
    expect(news.textContent).toContain('5 km: 4:00 /km → 3:50 /km');
    await userEvent.click(screen.getByRole('button', { name: 'Re-pace from that day' }));
    expect(ran(commands)?.change.paces).toMatchObject({ repaced: [today] });
  });

  it('offers nothing when the paces rest on the newest result, and can be taken back', async () => {
    const commands = fakeCommands();
    const paces = { repaced: ['2027-02-08'] };
    const view = pacesView(file({ results: [old, trial] }, { paces }), today);
    signedIn(<Repacing view={view} today={today} commands={commands} />);
    expect(screen.queryByRole('button', { name: 'Re-pace from that day' })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: /Remove the re-pacing/ }));
    expect(ran(commands)?.change.paces).toMatchObject({ repaced: [] });
  });

  it('is silent without a full result', () => {
    const held = { ...old, full: false };
    const view = pacesView(file({ results: [held] }), today);
    const { container } = render(<Repacing view={view} today={today} commands={fakeCommands()} />);
    expect(container.textContent).toBe('');
  });
});

describe('results', () => {
  it('asks for the result of a test that has been run, with what is known of it', async () => {
    const commands = fakeCommands();
    const events = [
      { kind: 'test', name: 'Time trial', from: '2027-02-07', distance: 3000 },
    ] as const;
    const { spec } = pacesView(file({ results: [old] }, { events: [...events] }), today);
    signedIn(<Results spec={spec} today={today} commands={commands} />);
    await userEvent.click(screen.getByRole('button', { name: 'Enter it' }));
    expect(screen.getByLabelText<HTMLInputElement>('Metres').value).toBe('3000');
    await userEvent.type(screen.getByLabelText('Time'), '10:30');
    await userEvent.click(screen.getByRole('button', { name: 'Keep the result' }));
    expect(ran(commands)?.change.athlete?.results?.at(-1)).toMatchObject({
      date: '2027-02-07',
      distance: 3000,
      time: 630,
      kind: 'test',
    });
  });

  it('asks for the result of the goal race from its day on', async () => {
    const commands = fakeCommands();
    const { spec } = pacesView(file({ results: [old] }), today);
    const { name, date, distance } = spec.race;
    const asked = () => screen.queryByText(new RegExp(`^${name} on .* has no result yet`));
    signedIn(<Results spec={spec} today={addDays(date, -1)} commands={commands} />);
    expect(asked()).toBeNull();
    cleanup();
    signedIn(<Results spec={spec} today={date} commands={commands} />);
    const offer = asked();
    if (!offer) throw new Error('not asked for');
    await userEvent.click(within(offer).getByRole('button', { name: 'Enter it' }));
    expect(screen.getByLabelText<HTMLInputElement>('Metres').value).toBe(String(distance));
  });

  it('keeps what was typed when the block refuses it', async () => {
    const { spec } = pacesView(file({}), today);
    signedIn(<Results spec={spec} today={today} commands={fakeCommands('Too fast.')} />);
    expect(screen.getByText(/None yet/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Enter a result' }));
    await userEvent.type(screen.getByLabelText('Metres'), '5000');
    await userEvent.type(screen.getByLabelText('Time'), '1:00');
    await userEvent.click(screen.getByRole('button', { name: 'Keep the result' }));
    expect(screen.getByRole('alert').textContent).toBe('Too fast.');
    expect(screen.getByLabelText<HTMLInputElement>('Metres').value).toBe('5000');
  });

  it('draws a test that was repeated, and takes a result out', async () => {
    const commands = fakeCommands();
    const { spec } = pacesView(file({ results: [old, trial] }), today);
    signedIn(<Results spec={spec} today={today} commands={commands} />);
    expect(screen.getByRole('img', { name: '5 km: 20:00 on 20 Dec, 19:10 on 7 Feb' })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /^Remove 5 km of Sun 7 Feb/ }));
    expect(ran(commands)?.change.athlete?.results).toEqual([old]);
  });
});

describe('tables', () => {
  it('name every pace, and draw it with its figures in its name', () => {
    const { paces } = pacesView(file({ results: [old], maxHeart: 190 }), today);
    render(<NamedPacesTable paces={paces} unit="km" />);
    const five = screen.getByRole('row', { name: /^5 km/ });
    expect(five.textContent).toContain('4:00');
    expect(five.textContent).toContain('15.0 km/h');
    expect(five.textContent).toContain('179–186');
    expect(screen.getByRole('img', { name: /^5 km: 4:00 per km, goal 3:50/ })).toBeTruthy();
  });

  it('stand models side by side, say what one lacks, and choose one', async () => {
    const commands = fakeCommands();
    const view = pacesView(file({ results: [old] }), today);
    render(<EquivalentsTable view={view} commands={commands} />);
    expect(screen.getByText(/two recent efforts of 2 to 15 minutes/i)).toBeTruthy();
    expect(
      screen.getByRole('row', { name: /^800 m .*beyond where this model holds/ }),
    ).toBeTruthy();
    await userEvent.click(screen.getByRole('radio', { name: 'Ladder' }));
    expect(ran(commands)?.change.athlete).toMatchObject({ paceModel: 'ladder' });
    await userEvent.type(screen.getByLabelText('Own distance'), '12 km{Enter}');
    expect(ran(commands)?.change.paces).toMatchObject({ distances: [12_000] });
  });

  it('set heart rates, and say which are none', async () => {
    const commands = fakeCommands();
    const { spec } = pacesView(file({}), today);
    render(<HeartRates spec={spec} commands={commands} />);
    const field = screen.getByLabelText('Highest heart rate');
    await userEvent.type(field, '188');
    expect(ran(commands)?.change.athlete).toMatchObject({ maxHeart: 188 });
    await userEvent.clear(field);
    await userEvent.type(field, '999');
    expect(screen.getByRole('alert').textContent).toContain('whole number from 25 to 250');
  });

  it('say that one figure is not a heart rate, and leave it where it was typed', async () => {
    const commands = fakeCommands();
    const { spec } = pacesView(file({ maxHeart: 188 }), today);
    render(<HeartRates spec={spec} commands={commands} />);
    const field = screen.getByLabelText<HTMLInputElement>('Highest heart rate');
    await userEvent.clear(field);
    vi.mocked(commands.run).mockClear();
    await userEvent.type(field, '9');
    await userEvent.tab();
    expect(field.value).toBe('9');
    expect(screen.getByRole('alert').textContent).toContain('whole number from 25 to 250');
    expect(commands.run).not.toHaveBeenCalled();
  });
});

describe('a named pace being edited', () => {
  const easy = defaultPaces[1];

  it('says of other words which are too many, and keeps none in their place', async () => {
    if (!easy) throw new Error('no easy pace');
    const onChange = vi.fn();
    render(
      <table>
        <NamedPaceRow
          pace={{ ...easy, also: [] }}
          unit="km"
          place={0}
          last
          problem={undefined}
          onChange={onChange}
          onMove={vi.fn()}
          onRemove={vi.fn()}
        />
      </table>,
    );
    const words = Array.from({ length: 21 }, (_, index) => `word ${index + 1}`);
    const field = screen.getByLabelText<HTMLInputElement>('Easy, also called');
    await userEvent.click(field);
    fireEvent.change(field, { target: { value: words.slice(0, 20).join(', ') } });
    expect(onChange).toHaveBeenLastCalledWith({ also: words.slice(0, 20) });
    onChange.mockClear();
    fireEvent.change(field, { target: { value: words.join(', ') } });
    expect(screen.getByRole('alert').textContent).toContain('At most 20 other words');
    fireEvent.change(field, { target: { value: 'x'.repeat(41) } });
    expect(screen.getByRole('alert').textContent).toContain('at most 40 letters');
    await userEvent.tab();
    expect(field.value).toBe('x'.repeat(41));
    expect(onChange).not.toHaveBeenCalled();
  });

  it('is renamed, moved, and set from another race', async () => {
    if (!easy) throw new Error('no easy pace');
    const [onChange, onMove, onRemove] = [vi.fn(), vi.fn(), vi.fn()];
    render(
      <table>
        <NamedPaceRow
          pace={easy}
          unit="km"
          place={0}
          last={false}
          problem="“Easy” stands twice."
          onChange={onChange}
          onMove={onMove}
          onRemove={onRemove}
        />
      </table>,
    );
    expect(screen.getByRole('alert').textContent).toContain('stands twice');
    await userEvent.selectOptions(screen.getByLabelText('Easy, race pace'), 'half marathon');
    expect(onChange).toHaveBeenLastCalledWith({ base: { race: 21_097.5 } });
    await userEvent.selectOptions(screen.getByLabelText('Easy, heart rate'), 'beats');
    expect(onChange).toHaveBeenLastCalledWith({ heart: { of: 'beats', from: 120, to: 140 } });
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Move Easy up' }).disabled).toBe(
      true,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Move Easy down' }));
    expect(onMove).toHaveBeenCalledWith(1);
    await userEvent.click(screen.getByRole('button', { name: 'Remove Easy' }));
    expect(onRemove).toHaveBeenCalledOnce();
  });

  it('is set in seconds a mile by a coach who counts in miles', async () => {
    if (!easy) throw new Error('no easy pace');
    const onChange = vi.fn();
    function Row({ start }: { start: NamedPace }) {
      const [pace, setPace] = useState(start);
      const change = (part: Partial<NamedPace>) => {
        setPace({ ...pace, ...part });
        onChange(part);
      };
      return (
        <table>
          <NamedPaceRow
            pace={pace}
            unit="mi"
            place={0}
            last
            problem={undefined}
            onChange={change}
            onMove={vi.fn()}
            onRemove={vi.fn()}
          />
        </table>
      );
    }
    render(<Row start={easy} />);
    // 50 s/km are 80.5 s/mile, and 60 s/mile are 37.28 s/km.
    const quick = screen.getByLabelText<HTMLInputElement>('Easy, quick end, s/mile');
    expect(quick.value).toBe('80.5');
    await userEvent.clear(quick);
    await userEvent.type(quick, '60');
    const [
      {
        offset: [offset],
      },
    ] = onChange.mock.lastCall as [{ offset: [number, number] }];
    expect(offset).toBeCloseTo(60 / 1.609344, 9);
    await userEvent.tab();
    onChange.mockClear();
    await userEvent.clear(quick);
    await userEvent.type(quick, '999');
    await userEvent.tab();
    expect(screen.getByRole('alert').textContent).toBe(
      '“999”: a figure from −193 to 482 is needed.',
    );
    expect(quick.value).toBe('999');
    // Of what is kept on the way the 60 comes last again.
    const kept = onChange.mock.calls.map(([part]) => (part as { offset: [number, number] }).offset);
    expect(kept.map(([end]) => Math.round(end * 1.609344))).toEqual([9, 99, 60]);
  });
});
