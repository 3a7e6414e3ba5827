import { type BlockFile, type Glances, givenOf } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { glanceOf, showBlock } from '@nadir/core/present/figures';
import { cleanup, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it } from 'vitest';
import { SessionContext } from '../../api/session.js';
import { signedIn } from '../../testing/signed-in.js';
import { calendarOf } from '../../drawing/calendar.js';
import { AthleteRow } from './AthleteRow.js';

type Athlete = Glances['athletes'][number];

const TODAY = '2027-02-10';
const id = '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a11';
const wishes: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  athlete: { name: 'Idris Vale', unit: 'km' },
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 18,
  volume: { start: 55_000, peak: 92_000 },
};

/** The answer of the server, in a unit. */
function answered(unit: 'km' | 'mi' = 'km'): Athlete {
  const shown = { basis: 'distance', unit, step: 1 } as const;
  const block = layOut(givenOf(wishes), { shown });
  const glance = glanceOf(block, block.findings, showBlock(block, shown), TODAY);
  return {
    id,
    name: 'Idris Vale',
    asks: 0,
    block: { id, glance, need: null, lastWeek: null, lately: null, said: 0 },
  };
}

const athlete = answered();
const calendar = calendarOf([{ from: '2026-12-14', to: '2027-04-18' }], 360);

function row(of: Athlete, today: string, along = calendar) {
  render(
    <MemoryRouter>
      <SessionContext.Provider value={{ ...signedIn, today }}>
        <table>
          <tbody>
            <AthleteRow athlete={of} calendar={along} />
          </tbody>
        </table>
      </SessionContext.Provider>
    </MemoryRouter>,
  );
  return within(screen.getByRole('row'));
}

afterEach(cleanup);

describe('a row of the squad', () => {
  it('says race, time to go, phase and week, this week’s volume and the worst check', () => {
    const shown = row(athlete, '2027-02-10');
    expect(shown.getByRole('link', { name: 'Idris Vale' }).getAttribute('href')).toBe(
      `/blocks/${id}`,
    );
    expect(shown.getByText('Lantern Bay Marathon in 9 weeks 4 days')).toBeTruthy();
    expect(shown.getByText(/^week 9 of 18 · /)).toBeTruthy();
    expect(shown.getByText(/^\d+$/)).toBeTruthy();
    expect(
      shown.getByRole('img', { name: /^Block of Idris Vale: 18 weeks, heaviest 92 km; / }),
    ).toBeTruthy();
  });

  it('names the race whole, on either side of its flag', () => {
    // 38 letters of 6.2 pixels are 235.6: more than there are before a flag at 180, and after it.
    for (const [to, anchor, x] of [
      ['2027-04-18', 'end', 357],
      ['2027-08-20', 'start', 124],
    ] as const) {
      const wide = calendarOf([{ from: '2026-12-14', to }], 360);
      const name = row(athlete, TODAY, wide).getByText(/^Lantern Bay Marathon in/);
      expect(name.getAttribute('text-anchor')).toBe(anchor);
      expect(Math.round(Number(name.getAttribute('x')))).toBe(x);
      cleanup();
    }
  });

  it('cuts a name that is longer than the calendar is wide, and says it whole', () => {
    const glance = athlete.block?.glance;
    const race = { date: '2027-04-18', name: 'Lantern Bay Marathon '.repeat(4).trim() };
    const named = {
      ...athlete,
      block: athlete.block && { ...athlete.block, glance: { ...glance!, race } },
    };
    const shown = row(named, TODAY);
    // 360 pixels are 58 letters of 6.2.
    expect(
      shown.getByText(/^Lantern Bay Marathon Lantern.*… in 9 weeks 4 days$/).textContent,
    ).toHaveLength(58);
    expect(shown.getByRole('img', { name: new RegExp(race.name) })).toBeTruthy();
  });

  it('shows the unit that the server answers in', () => {
    expect(
      row(answered('mi'), '2027-02-10').getByRole('img', { name: /heaviest 57 mi/ }),
    ).toBeTruthy();
  });

  it('says what became of the last days, and nothing where no diary is kept', () => {
    const lately = { days: ['run', 'rest', 'missed', 'run'] as const, ago: 1 };
    const block = athlete.block && {
      ...athlete.block,
      lately: { ...lately, days: [...lately.days] },
    };
    const shown = row({ ...athlete, block }, TODAY);
    expect(shown.getByText('yesterday')).toBeTruthy();
    expect(shown.getByRole('img', { name: '2 run, 1 missed, 1 rest' })).toBeTruthy();
    cleanup();
    expect(row(athlete, TODAY).queryByRole('img', { name: / run/ })).toBeNull();
  });

  it('says when the block has not begun, and when it is over', () => {
    expect(row(athlete, '2026-11-01').getByText('not begun')).toBeTruthy();
    cleanup();
    expect(row(athlete, '2027-05-01').getByText('over')).toBeTruthy();
    cleanup();
    const sound = {
      ...athlete,
      block: athlete.block && {
        ...athlete.block,
        need: null,
        glance: { ...athlete.block.glance, worst: null },
      },
    };
    const link = row(sound, '2027-05-01').getByRole('link', { name: 'What follows' });
    expect(link.getAttribute('href')).toBe(`/blocks/${id}/diary`);
  });

  it('offers to lay out a block where there is none', () => {
    const link = row({ ...athlete, block: null }, '2027-02-10').getByRole('link', {
      name: 'Lay one out',
    });
    expect(link.getAttribute('href')).toBe(`/blocks/new?athlete=${id}`);
  });

  it('tells a developer who forgets the session what to wrap', () => {
    expect(() =>
      render(
        <MemoryRouter>
          <table>
            <tbody>
              <AthleteRow athlete={athlete} calendar={calendar} />
            </tbody>
          </table>
        </MemoryRouter>,
      ),
    ).toThrow(/inside the Shell/);
  });
});
