import { cleanup, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { refused, renderPage } from '../../testing/render-page.js';
import { coach } from '../../testing/signed-in.js';
import { SettingsPage } from './SettingsPage.js';

afterEach(cleanup);

const keeps = { 'PATCH /api/settings': () => coach };

describe('the settings', () => {
  it('are kept one by one, and it says so', async () => {
    const { user, sentTo } = renderPage(<SettingsPage />, { answers: keeps });
    await user.selectOptions(screen.getByLabelText('Unit'), 'mi');
    expect(await screen.findByText('Saved')).toBeTruthy();
    await user.selectOptions(screen.getByLabelText('Round figures to'), '0.5');
    await user.selectOptions(screen.getByLabelText('A week starts on'), 'sunday');
    await user.selectOptions(screen.getByLabelText('Theme'), 'dark');
    await waitFor(() =>
      expect(sentTo('PATCH /api/settings')).toEqual([
        { unit: 'mi' },
        { step: 0.5 },
        { weekStartsOn: 'sunday' },
        { theme: 'dark' },
      ]),
    );
  });

  it('say so when one could not be kept', async () => {
    const answers = { 'PATCH /api/settings': () => refused(400, 'No.') };
    const { user } = renderPage(<SettingsPage />, { answers });
    await user.selectOptions(screen.getByLabelText('Unit'), 'mi');
    expect((await screen.findByRole('alert')).textContent).toContain('The setting is as it was.');
    expect(screen.queryByText('Saved')).toBeNull();
  });
});

describe('a new password', () => {
  const fill = async (user: ReturnType<typeof renderPage>['user'], again: string) => {
    await user.type(screen.getByLabelText('Current password'), 'low tide at nine');
    await user.type(screen.getByLabelText('New password'), 'high tide at three');
    await user.type(screen.getByLabelText('New password again'), again);
    await user.click(screen.getByRole('button', { name: 'Change password' }));
  };

  it('is not sent while the two differ', async () => {
    const { user, sentTo } = renderPage(<SettingsPage />, { answers: keeps });
    await fill(user, 'high tide at four');
    expect(await screen.findByText('This is not the same as the new password.')).toBeTruthy();
    expect(sentTo('PUT /api/password')).toEqual([]);
  });

  it('is changed, said, and left in no field', async () => {
    const answers = { 'PUT /api/password': () => ({ done: true }) };
    const { user, sentTo } = renderPage(<SettingsPage />, { answers });
    await fill(user, 'high tide at three');
    expect(await screen.findByText(/Password changed\./)).toBeTruthy();
    expect(sentTo('PUT /api/password')).toEqual([
      { current: 'low tide at nine', next: 'high tide at three' },
    ]);
    const fields = ['Current password', 'New password', 'New password again'];
    for (const field of fields) {
      expect(screen.getByLabelText<HTMLInputElement>(field).value).toBe('');
    }
  });

  it('that is refused stays in its fields, with the reason', async () => {
    const answers = {
      'PUT /api/password': () => refused(400, 'That is not your current password.'),
    };
    const { user } = renderPage(<SettingsPage />, { answers });
    await fill(user, 'high tide at three');
    expect((await screen.findByRole('alert')).textContent).toContain('not your current');
    expect(screen.getByLabelText<HTMLInputElement>('New password').value).not.toBe('');
  });
});
