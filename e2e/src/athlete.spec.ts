import { expect } from '@playwright/test';
import { addressOf, addBlock, signIn, test } from './desk.js';

test.beforeEach(({ page }) => signIn(page));

test('an athlete’s record moves the blocks that read it, said first, and back again', async ({
  page,
}) => {
  await addBlock(page, 'Wren Halloway');
  await page.goto(addressOf('demo'));
  await page.getByRole('link', { name: 'Record of Wren Halloway' }).click();
  await expect(page.getByRole('region', { name: 'What it changes' })).toBeHidden();
  const tuesday = page
    .getByRole('group', { name: 'Days off' })
    .getByRole('button', { name: 'Tue', exact: true });
  await tuesday.click();
  const touched = page.getByRole('list', { name: 'Blocks that read this record' });
  await expect(touched).toContainText(/Goal race, .*: \d+ days to come would move\./);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('The record is saved.')).toBeVisible();
  await page.reload();
  await expect(tuesday).toHaveAttribute('aria-pressed', 'true');
  // Undone, on the page as it was opened: one more change, and its way back.
  await tuesday.click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tuesday).toHaveAttribute('aria-pressed', 'true');
});

test('a block can be left as it is by a change of the record', async ({ page }) => {
  const id = await addBlock(page, 'Isolde Marr');
  const days = async () =>
    (await page.request.get(`${addressOf('demo')}/api/blocks/${id}/days`)).text();
  const before = await days();
  await page.goto(addressOf('demo'));
  await page.getByRole('link', { name: 'Record of Isolde Marr' }).click();
  await page.getByRole('button', { name: 'Wed', exact: true }).click();
  const block = page.getByRole('checkbox', { name: /Goal race/ });
  await block.uncheck();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('The record is saved.')).toBeVisible();
  expect(await days()).toBe(before);
});

test('an athlete is archived, found again and put back; removed, and put back', async ({
  page,
}) => {
  await addBlock(page, 'Bram Oakley');
  await page.goto(addressOf('demo'));
  await page.getByRole('link', { name: 'Record of Bram Oakley' }).click();
  await page.getByRole('button', { name: 'Archive' }).click();
  await expect(page.getByText('Bram Oakley is archived.')).toBeVisible();
  await page.getByRole('link', { name: 'Squad', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Record of Bram Oakley' })).toBeHidden();
  await page.getByText(/^Archived: /).click();
  await page.getByRole('link', { name: 'Bram Oakley' }).click();
  await page.getByRole('button', { name: 'Back to the squad' }).click();
  await expect(page.getByText('Bram Oakley is back on the squad.')).toBeVisible();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(page.getByText('Bram Oakley is removed.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Archive' })).toBeVisible();
  await page.getByRole('link', { name: 'Squad', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Record of Bram Oakley' })).toBeVisible();
});

test('a year of birth that cannot be is said beside it, and not kept', async ({ page }) => {
  await addBlock(page, 'Perrin Sallow');
  await page.goto(addressOf('demo'));
  await page.getByRole('link', { name: 'Record of Perrin Sallow' }).click();
  await page.getByLabel('Year of birth').fill('19999');
  await page.getByLabel('Year of birth').press('Enter');
  await expect(page.getByText('a whole number from 1900 to 2100 is needed')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeHidden();
});
