import { type Page, expect } from '@playwright/test';
import { addressOf, expectSaved, addBlock, signIn, takeTurns, test } from './desk.js';

/** Hard days of a block of this test alone. */
async function openHardDays(page: Page, name: string): Promise<void> {
  const id = await addBlock(page, name);
  await page.goto(`${addressOf('demo')}/blocks/${id}/hard-days`);
  await expect(page.getByRole('heading', { name: 'Rotation', level: 2 })).toBeVisible();
}

const weekOf = (page: Page, number: number) =>
  page.getByRole('row', { name: new RegExp(`^${number} `) });

test.beforeEach(async ({ page }) => {
  await signIn(page);
});

test('sets a season of two hard days in turn, and one week of it by itself', async ({ page }) => {
  test.slow();
  await openHardDays(page, 'In turn');
  await takeTurns(page, 'Tuesday', [
    'Half-hour kilometres',
    'Growing repetitions',
    'Fewer and longer',
  ]);
  await takeTurns(page, 'Friday', ['Broken tempo', 'Short hills']);
  const tuesday = (week: number) => page.getByLabel(`Tuesday of week ${week}`, { exact: true });
  await expect(tuesday(1)).toContainText('Half-hour kilometres 1');
  await expect(tuesday(2)).toContainText('Growing repetitions 1');
  await expect(tuesday(3)).toContainText('Fewer and longer 1');
  // Week 4 rests.
  await expect(weekOf(page, 4)).toContainText('recovery');
  await expect(tuesday(5)).toContainText('Half-hour kilometres 2');
  await expect(page.getByLabel('Friday of week 2')).toContainText('Short hills 1');
  await tuesday(5).selectOption('Short hills');
  await expect(weekOf(page, 5)).toContainText('uphill');
  await expectSaved(page);
  await page.reload();
  await expect(tuesday(5)).toHaveValue('short-hills');
  await expect(tuesday(6)).toContainText('Growing repetitions 2');
  await tuesday(5).selectOption('Back to the rotation');
  await expect(tuesday(5)).toContainText('Half-hour kilometres 2');
});

test('runs a progression of the coach’s own as it is written, line by line', async ({ page }) => {
  await page.goto(`${addressOf('demo')}/shorthand`);
  await page
    .getByRole('button', { name: /^Tempo/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Make a copy my own' }).click();
  await page.getByLabel('Progression').selectOption('Line by line, as written');
  await page
    .getByLabel('Exposures, one a line')
    .fill('3 x 10 min @ one-hour, 2 min jog\n2 x 17 min @ one-hour, 3 min jog\n31 min @ one-hour');
  await page.getByLabel('After the set').fill('4 x 100 m @ mile, 100 m walk');
  await expect(page.getByRole('row', { name: /^3 31 min/ })).toBeVisible();
  await openHardDays(page, 'As written');
  await takeTurns(page, 'Tuesday', ['Tempo, my way']);
  await expect(weekOf(page, 1)).toContainText('3 x 10 min one-hour, 2 min jog; 4 x 100 m mile');
  await expect(weekOf(page, 2)).toContainText('2 x 17 min one-hour, 3 min jog; 4 x 100 m mile');
  await expect(weekOf(page, 5)).toContainText('31 min one-hour; 4 x 100 m mile');
  await page.goto(`${addressOf('demo')}/shorthand`);
  await page.getByRole('button', { name: /^Tempo, my way/ }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Tempo, my way/ })).toBeHidden();
});

test('fixes weekdays through the block, and says what cannot be read', async ({ page }) => {
  await openHardDays(page, 'The same');
  const monday = page.getByLabel('Monday', { exact: true });
  await monday.fill('10');
  await monday.press('Enter');
  await expect(monday).toHaveValue('10 km');
  const wednesday = page.getByLabel('Wednesday', { exact: true });
  await wednesday.fill('40 min pool: 10 x 2 min brisk, 1 min easy');
  await wednesday.press('Enter');
  await expect(wednesday).toHaveValue(/^40 min pool running/);
  const thursday = page.getByLabel('Thursday', { exact: true });
  await thursday.fill('8 km @ stroll');
  await thursday.press('Enter');
  await expect(page.getByRole('alert')).toContainText('8 km @ stroll');
  await expect(thursday).toHaveValue('8 km @ stroll');
  await expectSaved(page);
  await page.getByRole('link', { name: 'Sheet', exact: true }).first().click();
  for (const week of [2, 9]) {
    const day = (column: number) => page.locator(`[data-week="${week}"] [data-column="${column}"]`);
    await expect(day(0)).toHaveAccessibleName(/: 10, fixed/);
    await expect(day(2)).toHaveAccessibleName(/pool/);
  }
  await page.getByRole('link', { name: 'Hard days' }).first().click();
  await monday.fill('');
  await monday.press('Enter');
  await expect(monday).toHaveValue('');
});
