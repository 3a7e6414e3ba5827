import { readSession } from '@nadir/core/sessions';
import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { SessionBars } from '../../drawing/SessionBars.js';
import { EXAMPLES } from './examples.js';

describe('the page on sessions', () => {
  it.each(EXAMPLES)('has an example that reads: %s', (example) => {
    expect(readSession(example).ok).toBe(true);
  });

  it('draws a session to scale: time across, speed up', () => {
    const stretch = (words: string, time: number, pace: number | undefined, hard: boolean) => ({
      words,
      time,
      pace,
      hard,
      distance: pace === undefined ? 0 : (time / pace) * 1000,
    });
    const stretches = [
      stretch('1 km @ 5 km', 240, 240, true),
      stretch('60 s standing', 60, undefined, false),
    ];
    const session = {
      stretches,
      distance: 1000,
      time: 300,
      hardDistance: 1000,
      hardTime: 240,
      unknown: [],
    };
    const { container } = render(<SessionBars session={session} width={300} />);
    expect(
      screen.getByRole('img', { name: 'The session to scale: 1 km @ 5 km, 60 s standing' }),
    ).toBeTruthy();
    const [hard, rest] = [...container.querySelectorAll('rect')];
    expect(Number(hard?.getAttribute('width'))).toBeCloseTo(240, 6);
    expect(Number(rest?.getAttribute('x'))).toBeCloseTo(240, 6);
    expect(Number(hard?.getAttribute('height'))).toBeGreaterThan(
      Number(rest?.getAttribute('height')),
    );
  });
});
