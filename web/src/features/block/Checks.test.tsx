import type { Finding } from '@nadir/core';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Checks } from './Checks.js';

const finding = (part: Partial<Finding>): Finding => ({
  check: 'growth-over-cap',
  level: 'caution',
  weeks: [6],
  value: 0.12,
  limit: 0.1,
  title: 'Growth over the cap',
  message: 'Week 6 is too steep.',
  fixes: [],
  ...part,
});

afterEach(cleanup);

describe('Checks', () => {
  it('says so when nothing is found', () => {
    render(<Checks findings={[]} onLight={vi.fn()} />);
    expect(screen.getByText(/Nothing found/)).toBeTruthy();
  });

  it('counts by level, in words', () => {
    const findings = [
      finding({ level: 'stop', check: 'a' }),
      finding({ check: 'b' }),
      finding({ check: 'c' }),
      finding({ level: 'note', check: 'd' }),
    ];
    render(<Checks findings={findings} onLight={vi.fn()} />);
    expect(screen.getByText('1 stop · 2 cautions · 1 note')).toBeTruthy();
  });

  it.each([
    [[6], 'caution · week 6'],
    [[6, 7, 8], 'caution · weeks 6–8'],
    [[6, 9], 'caution · weeks 6, 9'],
    [[1, 3, 5, 7, 9, 11], 'caution · weeks 1–11'],
  ])('names its weeks: %j', (weeks, words) => {
    render(<Checks findings={[finding({ weeks })]} onLight={vi.fn()} />);
    expect(screen.getByText(words)).toBeTruthy();
  });

  it('shows the reason of a waiver', () => {
    render(<Checks findings={[finding({ waived: 'Training camp.' })]} onLight={vi.fn()} />);
    expect(screen.getByText(/waived: Training camp\./)).toBeTruthy();
  });

  it('lights its weeks while it is in focus', async () => {
    const onLight = vi.fn();
    render(<Checks findings={[finding({ weeks: [6, 7] })]} onLight={onLight} />);
    const user = userEvent.setup();
    await user.tab();
    expect(onLight).toHaveBeenLastCalledWith([6, 7]);
    await user.tab();
    expect(onLight).toHaveBeenLastCalledWith([]);
  });
});
