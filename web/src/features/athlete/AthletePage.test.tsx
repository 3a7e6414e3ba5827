import type { AthleteAnswer, AthletePreview } from '@nadir/contract';
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { refused, renderPage } from '../../testing/render-page.js';
import { AthletePage } from './AthletePage.js';

const id = '11111111-1111-4111-8111-111111111111';
const blockId = '22222222-2222-4222-8222-222222222222';
const record: AthleteAnswer = {
  id,
  revision: 3,
  state: 'here',
  facts: {
    name: 'Posy Arkwright',
    birthYear: 1991,
    results: [{ date: '2026-11-08', distance: 10_000, time: 2430, name: 'Gullstone 10' }],
  },
};
const preview = (days: number, problem: string | null = null): AthletePreview => ({
  blocks: [{ id: blockId, race: { name: 'Tidewrack Half', date: '2027-05-30' }, days, problem }],
});

afterEach(cleanup);

/** The page of a record that is kept as it is saved. */
async function open(answers = {}) {
  let stands = record;
  const page = renderPage(<AthletePage />, {
    at: `/athletes/${id}`,
    path: '/athletes/:id',
    answers: {
      [`GET /api/athletes/${id}`]: () => stands,
      [`POST /api/athletes/${id}/preview`]: () => preview(12),
      [`PUT /api/athletes/${id}`]: (sent: unknown) => {
        const { facts } = sent as { facts: AthleteAnswer['facts'] };
        stands = { ...stands, revision: stands.revision + 1, facts };
        return stands;
      },
      [`PUT /api/athletes/${id}/state`]: (sent: unknown) => {
        stands = { ...stands, ...(sent as Pick<AthleteAnswer, 'state'>) };
        return stands;
      },
      ...answers,
    },
  });
  await screen.findByRole('heading', { name: 'Posy Arkwright' });
  const saved = () => page.sentTo(`PUT /api/athletes/${id}`);
  return { ...page, saved };
}

describe('an athlete’s record', () => {
  it('offers nothing to save while nothing is changed', async () => {
    await open();
    expect(screen.queryByRole('region', { name: 'What it changes' })).toBeNull();
    expect(screen.getByLabelText<HTMLInputElement>('Year of birth').value).toBe('1991');
    expect(screen.getByText('10 km 40:30')).toBeTruthy();
  });

  it('says which blocks would move before it saves, and comes back', async () => {
    const { user, saved } = await open();
    await user.click(screen.getByRole('button', { name: 'Tue' }));
    const offer = screen.getByRole('region', { name: 'What it changes' });
    expect(within(offer).getByLabelText('Checking the blocks')).toBeTruthy();
    const save = within(offer).getByRole('button', { name: 'Save' });
    expect((save as HTMLButtonElement).disabled).toBe(true);
    expect(
      await within(offer).findByText(/Tidewrack Half, .*: 12 days to come would move\./),
    ).toBeTruthy();
    await user.click(save);
    expect(await screen.findByText('The record is saved.')).toBeTruthy();
    expect(saved()[0]).toMatchObject({
      revision: 3,
      apart: [],
      facts: { unavailable: ['tuesday'] },
    });
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(saved()).toHaveLength(2));
    expect(saved()[1]).toMatchObject({ revision: 4, facts: record.facts });
  });

  it('undoes from what is stored, before it is read again', async () => {
    let reads = 0;
    const { user, saved } = await open({
      [`GET /api/athletes/${id}`]: () => (reads++ === 0 ? record : new Promise(() => undefined)),
    });
    await user.click(screen.getByRole('button', { name: 'Tue' }));
    await screen.findByText(/12 days to come would move\./);
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(saved()).toHaveLength(2));
    expect(saved()[1]).toMatchObject({ revision: 4 });
  });

  it('takes the answer to an earlier draft for none', async () => {
    const { user } = await open();
    await user.click(screen.getByRole('button', { name: 'Tue' }));
    await screen.findByText(/would move/);
    await user.click(screen.getByRole('button', { name: 'Wed' }));
    expect(screen.queryByText(/would move/)).toBeNull();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save' }).disabled).toBe(true);
    expect(await screen.findByText(/would move/)).toBeTruthy();
  });

  it('leaves a block apart that is unticked, and one that cannot follow', async () => {
    const { user, saved } = await open();
    await user.click(screen.getByRole('button', { name: 'Tue' }));
    await user.click(await screen.findByRole('checkbox', { name: /Tidewrack Half/ }));
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(saved()[0]).toMatchObject({ apart: [blockId] }));
    cleanup();
    const said = {
      [`POST /api/athletes/${id}/preview`]: () => preview(0, 'Update Nadir to open it.'),
    };
    const other = await open(said);
    await other.user.click(screen.getByRole('button', { name: 'Tue' }));
    const block = await screen.findByRole('checkbox', { name: /stays as it is\. Update Nadir/ });
    expect((block as HTMLInputElement).disabled).toBe(true);
  });

  it('says why a record is refused, and keeps what was typed', async () => {
    const said = { [`POST /api/athletes/${id}/preview`]: () => refused(400, 'Nothing was saved.') };
    const { user } = await open(said);
    await user.click(screen.getByRole('button', { name: 'Tue' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Nothing was saved.');
    expect(screen.queryByText('Checking the blocks …')).toBeNull();
    expect(screen.getByRole('button', { name: 'Tue' }).getAttribute('aria-pressed')).toBe('true');
    await user.click(screen.getByRole('button', { name: 'Discard' }));
    expect(screen.queryByRole('region', { name: 'What it changes' })).toBeNull();
  });

  it('takes no year that cannot be, and no name that is empty', async () => {
    const { user } = await open();
    const year = screen.getByLabelText('Year of birth');
    await user.clear(year);
    await user.type(year, '19x');
    expect(screen.getByText(/a whole number from 1900 to 2100 is needed/)).toBeTruthy();
    await user.clear(screen.getByLabelText('Name'));
    expect(screen.getByText('Give the athlete a name.')).toBeTruthy();
    await screen.findByText(/would move/);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save' }).disabled).toBe(true);
  });

  it('asks again for amounts that were counted the other way', async () => {
    const { user, saved } = await open();
    await user.selectOptions(screen.getByLabelText('Counted by'), 'time');
    await screen.findByText(/would move/);
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(saved()).toHaveLength(1));
    expect(saved()[0]).toMatchObject({ facts: { basis: 'time' } });
  });

  it('loses a result only by saving', async () => {
    const { user, saved } = await open();
    await user.click(screen.getByRole('button', { name: /^Remove 10 km 40:30/ }));
    expect(screen.queryByText('10 km 40:30')).toBeNull();
    expect(saved()).toEqual([]);
    await screen.findByText(/would move/);
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(saved()[0]).toMatchObject({ facts: { results: [] } }));
  });

  it('is archived and removed, each with its way back', async () => {
    const { user, sentTo } = await open();
    await user.click(screen.getByRole('button', { name: 'Archive' }));
    expect(await screen.findByText('Posy Arkwright is archived.')).toBeTruthy();
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await screen.findByRole('button', { name: 'Archive' });
    await user.click(screen.getByRole('button', { name: 'Remove' }));
    expect(await screen.findByText('Posy Arkwright is removed.')).toBeTruthy();
    expect(sentTo(`PUT /api/athletes/${id}/state`)).toEqual([
      { state: 'archived' },
      { state: 'here' },
      { state: 'removed' },
    ]);
  });

  it('stands as it was answered, though it is slow to be read again: an undo goes back to that', async () => {
    let reads = 0;
    const slow = () => (reads++ === 0 ? record : new Promise<never>(() => undefined));
    const { user, sentTo } = await open({ [`GET /api/athletes/${id}`]: slow });
    await user.click(screen.getByRole('button', { name: 'Archive' }));
    expect(await screen.findByRole('button', { name: 'Back to the squad' })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Remove' }));
    await screen.findByText('Posy Arkwright is removed.');
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() =>
      expect(sentTo(`PUT /api/athletes/${id}/state`).at(-1)).toEqual({ state: 'archived' }),
    );
  });

  it('that is not there is said, with what may have happened', async () => {
    const address = `/athletes/${id}`;
    const gone = { [`GET /api${address}`]: () => refused(404, 'There is no such athlete.') };
    renderPage(<AthletePage />, { at: address, path: '/athletes/:id', answers: gone });
    expect((await screen.findByRole('alert')).textContent).toContain('There is no such athlete.');
  });
});
