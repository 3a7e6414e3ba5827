import { readFile } from 'node:fs/promises';
import { expect } from '@playwright/test';
import {
  addBlock,
  addressOf,
  cell,
  expectSaved,
  keepBlockUnderWay,
  keepNewBlock,
  openAnswer,
  pin,
  signIn,
  test,
} from './desk.js';

test.beforeEach(({ page }) => signIn(page));

test('exports a block to a file, and opens the same file again', async ({ page }) => {
  await keepNewBlock(page, 'There and back');
  await pin(page, 'volume', 5, '31');
  const id = page.url().split('/').at(-1) ?? '';
  await page.getByRole('button', { name: 'More', exact: true }).click();
  const downloading = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'Export to a file' }).click();
  const download = await downloading;
  expect(download.suggestedFilename()).toBe('there-and-back-goal-race.json');
  const path = await download.path();
  await page.goto(`${addressOf('demo')}/blocks`);
  await page.locator('input[type=file]').setInputFiles(path);
  await expect(cell(page, 'volume', 5)).toHaveText('31');
  expect(page.url()).not.toContain(id);
  expect(JSON.parse(await readFile(path, 'utf8'))).toMatchObject({ version: 3, engine: 21 });
});

test('refuses a bad file by line and field, and a later one politely', async ({ page }) => {
  await page.goto(`${addressOf('demo')}/blocks`);
  const open = (text: string) =>
    page.locator('input[type=file]').setInputFiles({
      name: 'block.json',
      mimeType: 'application/json',
      buffer: Buffer.from(text),
    });
  const race = '"race": { "name": "Pier", "date": "2027-05-30", "distance": 10000 }';
  await open(
    `{\n  "format": "nadir-block",\n  "version": 1,\n  ${race},\n  "weeks": 1000000,\n  "colour": "red"\n}`,
  );
  const alert = page.getByRole('alert');
  await expect(alert).toContainText('line 5 weeks: expected a number of at most 30');
  await expect(alert).toContainText('line 6 colour: is no field of this format');
  await expect(alert).toContainText('nothing was kept');
  await open('{ "format": "nadir-block", "version": 9 }');
  await expect(alert).toContainText('is of version 9; this Nadir reads up to version 3');
  await open('{\n oops');
  await expect(alert).toContainText('line 2: The file is not JSON');
  await page.reload();
  await expect(page.getByRole('row', { name: /Idris Vale/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Pier/ })).toHaveCount(0);
});

test('duplicates a block, removes it and puts it back', async ({ page }) => {
  await addBlock(page, 'Twice');
  await page.goto(`${addressOf('demo')}/blocks`);
  await page.getByRole('button', { name: 'Actions for Twice, Goal race' }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(page.getByRole('grid', { name: /Ledger/ })).toBeVisible();
  await page.goto(`${addressOf('demo')}/blocks`);
  const twice = page.getByRole('row', { name: /Twice/ });
  await expect(twice).toHaveCount(2);
  await page.getByRole('button', { name: 'Actions for Twice, Goal race' }).first().click();
  await page.getByRole('menuitem', { name: 'Remove' }).click();
  await expect(twice).toHaveCount(1);
  await expect(page.getByRole('status').filter({ hasText: 'Removed' })).toContainText(
    'Removed Twice’s block toward Goal race.',
  );
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(twice).toHaveCount(2);
});

test('keeps a template and starts another athlete from it, on their own numbers', async ({
  page,
}) => {
  await keepNewBlock(page, 'Template');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Keep as template' }).click();
  await expect(page.getByText(/Kept as template/)).toBeVisible();
  await page.getByRole('link', { name: 'Blocks' }).click();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Goal race, 12 weeks' })
    .getByRole('link', { name: 'Start a block from it' })
    .first()
    .click();
  await page.getByLabel('Athlete', { exact: true }).selectOption('Ottoline Brack');
  await expect(page.getByText(/^From the template/)).toBeVisible();
  await openAnswer(page, 'Volume');
  await expect(page.getByLabel('Start', { exact: true })).toHaveValue('102');
  await page.getByRole('button', { name: 'Keep this block' }).click();
  await expect(cell(page, 'volume', 1)).toHaveText('102');
});

test('lays a template out for a group, each at their own level, and takes it back', async ({
  page,
}) => {
  await keepNewBlock(page, 'Pacemaker');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Keep as template' }).click();
  await expect(page.getByText(/Kept as template/)).toBeVisible();
  const group = [
    ['Group of 30', 30_000],
    ['Group of 90', 90_000],
  ] as const;
  for (const [name, recent] of group) {
    const added = await page.request.post(`${addressOf('demo')}/api/athletes`, {
      headers: { origin: addressOf('demo') },
      data: { name, recentWeeks: [recent] },
    });
    expect(added.ok()).toBe(true);
  }
  await page.goto(`${addressOf('demo')}/blocks`);
  await page
    .getByRole('link', { name: /^Blocks for a group from Goal race/ })
    .first()
    .click();
  await page.getByLabel('Race', { exact: true }).fill('Causeway Ten');
  // Nobody of another errand's is laid out here.
  const everyone = page.getByRole('checkbox', { name: 'Everyone' });
  await everyone.check();
  await everyone.uncheck();
  await expect(page.getByRole('button', { name: 'Create blocks' })).toBeDisabled();
  for (const [name] of group) await page.getByRole('checkbox', { name, exact: true }).check();
  await expect(page.getByRole('row', { name: /Group of 90/ })).toContainText('90 –');
  await page.getByRole('button', { name: 'Create 2 blocks' }).click();
  await expect(page.getByText('Laid out 2 blocks.')).toBeVisible();
  const rows = page.getByRole('row', { name: /^Group of .*Causeway Ten/ });
  await expect(rows).toHaveCount(2);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(rows).toHaveCount(0);
});

test('compares two blocks by weeks to go, and a third', async ({ page }) => {
  await page.goto(`${addressOf('demo')}/compare`);
  const first = page.getByLabel('Drawn solid');
  const kit = await first.getByRole('option', { name: /Kit Sorrel/ }).getAttribute('value');
  await first.selectOption(kit);
  await expect(page).toHaveURL(new RegExp(`first=${kit ?? ''}`));
  await expect(page.getByRole('img', { name: /^For comparison/ })).toHaveCount(1);
  await expect(page.getByRole('rowheader', { name: /^Volume of/ })).toHaveCount(2);
  await expect(page.getByRole('heading', { name: /^What differs/ })).toHaveCount(1);
  await page.getByLabel('Drawn dotted').selectOption({ index: 4 });
  await expect(page.getByRole('img', { name: /^For comparison/ })).toHaveCount(2);
  await expect(page.getByRole('rowheader', { name: /^Long run of/ })).toHaveCount(3);
  await expect(page.getByRole('heading', { name: /^What differs/ })).toHaveCount(2);
});

test('what is over stands as it was handed out on every view that draws a block', async ({
  page,
}) => {
  const { id, over } = await keepBlockUnderWay(page, 'Under way');
  expect(over).toContain('140');
  /** Volumes over the bars of the large drawing: the bold figures. */
  const drawn = page.getByRole('main').locator('svg text[font-weight="600"]');
  const figures = async () => (await drawn.allTextContents()).slice(0, 6);
  await page.goto(`${addressOf('demo')}/blocks/${id}/plan`);
  await expect.poll(figures).toEqual(over);
  await expect(page.getByRole('textbox', { name: 'Race day' })).toHaveValue('Sun 18 Apr 2027');
  await openAnswer(page, 'Volume');
  await page.getByLabel('Peak', { exact: true }).fill('115');
  const changes = page.getByRole('region', { name: 'What changes' });
  await expect(changes.getByRole('row', { name: /^Total/ })).toBeVisible();
  expect(await figures()).toEqual(over);
  // The heaviest week is over, and stays what it was.
  await expect(changes.getByRole('row', { name: /^Heaviest week/ })).toHaveCount(0);
  await page.goto(`${addressOf('demo')}/blocks/${id}/history`);
  await expect.poll(figures).toEqual(over);
  await page.goto(`${addressOf('demo')}/compare?first=${id}`);
  await expect.poll(figures).toEqual(over);
  await page.goto(`${addressOf('demo')}/blocks`);
  const row = page.getByRole('row', { name: /^Under way/ }).first();
  await expect(row.getByRole('img', { name: /heaviest 140 km/ })).toBeVisible();
  await row.getByRole('button', { name: /^Actions for Under way/ }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(cell(page, 'volume', 6)).toHaveText(over[5] ?? '');
  expect(page.url()).not.toContain(id);
});

test('a race day that is typed keeps what it passes on its way', async ({ page }) => {
  const { id } = await keepBlockUnderWay(page, 'Typed day');
  await page.goto(`${addressOf('demo')}/blocks/${id}/plan`);
  const day = page.getByRole('textbox', { name: 'Race day' });
  await day.focus();
  await day.press('Control+a');
  // 2 May 2020 stands there for a moment, and is before both time trials.
  await day.pressSequentially('2 5 2027');
  const changes = page.getByRole('region', { name: 'What changes' });
  await expect(changes.getByRole('row', { name: /^Race day/ })).toContainText('Sun 2 May 2027');
  await expect(changes.getByRole('row', { name: /^Weeks/ })).toContainText('18');
  await expect(changes.getByRole('row', { name: /^Races & days away/ })).toHaveCount(0);
  await expect(page.locator('svg title', { hasText: /^Test: Time trial/ })).toHaveCount(2);
});

test('lays out the next goal race after the first', async ({ page }) => {
  await keepNewBlock(page, 'Season');
  // Seven tenths of the heaviest week are 42 km, as the block stands now.
  await pin(page, 'volume', 9, '60');
  await expectSaved(page);
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Next goal race' }).click();
  await expect(page.getByText(/^After Goal race: easy days first/)).toBeVisible();
  await openAnswer(page, 'Volume');
  await expect(page.getByLabel('Start', { exact: true })).toHaveValue('42');
  await page.getByRole('button', { name: 'Keep this block' }).click();
  await expect(page.getByRole('grid', { name: /Ledger/ })).toBeVisible();
});

test('moves the goal race and shows what changes before keeping it', async ({ page }) => {
  await keepNewBlock(page, 'Moved race');
  const weeks = await page.locator('[data-row=week]').count();
  await page.getByRole('link', { name: 'Edit plan' }).click();
  const day = page.getByRole('textbox', { name: 'Race day' });
  await expect(day).toHaveValue('Sun 9 May 2027');
  await day.fill('23 5 2027');
  const changes = page.getByRole('region', { name: 'What changes' });
  await expect(changes.getByRole('row', { name: /Race day Sun 9 May 2027/ })).toBeVisible();
  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(page.getByRole('grid', { name: /Ledger/ })).toBeVisible();
  // The block has not begun, so it counts back again: as many weeks, two weeks later.
  await expect(page.locator('[data-row=week]')).toHaveCount(weeks);
  await expect(page.locator('[data-row=start][data-week="1"]')).toHaveText('1 Mar');
});
