import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it } from 'vitest';
import { RepsPart } from './RepsPart.js';
import { SplitsPart } from './SplitsPart.js';

const fill = async (label: string, text: string) => {
  await userEvent.clear(screen.getByLabelText(label));
  await userEvent.type(screen.getByLabelText(label), text);
};

afterEach(cleanup);

describe('splits', () => {
  it('follow the target while it is typed', async () => {
    render(<SplitsPart unit="km" />);
    await fill('Distance, m', '5000');
    await fill('Target', '20:00');
    expect(screen.getAllByRole('row', { name: /4:00/ })).toHaveLength(5);
    await userEvent.selectOptions(screen.getByLabelText('Shape'), 'own shape');
    await fill('s/km, part by part', '10, -10');
    expect(screen.getByRole('row', { name: /^1000 m/ }).textContent).toContain('4:10');
  });

  it('go on to the end of a long way', async () => {
    render(<SplitsPart unit="km" />);
    await fill('Distance, m', '100000');
    await userEvent.selectOptions(screen.getByLabelText('By'), '200 m');
    expect(screen.queryByRole('alert')).toBeNull();
    // Of five hundred rows the names are not worked out to find one.
    expect(screen.getByText('100 km').closest('tr')?.textContent).toContain('40:00');
  });
});

describe('repetitions', () => {
  it('come with their laps, their recoveries and what they come to', async () => {
    render(<RepsPart unit="km" />);
    expect(screen.getByText('7250 m, 31:30')).toBeTruthy();
    expect(screen.getByText('1:36.0')).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('Recovery'), 'standing');
    expect(screen.getByText('6000 m, 31:30')).toBeTruthy();
  });

  it('offer the other unit for a pace that nobody runs, and take it only when told', async () => {
    render(<RepsPart unit="mi" />);
    await fill('Pace per mi', '3:00');
    expect(screen.getByRole('alert').textContent).toContain('not a pace that people run at');
    expect(screen.getByText('Did you mean 3:00 /km?', { exact: false })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Yes' }));
    expect(screen.getByLabelText<HTMLInputElement>('Pace per mi').value).toBe('4:50');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('say what a count or a rest lacks', async () => {
    render(<RepsPart unit="km" />);
    await fill('How many', '2.5');
    expect(screen.getByRole('alert').textContent).toContain('whole');
    await fill('How many', '4');
    await fill('Time between', '1:75');
    expect(screen.getByRole('alert').textContent).toContain('Did you mean 2:15?');
  });
});
