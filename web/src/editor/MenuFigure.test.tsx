import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { MenuFigure } from './MenuFigure.js';

afterEach(cleanup);

describe('a figure within a menu', () => {
  const open = () => {
    const onTake = vi.fn();
    render(<MenuFigure label="Per cent" start={80} least={1} most={150} onTake={onTake} />);
    return { onTake, field: screen.getByLabelText('Per cent'), user: userEvent.setup() };
  };

  it('is taken with Enter', async () => {
    const { onTake, field, user } = open();
    await user.clear(field);
    await user.type(field, '70{Enter}');
    expect(onTake).toHaveBeenCalledExactlyOnceWith(70);
  });

  it('takes nothing in place of what cannot be read', async () => {
    const { onTake, field, user } = open();
    await user.clear(field);
    await user.type(field, '700{Enter}');
    expect(onTake).not.toHaveBeenCalled();
    expect(screen.getByRole('alert').textContent).toMatch(/from 1 to 150/);
    expect(document.activeElement).toBe(field);
  });
});
