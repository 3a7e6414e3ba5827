import type { BlockFile } from '@nadir/contract';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { OverrideQuestions } from './OverrideQuestions.js';
import { answer } from './questions.js';

const today = '2027-02-10';
const block = (overrides: BlockFile['overrides']): BlockFile => ({
  format: 'nadir-block',
  version: 3,
  engine: 21,
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
  weeks: 12,
  houseRules: { values: { 'recovery.leastDepth': 0.25 } },
  overrides,
});

function open(overrides?: BlockFile['overrides']) {
  const asked = block(overrides);
  const { wishes, reasons } = answer(asked, today);
  const change = vi.fn();
  render(
    <OverrideQuestions
      asked={asked}
      file={asked}
      wishes={wishes}
      reasons={reasons}
      measure={{ basis: 'distance', unit: 'km', step: 1 }}
      today={today}
      change={change}
      problemAt={() => undefined}
    />,
  );
  return { change, user: userEvent.setup() };
}

afterEach(cleanup);

describe('rules of one block', () => {
  it('start from what the house has', async () => {
    const { change, user } = open();
    await user.selectOptions(screen.getByLabelText('Add a rule'), 'Smallest recovery cut');
    expect(change).toHaveBeenCalledWith({
      overrides: { values: { 'recovery.leastDepth': 0.25 } },
    });
  });

  it('are set, and given back to the house', async () => {
    const { change, user } = open({ values: { 'recovery.leastDepth': 0.3 } });
    const field = screen.getByRole('textbox');
    fireEvent.change(field, { target: { value: '15' } });
    expect(change).toHaveBeenLastCalledWith({
      overrides: { values: { 'recovery.leastDepth': 0.15 } },
    });
    await user.click(screen.getByRole('button', { name: /as in the house rules/ }));
    expect(change).toHaveBeenLastCalledWith({ overrides: { values: {} } });
  });

  it('of other race distances are not offered', () => {
    open();
    const marathon = screen.queryAllByRole('option', { name: 'Peak long run, usual' });
    expect(marathon).toHaveLength(1);
  });
});
