import { type Locator, type Page, expect } from '@playwright/test';
import { cell, expectSaved, keepNewBlock, signIn, test } from './desk.js';

test.beforeEach(({ page }) => signIn(page));

const handle = (page: Page, key: string) => page.locator(`[data-handle="${key}"]`);

/** Takes a handle by its middle and drags it, without letting go. */
async function drag(page: Page, from: Locator, by: { x?: number; y?: number }): Promise<void> {
  const box = await from.boundingBox();
  if (!box) throw new Error('nothing to drag');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + (by.x ?? 0) / 2, y + (by.y ?? 0) / 2, { steps: 4 });
  await page.mouse.move(x + (by.x ?? 0), y + (by.y ?? 0), { steps: 4 });
}

test('drags a week’s top: the number and the checks answer, letting go pins, undo takes it back', async ({
  page,
}) => {
  await keepNewBlock(page, 'Drag a week');
  const before = Number(await cell(page, 'volume', 5).innerText());
  await drag(page, handle(page, 'volume 5'), { y: -60 });
  const live = page
    .getByRole('status')
    .filter({ hasText: /^\d+ km/ })
    .locator('span');
  await expect(live).toBeVisible();
  const held = async () => Number(/^(\d+) km/.exec(await live.innerText())?.[1]);
  // The Ledger answers as soon as the hand rests.
  await expect(async () => {
    const shown = await held();
    expect(shown).toBeGreaterThan(before);
    expect(await cell(page, 'volume', 5).innerText()).toBe(String(shown));
  }).toPass();
  const shown = await held();
  await page.mouse.up();
  await expect(
    page.getByRole('gridcell', { name: `Week 5, volume, km: ${shown}, fixed` }),
  ).toBeVisible();
  await expectSaved(page);
  await page.keyboard.press('Control+z');
  await expect(cell(page, 'volume', 5)).toHaveText(String(before));
});

test('puts back with Escape what is in the hand', async ({ page }) => {
  await keepNewBlock(page, 'Drag and Escape');
  const before = await cell(page, 'volume', 5).innerText();
  await drag(page, handle(page, 'volume 5'), { y: -60 });
  await expect(cell(page, 'volume', 5)).not.toHaveText(before);
  await page.keyboard.press('Escape');
  await expect(cell(page, 'volume', 5)).toHaveText(before);
  await page.mouse.up();
  await expect(cell(page, 'volume', 5)).toHaveText(before);
  await expect(page.getByRole('button', { name: 'Undo', exact: true }).first()).toBeDisabled();
});

test('drags a long run, the taper’s depth, the edge of a phase and the peak', async ({ page }) => {
  await keepNewBlock(page, 'Drag the rest');
  const long = Number(await cell(page, 'longRun', 6).innerText());
  await drag(page, handle(page, 'longRun 6'), { y: 14 });
  await page.mouse.up();
  await expect
    .poll(async () => Number(await cell(page, 'longRun', 6).innerText()))
    .toBeLessThan(long);
  // A shorter long run holds its week down, and the peak with it.
  await page.keyboard.press('Control+z');
  await expect(cell(page, 'longRun', 6)).toHaveText(String(long));

  const raceWeek = Number(await cell(page, 'volume', 12).innerText());
  await drag(page, handle(page, 'taper'), { y: -25 });
  await page.mouse.up();
  await expect
    .poll(async () => Number(await cell(page, 'volume', 12).innerText()))
    .toBeGreaterThan(raceWeek);

  const edge = handle(page, 'phase 0');
  const start = Number(await edge.getAttribute('aria-valuenow'));
  const column = await cell(page, 'volume', 2).boundingBox();
  await drag(page, edge, { x: (column?.width ?? 60) + 2 });
  await page.mouse.up();
  await expect(edge).toHaveAttribute('aria-valuenow', String(start + 1));

  const peak = handle(page, 'peak');
  const week = Number(await peak.getAttribute('aria-valuenow'));
  await drag(page, peak, { x: -2 * (column?.width ?? 60) });
  await page.mouse.up();
  // Where it cannot stand there, the checks say so.
  const said = page.getByRole('status').filter({ hasText: `Moved the peak to week ${week - 2}.` });
  await expect(said).toBeVisible();
  await expectSaved(page);
});

test('does the same by keyboard: arrows show, Enter keeps, Escape puts back', async ({ page }) => {
  await keepNewBlock(page, 'Hands by keyboard');
  await cell(page, 'volume', 5).click();
  const before = Number(await cell(page, 'volume', 5).innerText());
  const slider = page.getByRole('slider', { name: 'Week 5, volume' });
  await slider.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(slider).toHaveAttribute('aria-valuenow', String(before + 2));
  await page.keyboard.press('Escape');
  await expect(slider).toHaveAttribute('aria-valuenow', String(before));
  await page.keyboard.press('PageDown');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'volume', 5)).toHaveText(String(before - 5));
  await expect(page.getByRole('button', { name: 'Undo', exact: true }).first()).toBeEnabled();

  await cell(page, 'volume', 7).click();
  const seven = Number(await cell(page, 'volume', 7).innerText());
  await page.keyboard.press('+');
  await expect(cell(page, 'volume', 7)).toHaveText(String(seven + 1));
});

test('selects several weeks and scales, shifts and rests them, each undoable', async ({ page }) => {
  await keepNewBlock(page, 'Several weeks');
  const volume = async (week: number) => Number(await cell(page, 'volume', week).innerText());
  await cell(page, 'volume', 5).click();
  await page.keyboard.press('Shift+ArrowRight');
  const act = async (menu: string, name: string) => {
    await page.getByRole('button', { name: menu }).click();
    await page.getByRole('menuitem', { name, exact: true }).click();
  };
  const [five, six] = [await volume(5), await volume(6)];
  await act('These weeks: 5–6', 'Lighter by 5%');
  await expect(cell(page, 'volume', 5)).toHaveText(String(Math.round(five * 0.95)));
  await expect(cell(page, 'volume', 6)).toHaveText(String(Math.round(six * 0.95)));
  // Every act answers, and offers the way back.
  const said = page.getByRole('status').filter({ hasText: 'Scaled weeks 5–6 to 95%.' });
  await expect(said).toContainText('weeks changed.');
  await page.keyboard.press('Control+z');
  await act('These weeks: 5–6', 'Move a week later');
  await expect(cell(page, 'volume', 6)).toHaveText(String(five));
  await page.keyboard.press('Control+z');
  await cell(page, 'volume', 6).click();
  await act('This week', 'Make recovery');
  await expect(page.getByRole('img', { name: /^Week 6: .*recovery week/ })).toBeVisible();
  await act('This week', 'Insert a week before week 6');
  await expect(page.locator('[data-row=week]')).toHaveCount(13);
  await expect(page.getByRole('img', { name: /^Week 7: .*recovery week/ })).toBeVisible();
  await cell(page, 'volume', 2).click();
  await act('This week', 'Remove week 2');
  await expect(page.locator('[data-row=week]')).toHaveCount(12);
  await expectSaved(page);
});

test('rebuilds a block from a low week, takes it back, and says so on the drawing', async ({
  page,
}) => {
  await keepNewBlock(page, 'Rebuilding');
  const volume = async (week: number) => Number(await cell(page, 'volume', week).innerText());
  const weekSix = (words: RegExp) => page.getByRole('img', { name: words });
  const act = async (name: string) => {
    await page.getByRole('button', { name: 'This week' }).click();
    await page.getByRole('menuitem', { name, exact: true }).click();
  };
  await cell(page, 'volume', 6).click();
  await page.keyboard.type('20');
  await page.keyboard.press('Enter');
  // What it did is said over the names above, and over nothing that is pressed next.
  await expect(page.getByRole('status').filter({ hasText: 'Fixed week 6' })).toBeVisible();
  expect(await isOnTop(page.getByRole('button', { name: 'This week' }))).toBe(true);
  expect(await isOnTop(page.getByRole('link', { name: 'Edit plan' }))).toBe(true);
  // A low week that is fixed alone is one of rest: the next goes on from the climb before it.
  await expect(cell(page, 'volume', 6)).toHaveText('20');
  const wasSeven = await volume(7);
  await cell(page, 'volume', 6).click();
  await act('Rebuild from here');
  await expect(weekSix(/^Week 6: 20 km, fixed.*the block rebuilds from here/)).toBeVisible();
  await expect.poll(() => volume(7)).toBeLessThan(wasSeven);
  expect(await volume(7)).toBeGreaterThanOrEqual(20);
  await act('Don’t rebuild from here');
  await expect(weekSix(/^Week 6: .*rebuilds/)).toHaveCount(0);
  await expect(cell(page, 'volume', 7)).toHaveText(String(wasSeven));
  await expectSaved(page);
});

/** True where whoever points at the middle of it meets it, once all that moves has come to rest. */
function isOnTop(control: Locator): Promise<boolean> {
  return control.evaluate(async (element) => {
    await Promise.all(document.getAnimations().map(({ finished }) => finished));
    const { left, top, width, height } = element.getBoundingClientRect();
    const met = document.elementFromPoint(left + width / 2, top + height / 2);
    return met !== null && element.contains(met);
  });
}
