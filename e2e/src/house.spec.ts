import { type Locator, type Page, expect } from '@playwright/test';
import {
  addressOf,
  cell,
  enterBlock,
  enterDemo,
  expectSaved,
  keepNewBlock,
  pin,
  signIn,
  test,
} from './desk.js';

test.beforeEach(({ page }) => signIn(page));

/** Volumes of the weeks before the one that holds today, as the Ledger shows them. */
async function volumes(page: Page, weeks: number): Promise<(string | null)[]> {
  return Promise.all(
    Array.from({ length: weeks }, (_, week) => cell(page, 'volume', week + 1).textContent()),
  );
}

test('an edit leaves the weeks that are over as they were, after a reload too', async ({
  page,
}) => {
  await enterBlock(page, 'Teodor Hask');
  const over = await volumes(page, 7);
  await pin(page, 'volume', 10, '41');
  await expect(cell(page, 'volume', 10)).toContainText('41');
  expect(await volumes(page, 7)).toEqual(over);
  await expectSaved(page);
  await page.reload();
  await expect(cell(page, 'volume', 10)).toContainText('41');
  expect(await volumes(page, 7)).toEqual(over);
});

test('a week that is over takes no pin, and says what can be done', async ({ page }) => {
  await enterBlock(page, 'Kit Sorrel');
  await cell(page, 'volume', 2).click();
  await page.keyboard.type('12');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('is over: it stays as it was handed out');
  await page.keyboard.press('Escape');
  await expect(cell(page, 'volume', 2)).not.toContainText('12');
});

test('days that are over are opened for a change when asked, and closed as they then stand', async ({
  page,
}) => {
  await enterBlock(page, 'Ottoline Brack');
  const block = new URL(page.url()).pathname;
  const volume = cell(page, 'volume', 3);
  const before = await volume.textContent();
  await page.goto(`${addressOf('demo')}${block}/week/3`);
  const notice = page.getByRole('status').filter({ hasText: 'kept as handed out' });
  await notice.getByRole('button', { name: 'Change the past' }).click();
  const open = page.getByRole('status').filter({ hasText: 'open for changes' });
  await expect(open).toBeVisible();
  await page.goto(`${addressOf('demo')}${block}`);
  await pin(page, 'volume', 3, '77');
  await expect(volume).toContainText('77');
  expect(before).not.toContain('77');
  await expectSaved(page);
  await page.goto(`${addressOf('demo')}${block}/week/3`);
  await open.getByRole('button', { name: 'Close the past' }).click();
  await expect(notice).toBeVisible();
  await page.goto(`${addressOf('demo')}${block}`);
  await expect(volume).toContainText('77');
  // The same week takes no figure any more.
  await volume.click();
  await page.keyboard.type('60');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('is over: it stays as it was handed out');
});

test('everything of the way around is within reach on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 });
  await enterDemo(page);
  const bar = page.getByRole('navigation', { name: 'Places, on a phone' });
  for (const name of ['Squad', 'Blocks']) {
    const box = await bar.getByRole('link', { name, exact: true }).boundingBox();
    expect(box && box.x >= 0 && box.x + box.width <= 390).toBe(true);
  }
  await bar.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Settings' }).click();
  await expect(page.getByRole('button', { name: 'Sign out' })).toBeInViewport();
});

test('a session is drawn to a phone’s width', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${addressOf('demo')}/shorthand`);
  const drawing = page.getByRole('img', { name: /^The session to scale/ });
  await expect(drawing).toContainText('1000 m');
  const box = await drawing.boundingBox();
  expect(box && box.x + box.width).toBeLessThanOrEqual(390);
});

test('a view that cannot be loaded stays in frame and theme, and leads on', async ({
  page,
  context,
}) => {
  await enterDemo(page);
  await context.setOffline(true);
  await page.getByRole('navigation').getByRole('link', { name: 'House rules' }).click();
  await expect(page.getByRole('alert')).toContainText('The server does not answer');
  await expect(page.getByRole('navigation', { name: 'Places', exact: true })).toBeVisible();
  await context.setOffline(false);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('heading', { name: 'House rules' })).toBeVisible();
});

test('a week prints its days side by side, black on white from the dark too', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await enterBlock(page, 'Idris Vale');
  await page.getByRole('link', { name: 'Week', exact: true }).click();
  await expect(page.getByRole('article').first()).toBeVisible();
  await page.emulateMedia({ media: 'print', colorScheme: 'dark' });
  await page.setViewportSize({ width: 760, height: 1000 });
  const topsOf = (each: Locator) =>
    each.evaluateAll((all) => all.map((one) => Math.round(one.getBoundingClientRect().top)));
  const tops = await topsOf(page.getByRole('article'));
  expect(tops).toHaveLength(7);
  expect(new Set(tops).size).toBe(1);
  // One ground line, whatever is written under it.
  expect(new Set(await topsOf(page.locator('article [data-role=day]'))).size).toBe(1);
  const colours = await page.evaluate(() => {
    const { color, backgroundColor } = getComputedStyle(document.body);
    return { color, backgroundColor };
  });
  expect(colours).toEqual({ color: 'rgb(0, 0, 0)', backgroundColor: 'rgb(255, 255, 255)' });
});

test('a race is placed at the distance that is typed, and at none that cannot be read', async ({
  page,
}) => {
  await keepNewBlock(page, 'Distances');
  await page.getByRole('tab', { name: 'Races & days away' }).click();
  await page.getByRole('button', { name: /Add a race/ }).click();
  const form = page.getByRole('form', { name: 'A race or days away' });
  await form.getByLabel('Distance').fill('far');
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(form.getByRole('alert')).toContainText('“far” is not a distance');
  await form.getByLabel('Distance').fill('13.1 mi');
  await expect(form.getByText(/Half marathon\./)).toBeVisible();
});

test('a template that is removed can be had back', async ({ page }) => {
  await keepNewBlock(page, 'Kept shape');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Keep as template' }).click();
  await page.goto(`${addressOf('demo')}/blocks`);
  const remove = page.getByRole('button', { name: /^Remove template Goal race, 12 weeks/ });
  await expect(remove.first()).toBeVisible();
  const kept = await remove.count();
  await remove.first().click();
  await expect(remove).toHaveCount(kept - 1);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(remove).toHaveCount(kept);
});
