import { expect } from '@playwright/test';
import { addressOf, cell, enterDemo, expectSaved, openAnswer, signIn, test } from './desk.js';

test('from nothing to a kept block with the keyboard only', async ({ page }) => {
  await signIn(page);
  await page.goto(`${addressOf('demo')}/blocks/new`);
  await page.getByLabel('Name').focus();
  await page.keyboard.type('Neve Orrin');
  // Enter goes on to the next answer.
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Race', { exact: true })).toBeFocused();
  await page.keyboard.type('Tidewrack Half');
  await page.keyboard.press('Enter');
  await page.keyboard.type('half');
  await page.keyboard.press('Enter');
  await page.keyboard.type('9 5');
  await expect(
    page.getByRole('img', { name: /Race day: Tidewrack Half, Sun 9 May/ }),
  ).toBeVisible();
  await page.getByLabel('Recent weeks').focus();
  await page.keyboard.type('38 41 40 45');
  await expect(page.getByRole('img', { name: /^Week 1: 41 km/ })).toBeVisible();
  await page.keyboard.press('Control+Enter');
  await expect(page.getByRole('heading', { name: 'Neve Orrin' })).toBeVisible();
  await expect(cell(page, 'volume', 1)).toBeFocused();
  await expectSaved(page);
  await page.getByRole('link', { name: 'Squad' }).click();
  await expect(page.getByRole('row', { name: /Neve Orrin/ })).toBeVisible();
});

test('adds an athlete, and lays out their block from the squad', async ({ page }) => {
  await enterDemo(page);
  await page.getByRole('button', { name: 'Add athlete' }).click();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('Give the athlete a name.')).toBeVisible();
  await page.getByLabel('Name').fill('Juno Maddern');
  await page.keyboard.press('Enter');
  const row = page.getByRole('row', { name: /Juno Maddern/ });
  await row.getByRole('link', { name: 'Lay one out' }).click();
  await expect(page.getByLabel('Athlete', { exact: true })).toHaveValue(/.+/);
  await page.getByRole('button', { name: 'Keep this block' }).click();
  await expect(page.getByRole('heading', { name: 'Juno Maddern' })).toBeVisible();
});

test('says what stands in the way, and goes on drawing what can be drawn', async ({ page }) => {
  await signIn(page);
  await page.goto(`${addressOf('demo')}/blocks/new`);
  await page.getByRole('textbox', { name: 'Race day' }).fill('2027-02-09');
  await expect(page.getByText('That day has passed. Choose a race to come.').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep this block' })).toBeDisabled();
  await expect(page.getByRole('group', { name: /^Section/ })).toBeVisible();
  await page.getByRole('textbox', { name: 'Race day' }).fill('2027-06-06');
  await openAnswer(page, 'Weeks and phases');
  await page.getByLabel('Weeks', { exact: true }).fill('200');
  await expect(page.getByText('a whole number from 4 to 30 is needed')).toBeVisible();
  await page.getByLabel('Weeks', { exact: true }).fill('12');
  await openAnswer(page, 'Volume');
  await page.getByLabel('Start', { exact: true }).fill('60');
  await page.getByRole('group', { name: 'Volume' }).getByLabel('Peak', { exact: true }).fill('50');
  await expect(
    page.getByText('The peak of 50 km is below the start of 60 km.').first(),
  ).toBeVisible();
  await page.getByRole('group', { name: 'Volume' }).getByLabel('Peak', { exact: true }).fill('70');
  await page.getByRole('button', { name: 'Keep this block' }).click();
  await expect(page.getByText('Give the athlete a name; the rest is worked out.')).toBeVisible();
  await page.getByLabel('Name').fill('Ebba Tarn');
  await page.getByLabel('Goal time').fill('soon');
  // What was typed and cannot be read is not left out of the block in silence.
  await page.keyboard.press('Control+Enter');
  await expect(page.getByLabel('Goal time')).toBeFocused();
  await expect(page.getByRole('heading', { name: 'New block' })).toBeVisible();
});

test('takes a race of any distance as it is said, and says what is none', async ({ page }) => {
  await signIn(page);
  await page.goto(`${addressOf('demo')}/blocks/new`);
  await page.getByLabel('Name').fill('Anni Fifteen');
  await page.getByLabel('Distance', { exact: true }).selectOption({ label: 'another distance' });
  const distance = page.getByLabel('Distance of the race');
  await distance.fill('9 leagues');
  await expect(page.getByText('“9 leagues” is not a distance')).toBeVisible();
  await distance.fill('15 km');
  await expect(page.getByText('is not a distance')).toBeHidden();
  await page.getByRole('textbox', { name: 'Race day' }).fill('2027-06-06');
  await page.getByRole('button', { name: 'Keep this block' }).click();
  await expect(page.getByRole('grid', { name: /Ledger/ })).toBeVisible();
  const id = page.url().split('/').at(-1) ?? '';
  const answer = await page.request.get(`${addressOf('demo')}/api/blocks/${id}`);
  expect(await answer.json()).toMatchObject({ wishes: { race: { distance: 15_000 } } });
});
