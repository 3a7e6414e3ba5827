import { resolveSpec } from '@nadir/core/layout';
import { rulesOf } from '@nadir/core/rules';
import { readSession, sessionPacesOf } from '@nadir/core/sessions';
import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { SessionLines } from '../../drawing/SessionLines.js';
import { EXAMPLES } from './examples.js';

const spec = resolveSpec({
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000, goalTime: 2400 },
});
const paces = sessionPacesOf(spec, rulesOf(spec), '2027-05-01');

describe('the page on sessions', () => {
  it.each(EXAMPLES)('has an example that reads: %s', (example) => {
    expect(readSession(example).ok).toBe(true);
  });

  it('draws a session to scale on lines: twice the time is twice as wide', () => {
    const { container } = render(
      <SessionLines text="10 min easy; 20 min half-hour" paces={paces} width={446} />,
    );
    expect(
      screen.getByRole('img', { name: /^The session to scale: 10 min easy, 20 min half-hour/ }),
    ).toBeTruthy();
    const bars = [...container.querySelectorAll('g rect[stroke]')].map((bar) =>
      Number(bar.getAttribute('width')),
    );
    // Forty-six pixels of labels and two at the end leave 398 for the longest line.
    expect(bars[1]).toBeCloseTo(398, 6);
    expect(bars[0]).toBeCloseTo(199, 6);
  });
});
