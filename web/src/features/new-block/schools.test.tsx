import type { BlockFile } from '@nadir/contract';
import { taperSchools } from '@nadir/core/layout/schools';
import { taperSchoolNames } from '@nadir/core/spec/choices';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { SessionContext } from '../../api/session.js';
import { OwnPhases } from './OwnPhases.js';
import { SchoolAnswer } from './SchoolAnswer.js';

const asked: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
  weeks: 12,
};
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

afterEach(cleanup);

describe('a choice among schools', () => {
  function ask() {
    const onAnswer = vi.fn();
    render(
      <SessionContext.Provider
        value={{ today: '2027-02-10', demo: true, firstCoachWanted: false, coach }}
      >
        <SchoolAnswer
          label="Taper"
          schools={taperSchools}
          value="three-steps"
          offered={taperSchoolNames}
          asked={asked}
          part={(school) => ({ taper: { school } })}
          onAnswer={onAnswer}
        />
      </SessionContext.Provider>,
    );
    return { onAnswer, user: userEvent.setup() };
  }

  it('shows the chosen one with what it is for and what it costs', () => {
    ask();
    expect(screen.getByRole('button', { name: /^Taper: Three steps/ })).toBeTruthy();
    expect(screen.getByText(taperSchools['three-steps'].why)).toBeTruthy();
    expect(screen.queryByRole('radiogroup')).toBeNull();
  });

  it('draws each on this very block when it is opened, and takes the chosen one', async () => {
    const { onAnswer, user } = ask();
    await user.click(screen.getByRole('button', { name: /^Taper: Three steps/ }));
    expect(screen.getAllByRole('radio')).toHaveLength(4);
    expect(screen.getByRole('img', { name: /^Exponential: 12 weeks, heaviest/ })).toBeTruthy();
    await user.click(screen.getByRole('radio', { name: /Exponential/ }));
    expect(onAnswer).toHaveBeenCalledWith('evidence');
    await user.keyboard('{Escape}');
    expect(screen.queryByRole('radiogroup')).toBeNull();
  });
});

describe('own phases', () => {
  const own = [
    { kind: 'foundation' as const, name: 'Base', weeks: 6 },
    { kind: 'taper' as const, name: 'Down', weeks: 2 },
  ];
  function open() {
    const onAnswer = vi.fn();
    render(<OwnPhases own={own} onAnswer={onAnswer} />);
    return { onAnswer, user: userEvent.setup() };
  }

  it('are named, sized, closed, ordered, added and taken out', async () => {
    const { onAnswer, user } = open();
    const answered = () => onAnswer.mock.lastCall?.[0] as typeof own;
    await user.type(screen.getByLabelText('Name of phase 1'), 'Base!');
    expect(answered()[0]?.name).toBe('Base!');
    await user.selectOptions(screen.getByLabelText('Kind of phase 1'), 'threshold');
    expect(answered()[0]?.kind).toBe('threshold');
    await user.click(screen.getByLabelText('Phase 1 ends in a recovery week'));
    expect(answered()[0]).toMatchObject({ closes: true });
    await user.click(screen.getByRole('button', { name: 'Phase 2 earlier' }));
    expect(answered().map(({ name }) => name)).toEqual(['Down', 'Base']);
    await user.click(screen.getByRole('button', { name: 'Remove phase 1' }));
    expect(answered().map(({ name }) => name)).toEqual(['Down']);
    await user.click(screen.getByRole('button', { name: 'Add a phase' }));
    expect(answered()).toHaveLength(3);
  });

  it('take no weeks that are none', async () => {
    const { onAnswer, user } = open();
    await user.clear(screen.getByLabelText('Weeks of phase 1'));
    await user.type(screen.getByLabelText('Weeks of phase 1'), '0');
    expect(onAnswer.mock.calls.every(([phases]) => (phases as typeof own)[0]?.weeks !== 0)).toBe(
      true,
    );
  });
});
