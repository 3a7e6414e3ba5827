import { cleanup, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { refused, renderPage } from '../../testing/render-page.js';
import { coach } from '../../testing/signed-in.js';
import { SignInPage } from './SignInPage.js';

const fresh = vi.hoisted(() => vi.fn());
vi.mock('../../api/fresh-page.js', async (original) => ({
  ...(await original<object>()),
  openFreshPage: fresh,
}));
const nobody = { today: '2027-02-10', demo: false, firstCoachWanted: false, coach: null };

afterEach(() => {
  cleanup();
  fresh.mockReset();
});

describe('the door', () => {
  it('asks for what is missing before it asks the server', async () => {
    const { user, sentTo } = renderPage(<SignInPage session={nobody} />);
    await user.type(screen.getByLabelText('E-mail'), 'maren');
    await user.click(screen.getByRole('button', { name: 'Sign in' }));
    expect(await screen.findByText('An e-mail address is needed.')).toBeTruthy();
    expect(screen.getByText('Your password is needed.')).toBeTruthy();
    expect(sentTo('POST /api/sign-in')).toEqual([]);
  });

  it('opens a fresh page for who is let in, and none for who is not', async () => {
    const answers = {
      'POST /api/sign-in': (sent: unknown) =>
        (sent as { password: string }).password === 'low tide at nine'
          ? coach
          : refused(401, 'E-mail or password is not right.'),
    };
    const { user } = renderPage(<SignInPage session={nobody} />, { answers });
    await user.type(screen.getByLabelText('E-mail'), 'maren@skerrylane.example');
    await user.type(screen.getByLabelText('Password'), 'low tide at ten');
    await user.click(screen.getByRole('button', { name: 'Sign in' }));
    expect((await screen.findByRole('alert')).textContent).toContain('is not right.');
    expect(fresh).not.toHaveBeenCalled();
    await user.clear(screen.getByLabelText('Password'));
    await user.type(screen.getByLabelText('Password'), 'low tide at nine');
    await user.click(screen.getByRole('button', { name: 'Sign in' }));
    await waitFor(() => expect(fresh).toHaveBeenCalledTimes(1));
  });

  it('says that a sign-in ran out, and that nothing is lost by it', () => {
    renderPage(<SignInPage session={nobody} ranOut />);
    expect(screen.getByRole('status').textContent).toContain('kept on this device');
  });

  it('asks the first coach for the code that only the machine has', async () => {
    const session = { ...nobody, firstCoachWanted: true };
    const answers = { 'POST /api/first-coach': () => coach };
    const { user, sentTo } = renderPage(<SignInPage session={session} />, { answers });
    await user.type(screen.getByLabelText('Your name'), 'Maren Tolvik');
    await user.type(screen.getByLabelText('E-mail'), 'maren@skerrylane.example');
    await user.type(screen.getByLabelText('Password'), 'short');
    await user.click(screen.getByRole('button', { name: 'Begin' }));
    expect(await screen.findByText('Ten characters or more, please.')).toBeTruthy();
    expect(screen.getByText('The code is needed.')).toBeTruthy();
    await user.type(screen.getByLabelText('Password'), ' tides at nine');
    await user.type(screen.getByLabelText('Code from the terminal'), 'gulls-tides');
    await user.click(screen.getByRole('button', { name: 'Begin' }));
    await waitFor(() => expect(fresh).toHaveBeenCalledTimes(1));
    expect(sentTo('POST /api/first-coach')).toMatchObject([{ code: 'gulls-tides' }]);
  });

  it('of a demo stands open: who comes lands on the first block', async () => {
    const id = '22222222-2222-4222-8222-222222222222';
    const wishes = {
      format: 'nadir-block',
      version: 3,
      race: { name: 'Tidewrack Half', date: '2027-05-30', distance: 21_097.5 },
    };
    const block = { id, athleteId: id, revision: 1, savedAt: '2027-02-01T07:00:00.000Z', wishes };
    const athlete = { id, revision: 1, state: 'here', facts: { name: 'Posy Arkwright' }, block };
    renderPage(<SignInPage session={{ ...nobody, demo: true }} />, {
      answers: {
        'POST /api/sign-in/demo': () => coach,
        'GET /api/squad': () => ({ athletes: [athlete] }),
      },
    });
    await waitFor(() => expect(fresh).toHaveBeenCalledWith(`/blocks/${id}`));
  });
});
