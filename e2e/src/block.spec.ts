import { expect } from '@playwright/test';
import {
  addressOf,
  cell,
  enterBlock,
  enterDemo,
  expectSaved,
  keepNewBlock,
  openAnswer,
  openByKey,
  pin,
  signIn,
  test,
} from './desk.js';

test.beforeEach(({ page }) => signIn(page));

test('reads the demo block: the ledger adds up to the total, the days to their week', async ({
  page,
}) => {
  await enterBlock(page, 'Idris Vale');
  await expect(page.getByText('9 weeks 4 days')).toBeVisible();
  const volumes = await page.locator('[role=gridcell][data-row=volume]').allInnerTexts();
  const total = volumes.reduce((sum, text) => sum + Number(text), 0);
  await expect(page.getByText(`${total} km + 42.2 km`)).toBeVisible();
  for (const week of [1, 4, 9, 16, 18]) {
    await cell(page, 'volume', week).click();
    const days = page.getByRole('region', { name: `Days of week ${week}` });
    const figures = await days.locator('[data-figure]').allInnerTexts();
    const sum = figures.reduce((all, text) => all + Number(text), 0);
    expect(sum).toBe(Number(await cell(page, 'volume', week).innerText()));
  }
  // The peak is the coach's answer; the long run at its longest is worked out.
  await expect(cell(page, 'volume', 14)).toHaveAccessibleName(/: 92, asked$/);
  await expect(cell(page, 'longRun', 15)).toHaveAccessibleName(/: \d+$/);
});

test('pins a week by typing, sees the drawing answer, undoes and redoes by keyboard', async ({
  page,
}) => {
  await keepNewBlock(page, 'Pin and undo');
  const before = await cell(page, 'volume', 5).innerText();
  await cell(page, 'volume', 5).click();
  await page.keyboard.type('48');
  const mark = page.getByRole('img', { name: /^Week 5: 48 km, fixed/ });
  await expect(mark).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(mark).toBeHidden();
  await expect(cell(page, 'volume', 5)).toHaveText(before);

  await pin(page, 'volume', 5, '48');
  await expect(cell(page, 'volume', 5)).toHaveText('48');
  await expect(page.getByText('Growth over the cap').first()).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(cell(page, 'volume', 5)).toHaveText(before);
  await page.keyboard.press('Control+Shift+z');
  await expect(cell(page, 'volume', 5)).toHaveText('48');
  await expectSaved(page);
  await cell(page, 'volume', 5).click();
  await page.keyboard.press('Delete');
  await expect(cell(page, 'volume', 5)).toHaveText(before);
});

test('moves by arrows alone and pins a long run', async ({ page }) => {
  await keepNewBlock(page, 'Arrows');
  await cell(page, 'volume', 2).click();
  for (const key of ['ArrowRight', 'ArrowDown', 'ArrowDown']) await page.keyboard.press(key);
  await expect(cell(page, 'longRun', 3)).toBeFocused();
  await page.keyboard.type('11');
  await page.keyboard.press('Tab');
  await expect(cell(page, 'longRun', 3)).toHaveText('11');
  await expect(cell(page, 'longRun', 4)).toBeFocused();
  await expect(page.getByText(/Week 4, long run: Recovery/)).toBeVisible();
});

test('finds everything again after a reload, and the history in order', async ({ page }) => {
  await keepNewBlock(page, 'Reload');
  await pin(page, 'volume', 6, '35');
  await pin(page, 'longRun', 6, '9');
  await expectSaved(page);
  await page.reload();
  await expect(cell(page, 'volume', 6)).toHaveText('35');
  await expect(cell(page, 'longRun', 6)).toHaveText('9');
  const id = page.url().split('/').at(-1);
  const answer = await page.request.get(`${addressOf('demo')}/api/blocks/${id ?? ''}/history`);
  const { changes } = (await answer.json()) as { changes: { revision: number; words: string }[] };
  expect(changes[0]?.words).toContain('Fixed week 6');
  expect(changes.at(-1)?.words).toBe('Laid out the block.');
});

test('refuses what cannot be, in place, and keeps what was there', async ({ page }) => {
  await keepNewBlock(page, 'Bad pins');
  const before = await cell(page, 'volume', 3).innerText();
  await cell(page, 'volume', 3).click();
  await page.keyboard.type('1000000');
  await expect(page.getByRole('alert')).toContainText('beyond anyone');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('beyond anyone');
  await page.keyboard.press('Escape');
  await expect(cell(page, 'volume', 3)).toHaveText(before);
  await cell(page, 'volume', 3).click();
  await page.keyboard.type('4x');
  await expect(page.getByRole('alert')).toContainText('is not a volume');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Undo', exact: true }).first()).toBeDisabled();
});

test('shows two devices in conflict both versions, and lets either go on', async ({
  page,
  browser,
}) => {
  await keepNewBlock(page, 'Two devices');
  const device = await browser.newContext();
  const other = await device.newPage();
  await signIn(other);
  await other.goto(page.url());
  await expect(cell(other, 'volume', 5)).toBeVisible();

  await pin(page, 'volume', 5, '38');
  await expectSaved(page);
  await pin(other, 'volume', 6, '39');
  const dialog = other.getByRole('dialog', { name: /changed elsewhere/ });
  await expect(dialog.getByText('fixed: week 6')).toBeVisible();
  await expect(dialog.getByText('fixed: week 5')).toBeVisible();
  await dialog.getByRole('button', { name: /Keep mine/ }).click();
  await expectSaved(other);
  await expect(cell(other, 'volume', 6)).toHaveText('39');

  await pin(page, 'volume', 7, '30');
  await page.getByRole('button', { name: /Use the other version/ }).click();
  await expect(cell(page, 'volume', 6)).toHaveText('39');
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(cell(page, 'volume', 7)).toHaveText('30');
  await device.close();
});

test('keeps edits while the server is away, even over a reload, and sends them when it is back', async ({
  page,
}) => {
  await keepNewBlock(page, 'Away');
  await page.route('**/api/**', (route) => route.abort());
  await pin(page, 'volume', 5, '37');
  await expect(page.getByText(/^Offline: saved on this device, will sync/)).toBeVisible();
  await page.unroute('**/api/**');
  await expectSaved(page);

  await page.route('**/api/blocks/**', (route) => route.abort());
  await pin(page, 'volume', 6, '36');
  await expect(page.getByText(/^Offline: saved on this device, will sync/)).toBeVisible();
  await page.reload();
  await expect(cell(page, 'volume', 6)).toHaveText('36');
  await page.unroute('**/api/blocks/**');
  await expectSaved(page);
  await page.evaluate(() => indexedDB.deleteDatabase('nadir'));
  await page.reload();
  await expect(cell(page, 'volume', 6)).toHaveText('36');
});

test('lights the weeks of a check in focus', async ({ page }) => {
  await enterBlock(page, 'Wren Castellan');
  await page.getByRole('button', { name: /^Already run/ }).click();
  await page
    .getByRole('button', { name: /Growth over the cap/ })
    .first()
    .focus();
  const lit = cell(page, 'volume', 2);
  const plain = cell(page, 'volume', 3);
  const background = (element: Element) => getComputedStyle(element).backgroundColor;
  expect(await lit.evaluate(background)).not.toBe(await plain.evaluate(background));
});

test('signs out of the demo and in again', async ({ page }) => {
  await enterDemo(page);
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.getByRole('button', { name: 'Sign in as Maren Tolvik' }).click();
  await expect(page.getByLabel('Demo: signed in as Maren Tolvik without a password')).toBeVisible();
});

test('shows its keys on a question mark', async ({ page }) => {
  await enterBlock(page, 'Idris Vale');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await openByKey(page, '?', keys);
  await expect(keys.getByText('Ctrl+Shift+Z')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(keys).toBeHidden();
});

test('changes the wishes on their own page, as one change that can be undone', async ({ page }) => {
  await keepNewBlock(page, 'Wishes');
  await pin(page, 'volume', 3, '34');
  const weeks = await page.locator('[data-row=week]').count();
  await page.getByRole('link', { name: 'Edit plan' }).click();
  await openAnswer(page, 'Weeks and phases');
  await page.getByLabel('Weeks', { exact: true }).fill(String(weeks - 2));
  await openAnswer(page, 'Taper');
  await page.getByRole('button', { name: /^Taper: .*Compare schools/ }).click();
  await page.getByRole('radio', { name: /Exponential/ }).check();
  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(page.locator('[data-row=week]')).toHaveCount(weeks - 2);
  await expect(cell(page, 'volume', 3)).toHaveText('34');
  await expect(page.getByText(/^exponential, race week/)).toBeVisible();
  await expectSaved(page);
  await page.reload();
  await expect(page.locator('[data-row=week]')).toHaveCount(weeks - 2);
  await page.goBack();
  await page.goForward();
  await expect(page.locator('[data-row=week]')).toHaveCount(weeks - 2);
});

test('takes a change of the wishes back by undo', async ({ page }) => {
  await keepNewBlock(page, 'Wishes undone');
  const weeks = await page.locator('[data-row=week]').count();
  await page.getByRole('link', { name: 'Edit plan' }).click();
  await openAnswer(page, 'Weeks and phases');
  await page.getByLabel('Weeks', { exact: true }).fill(String(weeks - 3));
  await page.keyboard.press('Control+Enter');
  await expect(page.locator('[data-row=week]')).toHaveCount(weeks - 3);
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(page.locator('[data-row=week]')).toHaveCount(weeks);
});

test('a saved change is open again after a reload, and is no conflict with itself', async ({
  page,
}) => {
  await keepNewBlock(page, 'Reloaded');
  await pin(page, 'volume', 3, '40');
  await expectSaved(page);
  await page.reload();
  await expect(cell(page, 'volume', 3)).toContainText('40');
  await expectSaved(page);
  await expect(page.getByRole('dialog')).toBeHidden();
});
