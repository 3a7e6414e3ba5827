import { type Page, expect } from '@playwright/test';
import { cell, enterDemo, expectSaved, keepNewBlock, openByKey, signIn, test } from './desk.js';

/** Counts key strokes; what every coach would have to type anywhere is not among them. */
class Keys {
  count = 0;

  constructor(private readonly page: Page) {}

  async press(...keys: readonly string[]): Promise<void> {
    for (const key of keys) await this.page.keyboard.press(key);
    this.count += keys.length;
  }

  /** Names and figures of the block itself. */
  async enter(words: string): Promise<void> {
    await this.page.keyboard.type(words);
  }
}

test('a block is laid out in 12 key strokes beside its own words', async ({ page }) => {
  await enterDemo(page);
  const keys = new Keys(page);
  const find = page.getByRole('combobox', { name: 'Find' });
  await openByKey(page, 'Control+k', find);
  keys.count += 1;
  await expect(page.getByRole('option').first()).toContainText('New block');
  await keys.press('Enter');
  await expect(page.getByLabel('Name')).toBeFocused();
  await keys.enter('Wren Halloran');
  await keys.press('Enter');
  await keys.enter('Tidewrack Half');
  await keys.press('Enter', 'h', 'Enter', '9', 'Space', '5', 'Enter', 'Enter');
  await expect(page.getByLabel('Recent weeks')).toBeFocused();
  await keys.enter('38 41 40 45');
  await expect(
    page.getByRole('img', { name: /Race day: Tidewrack Half, Sun 9 May/ }),
  ).toBeVisible();
  await keys.press('Control+Enter');
  await expect(page.getByRole('heading', { name: 'Wren Halloran' })).toBeVisible();
  await expectSaved(page);
  expect(keys.count).toBe(12);
});

test('a week is fixed in 10 key strokes from where a block opens', async ({ page }) => {
  await signIn(page);
  await keepNewBlock(page, 'By keys');
  const week = Number(
    await page.locator('[role=gridcell][tabindex="0"]').getAttribute('data-week'),
  );
  const keys = new Keys(page);
  await keys.press('Tab', 'Enter', 'Tab');
  await expect(page.getByRole('link', { name: 'Skip to the Ledger' })).toBeFocused();
  await keys.press('Enter');
  await expect(cell(page, 'volume', week)).toBeFocused();
  await keys.press('ArrowRight', 'ArrowRight', 'ArrowRight', '3', '6', 'Enter');
  await expect(cell(page, 'volume', week + 3)).toHaveText('36');
  await expectSaved(page);
  expect(keys.count).toBe(10);
});

test('two days change places in 8 key strokes, the way to them included', async ({ page }) => {
  await signIn(page);
  await keepNewBlock(page, 'Days by keys');
  const keys = new Keys(page);
  await openByKey(page, 'Control+k', page.getByRole('combobox', { name: 'Find' }));
  keys.count += 1;
  await keys.press('w', 'e');
  await expect(page.getByRole('option').first()).toContainText('Week');
  await keys.press('Enter');
  const days = page.getByRole('article');
  await expect(days).toHaveCount(7);
  await keys.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the days' })).toBeFocused();
  await keys.press('Enter');
  const selected = page.locator('article[aria-current=true]');
  await expect(selected).toBeFocused();
  const words = async () => (await selected.getAttribute('aria-label'))?.split(': ') ?? [];
  const [opened] = await words();
  await keys.press('ArrowRight');
  await expect.poll(async () => (await words())[0]).not.toBe(opened);
  const [from, what] = await words();
  await keys.press('Shift+ArrowRight');
  await expect.poll(async () => (await words())[0]).not.toBe(from);
  expect((await words())[1]?.split(',')[0]).toBe(what?.split(',')[0]);
  await expectSaved(page);
  expect(keys.count).toBe(8);
});

test('keys stay where they were when what they were on goes away', async ({ page }) => {
  await signIn(page);
  await keepNewBlock(page, 'Ysolde Crane');
  await openByKey(page, '?', page.getByRole('dialog', { name: 'Keys' }));
  await page.keyboard.press('Escape');
  await page.getByRole('tab', { name: 'Races & days away' }).click();
  const add = page.getByRole('button', { name: 'Add a race or days away' });
  await add.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('What', { exact: true })).toBeFocused();
  await page.getByRole('button', { name: 'Cancel' }).focus();
  await page.keyboard.press('Enter');
  await expect(add).toBeFocused();
  // The product proposed a test of its own: taken out, what is left of the list is gone on with.
  await page.getByRole('button', { name: /^Remove / }).focus();
  await page.keyboard.press('Enter');
  await expect(add).toBeFocused();
});
