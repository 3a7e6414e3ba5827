import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ChoiceAnswer } from './ChoiceAnswer.js';

const choices = [
  ['time-trial', 'Time trial'],
  ['repeat', 'The last one again'],
] as const;
type Form = (typeof choices)[number][0];

function open(closed?: readonly Form[]) {
  const onAnswer = vi.fn<(value: Form) => void>();
  render(
    <ChoiceAnswer
      label="Form"
      value="time-trial"
      choices={choices}
      {...(closed && { closed })}
      onAnswer={onAnswer}
    />,
  );
  return {
    onAnswer,
    user: userEvent.setup(),
    list: screen.getByRole('combobox', { name: 'Form' }),
  };
}

afterEach(cleanup);

describe('a choice', () => {
  it('answers with the value of what is chosen, not with its words', async () => {
    const { onAnswer, user, list } = open();
    await user.selectOptions(list, 'The last one again');
    expect(onAnswer.mock.calls).toEqual([['repeat']]);
  });

  it('shows what is closed, and does not answer with it', async () => {
    const { onAnswer, user, list } = open(['repeat']);
    const option = screen.getByRole<HTMLOptionElement>('option', { name: 'The last one again' });
    expect(option.disabled).toBe(true);
    await user.selectOptions(list, 'The last one again');
    expect(onAnswer).not.toHaveBeenCalled();
  });
});
