import type { BlockAnswer } from '@nadir/contract';
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { refused, renderPage } from '../../testing/render-page.js';
import { BlocksPage } from './BlocksPage.js';

const athleteId = '11111111-1111-4111-8111-111111111111';
const id = '22222222-2222-4222-8222-222222222222';
const templateId = '33333333-3333-4333-8333-333333333333';
const block: BlockAnswer = {
  id,
  athleteId,
  revision: 1,
  savedAt: '2027-02-01T07:00:00.000Z',
  wishes: {
    format: 'nadir-block',
    version: 3,
    engine: 21,
    athlete: { name: 'Posy Arkwright' },
    race: { name: 'Tidewrack Half', date: '2027-05-30', distance: 21_097.5 },
    weeks: 14,
  },
};
const athlete = {
  id: athleteId,
  revision: 1,
  state: 'here',
  facts: { name: 'Posy Arkwright-Hask' },
  block,
};
const week = { start: '2027-05-24', length: 7, recovery: false, segment: null };
const glance = {
  race: { name: 'Tidewrack Half', date: '2027-05-30' },
  start: '2027-05-24',
  measure: { basis: 'distance', unit: 'km', step: 1 },
  phases: [],
  weeks: [{ ...week, number: 1, volume: 41, longRun: 12 }],
  worst: null,
  days: [],
  next: null,
};
const shape = { basis: 'distance', distance: 21_097.5, weeks: 14 };

afterEach(cleanup);

function open(answers = {}) {
  return renderPage(<BlocksPage />, {
    at: '/blocks',
    answers: {
      'GET /api/blocks': () => ({ blocks: [block] }),
      'GET /api/squad': () => ({ athletes: [athlete] }),
      'GET /api/squad/blocks': () => ({ blocks: [{ id, glance }] }),
      'GET /api/templates': () => ({
        templates: [{ id: templateId, name: 'Half, 14 weeks', template: shape }],
      }),
      'GET /api/removed': () => ({ removed: [] }),
      ...answers,
    },
  });
}

describe('the blocks', () => {
  it('are named by their athlete as the squad has it now', async () => {
    open();
    const row = await screen.findByRole('row', { name: /Tidewrack Half/ });
    expect(within(row).getByRole('link', { name: 'Posy Arkwright-Hask' })).toBeTruthy();
    // Drawn as the server has laid it out.
    expect(await within(row).findByRole('img', { name: /1 week.*heaviest 41 km/ })).toBeTruthy();
  });

  it('keep a name where the athlete has just left the squad', async () => {
    open({ 'GET /api/squad': () => ({ athletes: [] }) });
    expect(await screen.findByRole('link', { name: 'Posy Arkwright' })).toBeTruthy();
  });

  it('say that one is removed once it is, and put it back', async () => {
    const { user, sentTo } = open({
      [`DELETE /api/blocks/${id}`]: () => ({ done: true }),
      [`POST /api/blocks/${id}/put-back`]: () => ({ ...block, history: [] }),
    });
    await user.click(await screen.findByRole('button', { name: /^Actions for Posy/ }));
    await user.click(screen.getByRole('menuitem', { name: 'Remove' }));
    expect(await screen.findByText(/^Removed Posy Arkwright-Hask’s block/)).toBeTruthy();
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(screen.queryByText(/^Removed/)).toBeNull());
    expect(sentTo(`POST /api/blocks/${id}/put-back`)).toHaveLength(1);
  });

  it('claim nothing of one that could not be removed', async () => {
    const { user } = open({
      [`DELETE /api/blocks/${id}`]: () => refused(404, 'There is no such block.'),
    });
    await user.click(await screen.findByRole('button', { name: /^Actions for Posy/ }));
    await user.click(screen.getByRole('menuitem', { name: 'Remove' }));
    expect((await screen.findByRole('alert')).textContent).toContain('There is no such block.');
    expect(screen.queryByText(/^Removed/)).toBeNull();
  });

  it('and their templates come back from being removed', async () => {
    const { user } = open({
      [`DELETE /api/templates/${templateId}`]: () => ({ done: true }),
      [`POST /api/templates/${templateId}/put-back`]: () => ({ done: true }),
    });
    await user.click(await screen.findByRole('button', { name: 'Remove template Half, 14 weeks' }));
    expect(
      await screen.findByText('Removed the template “Half, 14 weeks”.', { exact: false }),
    ).toBeTruthy();
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(screen.queryByText(/Removed the template/)).toBeNull());
  });

  it('list what was removed of late, whatever it was, each to be put back', async () => {
    const at = '2027-02-09T07:00:00.000Z';
    const { user, sentTo } = open({
      'GET /api/removed': () => ({
        removed: [
          { kind: 'athlete', id: athleteId, name: 'Idris Vale', at },
          { kind: 'block', id, name: 'Posy Arkwright, Tidewrack Half', at },
        ],
      }),
      [`PUT /api/athletes/${athleteId}/state`]: () => ({ ...athlete, block: undefined }),
      [`POST /api/blocks/${id}/put-back`]: () => refused(404, 'There is no such block.'),
    });
    await user.click(await screen.findByRole('button', { name: 'Removed in the last 30 days: 2' }));
    expect(screen.getByText(/athlete, removed on Tue 9 Feb 2027/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Put back Idris Vale' }));
    expect(await screen.findByText('Idris Vale: the athlete is back.')).toBeTruthy();
    expect(sentTo(`PUT /api/athletes/${athleteId}/state`)).toEqual([{ state: 'here' }]);
    await user.click(screen.getByRole('button', { name: /^Put back Posy/ }));
    expect((await screen.findByRole('alert')).textContent).toContain('There is no such block.');
  });

  it('say why a file is not opened, line by line, and keep nothing of it', async () => {
    const { user, sentTo } = open();
    const text =
      '{\n "format": "nadir-block",\n "version": 3,\n "race": { "name": "Gullstone 10", "date": "soon", "distance": 10000 }\n}';
    const input = await screen.findByLabelText('Choose a file', { selector: 'input' });
    await user.upload(input, new File([text], 'mine.json', { type: 'application/json' }));
    const said = await screen.findByRole('alert');
    expect(said.textContent).toContain('mine.json was not opened, and nothing was kept');
    expect(said.textContent).toContain('line 4');
    expect(said.textContent).toContain('race.date');
    expect(sentTo('POST /api/blocks')).toEqual([]);
  });
});
