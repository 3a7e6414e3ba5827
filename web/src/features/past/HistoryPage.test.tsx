import type { BlockFile } from '@nadir/contract';
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { refused, renderPage } from '../../testing/render-page.js';
import { HistoryPage } from './HistoryPage.js';

const id = '22222222-2222-4222-8222-222222222222';
const wishes: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  athlete: { name: 'Posy Arkwright' },
  race: { name: 'Tidewrack Half', date: '2027-05-30', distance: 21_097.5 },
  weeks: 14,
  volume: { start: 40_000, peak: 60_000 },
};
const at = '2027-02-08T07:00:00.000Z';
const change = (revision: number, words: string) => ({ revision, at, by: 'Maren Tolvik', words });
const block = { id, athleteId: id, revision: 2, savedAt: at, wishes, history: [] };
const first = { ...change(1, 'Laid out the block.'), wishes: { ...wishes, weeks: 12 } };

afterEach(cleanup);

function open(answers = {}) {
  const of = (path: string) => `GET /api/blocks/${id}${path}`;
  return renderPage(<HistoryPage />, {
    at: `/blocks/${id}/history`,
    path: '/blocks/:id/history',
    answers: {
      [of('')]: () => block,
      [of('/history')]: () => ({ changes: [change(2, 'Two weeks more.'), first], more: false }),
      [of('/history/1')]: () => first,
      ...answers,
    },
  });
}

describe('the history of a block', () => {
  it('has the changes newest first, and no way back to what stands', async () => {
    open();
    const list = await screen.findByRole('list', { name: 'Changes, newest first' });
    expect(
      within(list)
        .getAllByRole('button')
        .map(({ textContent }) => textContent),
    ).toEqual([
      expect.stringContaining('Two weeks more.'),
      expect.stringContaining('Laid out the block.'),
    ]);
    const restore = screen.getByRole<HTMLButtonElement>('button', { name: 'Restore this version' });
    expect(restore.disabled).toBe(true);
  });

  it('says what a version has otherwise, and takes it back to the block', async () => {
    const { user, sentTo } = open({ [`PUT /api/blocks/${id}`]: () => ({ ...block, revision: 3 }) });
    await user.click(await screen.findByRole('button', { name: /Laid out the block/ }));
    expect(await screen.findByText('Version 1, against now')).toBeTruthy();
    const differences = await screen.findByRole('table');
    expect(within(differences).getByRole('row', { name: /Weeks/ }).textContent).toMatch(/14.*12/);
    await user.click(screen.getByRole('button', { name: 'Restore this version' }));
    expect(await screen.findByText('elsewhere')).toBeTruthy();
    // Kept from here, whichever view comes next.
    await waitFor(() =>
      expect(sentTo(`PUT /api/blocks/${id}`)).toMatchObject([
        { revision: 2, wishes: { weeks: 12 } },
      ]),
    );
  });

  it('says when a version cannot be fetched, and asks again', async () => {
    const { user, sentTo } = open({
      [`GET /api/blocks/${id}/history/1`]: () => refused(404, 'There is no such version.'),
    });
    await user.click(await screen.findByRole('button', { name: /Laid out the block/ }));
    expect((await screen.findByRole('alert')).textContent).toContain('There is no such version.');
    await user.click(screen.getByRole('button', { name: /again/i }));
    expect(sentTo(`GET /api/blocks/${id}/history/1`).length).toBeGreaterThan(1);
  });
});
