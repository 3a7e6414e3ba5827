import { expect } from '@playwright/test';
import { addressOf, test } from './desk.js';

// What is kept on the device of another address would stay.
test.use({ tab: 'new' });

test('the first coach: signs up, signs out, signs in, sets the desk', async ({ page }) => {
  await page.goto(addressOf('own'));
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText('Your name is needed.')).toBeVisible();
  await page.getByLabel('Your name').fill('Tamsin Ferrow');
  await page.getByLabel('E-mail').fill('tamsin@skerrylane.example');
  await page.getByLabel('Password').fill('short');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Ten characters or more, please.')).toBeVisible();
  await page.getByLabel('Password').fill('the tide is out');
  await page.getByLabel('Code from the terminal').fill('wrong-wrong');
  await page.keyboard.press('Enter');
  await expect(page.getByText('That is not the code.')).toBeVisible();
  await page.getByLabel('Code from the terminal').fill(process.env.NADIR_FIRST_COACH_CODE ?? '');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nobody here yet.')).toBeVisible();

  await page.getByRole('link', { name: 'Lay out a first block' }).click();
  await page.getByLabel('Name').fill('Orla Penrose');
  await page.getByRole('button', { name: 'Keep this block' }).click();
  await expect(page.getByText('Volume, km')).toBeVisible();

  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByLabel('Unit').selectOption('mi');
  await page.getByLabel('Round figures to').selectOption('0.1');
  await page.getByLabel('Theme').selectOption('dark');
  await expect(page.getByText('Saved')).toBeVisible();
  await page.getByLabel('Current password').fill('the tide is in');
  await page.getByLabel('New password', { exact: true }).fill('the tide is back');
  await page.getByLabel('New password again').fill('the tide is back');
  await page.getByRole('button', { name: 'Change password' }).click();
  await expect(page.getByText('That is not your current password.')).toBeVisible();
  await page.getByLabel('Current password').fill('the tide is out');
  await page.getByRole('button', { name: 'Change password' }).click();
  await expect(page.getByText('Password changed. Other devices are signed out.')).toBeVisible();
  await page.getByRole('link', { name: 'Squad' }).click();
  await page.getByRole('link', { name: 'Orla Penrose', exact: true }).click();
  await expect(page.getByText('Volume, mi')).toBeVisible();
  const volumes = await page.locator('[role=gridcell][data-row=volume]').allInnerTexts();
  const total = volumes.reduce((sum, text) => sum + Number(text) * 10, 0);
  await expect(page.getByText(`${(Math.round(total) / 10).toFixed(1)} mi + 6.2 mi`)).toBeVisible();

  await page.context().clearCookies();
  await page.getByRole('link', { name: 'Blocks', exact: true }).click();
  await expect(page.getByText('You were signed out.')).toBeVisible();
  await page.getByLabel('E-mail').fill('tamsin@skerrylane.example');
  await page.getByLabel('Password').fill('the tide is back');
  await page.keyboard.press('Enter');

  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.getByLabel('E-mail').fill('tamsin@skerrylane.example');
  await page.getByLabel('Password').fill('wrong');
  await page.keyboard.press('Enter');
  await expect(page.getByText('The e-mail and the password do not match.')).toBeVisible();
  await page.getByLabel('Password').fill('the tide is back');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: 'Orla Penrose', exact: true })).toBeVisible();

  await page.getByRole('link', { name: 'Settings' }).click();
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download all my data' }).click();
  const archive = await (await downloading).path();
  await page.getByLabel('Choose a file').setInputFiles(archive);
  await expect(page.getByText('Added 1 athlete, 1 block and 0 runs.')).toBeVisible();
  await page.getByRole('link', { name: 'Squad' }).click();
  await expect(page.getByRole('link', { name: 'Orla Penrose', exact: true })).toHaveCount(2);
});
