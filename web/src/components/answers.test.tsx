import type { Measure } from '@nadir/core/base';
import { ruleCatalogue } from '@nadir/core/rules';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { AmountAnswer } from './AmountAnswer.js';
import { ChoiceAnswer } from './ChoiceAnswer.js';
import { NumberAnswer } from './NumberAnswer.js';
import { RuleField } from './RuleField.js';
import { WeekdaysAnswer } from './WeekdaysAnswer.js';

const km: Measure = { basis: 'distance', unit: 'km', step: 0.1 };

afterEach(cleanup);

describe('an amount', () => {
  const ask = (value = 55_000) => {
    const onAnswer = vi.fn();
    render(
      <AmountAnswer
        label="Start"
        because="Mean of the last weeks."
        measure={km}
        value={value}
        given={false}
        onAnswer={onAnswer}
      />,
    );
    return {
      onAnswer,
      field: screen.getByLabelText<HTMLInputElement>('Start'),
      user: userEvent.setup(),
    };
  };

  it('shows the worked-out answer, set apart, with its reason', () => {
    const { field } = ask(37_500);
    expect(field.value).toBe('37.5');
    expect(field.closest('[data-state]')?.getAttribute('data-state')).toBe('worked-out');
    expect(document.getElementById(field.getAttribute('aria-describedby') ?? '')?.textContent).toBe(
      'Mean of the last weeks.',
    );
  });

  it('answers at every key stroke, in metres', async () => {
    const { field, user, onAnswer } = ask();
    await user.click(field);
    await user.keyboard('62,5');
    expect(onAnswer.mock.calls).toEqual([[6000], [62_000], [62_500]]);
  });

  it('is worked out again when it is emptied', async () => {
    const { field, user, onAnswer } = ask();
    await user.clear(field);
    expect(onAnswer).toHaveBeenLastCalledWith(undefined);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('takes its unit behind the figure', async () => {
    const { field, user, onAnswer } = ask();
    await user.click(field);
    await user.keyboard('62 km');
    expect(onAnswer).toHaveBeenLastCalledWith(62_000);
    await user.tab();
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('says what is no amount, keeps it in the field, and does not pass it on', async () => {
    const { field, user, onAnswer } = ask();
    await user.clear(field);
    onAnswer.mockClear();
    await user.type(field, 'x');
    await user.tab();
    expect(screen.getByRole('alert').textContent).toBe('“x” is not an amount in km.');
    expect(field.value).toBe('x');
    expect(onAnswer).not.toHaveBeenCalled();
  });
});

describe('a number', () => {
  const type = async (typed: string) => {
    const onAnswer = vi.fn();
    render(
      <NumberAnswer
        label="Weeks"
        because=""
        value={12}
        given={false}
        least={4}
        most={30}
        after="weeks"
        onAnswer={onAnswer}
      />,
    );
    const user = userEvent.setup();
    await user.clear(screen.getByLabelText('Weeks'));
    await user.type(screen.getByLabelText('Weeks'), typed);
    return onAnswer;
  };

  it.each([
    ['4', 4],
    ['30', 30],
    ['12 weeks', 12],
    ['9 w', 9],
  ])('takes %s', async (typed, number) => {
    expect(await type(typed)).toHaveBeenLastCalledWith(number);
  });

  it.each(['3', '31', '12.5', 'ten', '1e1', '12 km'])(
    'refuses %s and says its range',
    async (typed) => {
      expect(await type(typed)).not.toHaveBeenLastCalledWith(Number(typed));
      expect(screen.getByRole('alert').textContent).toContain(
        'a whole number from 4 to 30 is needed',
      );
    },
  );
});

describe('a rule', () => {
  const growth = ruleCatalogue.find(({ path }) => path === 'volume.growthCap');
  function Rules({ onAnswer }: { onAnswer: (value: number) => void }) {
    const [value, setValue] = useState(0.1);
    if (!growth) throw new Error('no rule of growth');
    const answer = (next: number) => {
      setValue(next);
      onAnswer(next);
    };
    return <RuleField rule={growth} value={value} unit="km" onAnswer={answer} />;
  }

  it('that cannot be read keeps the one before it, and not what was typed on the way', async () => {
    const onAnswer = vi.fn();
    render(<Rules onAnswer={onAnswer} />);
    const user = userEvent.setup();
    const field = screen.getByRole<HTMLInputElement>('textbox');
    await user.clear(field);
    await user.type(field, '999');
    await user.tab();
    expect(onAnswer.mock.calls).toEqual([[0.09], [0.99], [0.1]]);
    expect(field.value).toBe('999');
    expect(screen.getByRole('alert').textContent).toContain('“999”');
    await user.clear(field);
    await user.type(field, '7 %');
    await user.tab();
    expect(onAnswer).toHaveBeenLastCalledWith(0.07);
    expect(field.value).toBe('7');
  });
});

describe('a choice', () => {
  it('answers with the value, never with another', async () => {
    const onAnswer = vi.fn();
    render(
      <ChoiceAnswer
        id="unit"
        value="km"
        choices={[
          ['km', 'kilometres'],
          ['mi', 'miles'],
        ]}
        onAnswer={onAnswer}
      />,
    );
    await userEvent.setup().selectOptions(screen.getByRole('combobox'), 'miles');
    expect(onAnswer).toHaveBeenCalledExactlyOnceWith('mi');
  });
});

describe('weekdays', () => {
  it('are answered in the order of the week, however they are ticked', async () => {
    const onAnswer = vi.fn();
    render(<WeekdaysAnswer label="Days away" value={['friday']} onAnswer={onAnswer} />);
    const user = userEvent.setup();
    await user.click(screen.getByRole('button', { name: 'Tue' }));
    expect(onAnswer).toHaveBeenLastCalledWith(['tuesday', 'friday']);
    await user.click(screen.getByRole('button', { name: 'Fri' }));
    expect(onAnswer).toHaveBeenLastCalledWith([]);
  });
});
