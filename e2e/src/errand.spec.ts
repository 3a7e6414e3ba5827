import { readFile } from 'node:fs/promises';
import { type Page, expect } from '@playwright/test';
import { addressOf, cell, openAnswer, paste, signIn, takeTurns, test } from './desk.js';

/** Volume and long run of every week, as they stand in a coach's own table; the taper is left open. */
const TABLE = [
  '50\t16',
  '54\t18',
  '58\t20',
  'r\t',
  '58\t22',
  '62\t24',
  '66\t26',
  'r\t',
  '66\t28',
  '70\t30',
  '74\t32',
  'r\t',
].join('\n');

const day = (page: Page, week: number, column: number) =>
  page.locator(`[data-week="${week}"] [data-column="${column}"]`);
const go = (page: Page, name: string) => page.getByRole('link', { name, exact: true }).first();

/** Exports the block that is open; what the file holds. */
async function exported(page: Page): Promise<{ path: string; text: string }> {
  await page.getByRole('button', { name: 'More', exact: true }).click();
  const downloading = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'Export to a file' }).click();
  const path = await (await downloading).path();
  return { path, text: await readFile(path, 'utf8') };
}

test('a plan of the coach’s own, to the letter: laid out, exported, read back, given to another', async ({
  page,
}) => {
  test.slow();
  await signIn(page);
  // Another of the group, whose numbers are known.
  const other = { name: 'Bryn Orle', recentWeeks: [36_000, 38_000, 40_000, 41_000] };
  const added = await page.request.post(`${addressOf('demo')}/api/athletes`, { data: other });
  expect(added.ok()).toBe(true);
  await page.goto(`${addressOf('demo')}/blocks/new`);
  await page.getByLabel('Name').fill('Tamsin Orle');
  await page.getByLabel('Race', { exact: true }).fill('Pellan Head Marathon');
  await page.getByLabel('Race', { exact: true }).press('Enter');
  await page.keyboard.type('marathon');
  await page.keyboard.press('Enter');
  await page.keyboard.type('6 6');
  await page.getByLabel('Recent weeks').fill('44 46 47 48');
  await openAnswer(page, 'Weeks and phases');
  await page.getByLabel('Weeks', { exact: true }).fill('16');
  await openAnswer(page, 'Long run');
  await page.getByRole('button', { name: /^In them: .*Compare schools/ }).click();
  await page.getByRole('radio', { name: /^Race-pace finish/ }).check();
  await page.getByLabel('Which ones').selectOption('in these weeks');
  await page.getByLabel('Weeks', { exact: true }).last().fill('5 6 7 9 10 11');
  await page.keyboard.press('Control+Enter');
  await expect(page.locator('[data-row=week]')).toHaveCount(16);

  // Long runs, volumes and recovery weeks from a table.
  await go(page, 'Sheet').click();
  await day(page, 1, 7).click();
  await paste(page, { text: TABLE });
  await page.getByRole('button', { name: /^Take \d+ cells$/ }).click();
  await expect(day(page, 11, 8)).toHaveAccessibleName(/: 32, fixed/);

  // What alternates from week to week, and what never does.
  await go(page, 'Hard days').click();
  await takeTurns(page, 'Tuesday', ['Half-hour kilometres', 'Growing repetitions', 'Tempo']);
  await takeTurns(page, 'Friday', ['Broken tempo', 'Short hills']);
  for (const [weekday, text] of [
    ['Monday', '8'],
    ['Wednesday', '40 min pool: 10 x 2 min brisk, 1 min easy'],
  ] as const) {
    await page.getByLabel(weekday, { exact: true }).fill(text);
    await page.getByLabel(weekday, { exact: true }).press('Enter');
  }

  // A half marathon on the way.
  await go(page, 'Block').click();
  await page.getByRole('tab', { name: 'Races & days away' }).click();
  await page.getByRole('button', { name: 'Add a race or days away' }).click();
  await page.getByLabel('Name').fill('Tidewrack Half');
  await page.getByLabel('On', { exact: true }).fill('16 5');
  await page.getByLabel('Distance', { exact: true }).fill('half');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('img', { name: /Tune-up race: Tidewrack Half/ })).toBeVisible();

  // Laid out exactly.
  for (const [week, volume, longRun] of [
    [1, '50', '16'],
    [7, '66', '26'],
    [11, '74', '32'],
  ] as const) {
    await expect(cell(page, 'volume', week)).toHaveText(volume);
    await expect(cell(page, 'longRun', week)).toHaveText(longRun);
  }
  await go(page, 'Sheet').click();
  for (const week of [2, 7, 11]) {
    await expect(day(page, week, 0)).toHaveAccessibleName(/: 8, fixed/);
    await expect(day(page, week, 2)).toHaveAccessibleName(/40 min pool running.*fixed/);
  }
  for (const week of [5, 6, 7, 9, 10, 11]) {
    await expect(day(page, week, 6)).toHaveAccessibleName(/race pace/);
  }
  await go(page, 'Block').click();

  // Out, in again, and equal.
  const first = await exported(page);
  await page.goto(`${addressOf('demo')}/blocks`);
  await page.locator('input[type=file]').setInputFiles(first.path);
  await expect(cell(page, 'longRun', 11)).toHaveText('32');
  expect((await exported(page)).text).toBe(first.text);

  // Another of the group, on their own numbers.
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Keep as template' }).click();
  await expect(page.getByText(/Kept as template “Pellan Head Marathon/)).toBeVisible();
  await go(page, 'Blocks').click();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Pellan Head Marathon, 16 weeks' })
    .getByRole('link', { name: 'Start a block from it' })
    .first()
    .click();
  await page.getByLabel('Athlete', { exact: true }).selectOption('Bryn Orle');
  await page.getByRole('checkbox', { name: 'Races & days away' }).uncheck();
  await page.getByRole('button', { name: 'Keep this block' }).click();
  await expect(page.locator('[data-row=week]')).toHaveCount(16);
  await go(page, 'Hard days').click();
  await expect(page.getByLabel('Tuesday of week 2', { exact: true })).toContainText(
    'Growing repetitions 1',
  );
});
