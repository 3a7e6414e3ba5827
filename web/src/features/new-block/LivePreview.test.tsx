import { type BlockFile, blockFile, givenOf } from '@nadir/contract';
import { reasonsOf } from '@nadir/core/present';
import { cleanup, screen, within } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { renderPage } from '../../testing/render-page.js';
import { LivePreview } from './LivePreview.js';

afterEach(cleanup);

// Twelve weeks from Monday 1 February 2027; today is Wednesday of the second.
const wishes: BlockFile = blockFile.parse({
  format: 'nadir-block',
  version: 3,
  race: { name: 'Gullstone 10', date: '2027-04-25', distance: 10_000 },
  weeks: 12,
  volume: { start: 40_000, peak: 60_000 },
  pins: [
    { week: 1, longRun: 30_000 },
    { week: 6, volume: 95_000 },
  ],
});

it('tells of what is to come, not of what is over', async () => {
  renderPage(
    <LivePreview
      wishes={wishes}
      stale={false}
      topic={undefined}
      reasons={reasonsOf(givenOf(wishes))}
    />,
  );
  const checks = await screen.findByRole('region', { name: 'Checks' });
  expect(within(checks).getByText('Growth over the cap')).toBeTruthy();
  expect(within(checks).getByText(/Week 6: .* above the last building week/)).toBeTruthy();
  expect(within(checks).queryByText(/Week 1\b/)).toBeNull();
});
