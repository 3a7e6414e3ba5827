import { type Page, expect } from '@playwright/test';
import {
  addBlock,
  addressOf,
  cell,
  expectSaved,
  keepNewBlock,
  paste,
  signIn,
  test,
} from './desk.js';

const cellOf = (page: Page, week: number, column: number) =>
  page.locator(`[data-week="${week}"] [data-column="${column}"]`);
const [MON, TUE, WED, SUN, VOLUME, LONG_RUN] = [0, 1, 2, 6, 7, 8];

/** The sheet of a block of this test alone. */
async function openSheet(page: Page, name: string): Promise<string> {
  const id = await addBlock(page, name);
  await page.goto(`${addressOf('demo')}/blocks/${id}/sheet`);
  await expect(page.getByRole('grid', { name: /^Sheet/ })).toBeVisible();
  return id;
}

test.beforeEach(async ({ page }) => {
  await signIn(page);
});

test('types a week day by day, and it is kept to the kilometre', async ({ page }) => {
  await openSheet(page, 'Typed week');
  await cellOf(page, 5, MON).click();
  for (const typed of ['6', '10 6 x 600 m in 1:54, 90 s jog', '12 semi-long', 'rest', '9', '5']) {
    await page.keyboard.type(typed);
    await page.keyboard.press('Tab');
  }
  await expect(cellOf(page, 5, MON)).toHaveAccessibleName(/: 6, .*fixed/);
  await expect(cellOf(page, 5, TUE)).toHaveAccessibleName(/: 10, 6 x 600 m in 1?:?\d+.*fixed/);
  await expect(cellOf(page, 5, WED)).toHaveAccessibleName(/: 12, semi-long, fixed/);
  await expect(cellOf(page, 5, 3)).toHaveAccessibleName(/: –, fixed/);
  await expectSaved(page);
  await page.reload();
  await expect(cellOf(page, 5, WED)).toHaveAccessibleName(/: 12, semi-long, fixed/);
  await cellOf(page, 5, WED).click();
  await page.keyboard.press('Delete');
  await expect(cellOf(page, 5, WED)).not.toHaveAccessibleName(/fixed/);
  await page.keyboard.press('Control+z');
  await expect(cellOf(page, 5, WED)).toHaveAccessibleName(/: 12, semi-long, fixed/);
});

test('types two runs of a day, one of them a session, and each is kept', async ({ page }) => {
  await openSheet(page, 'Typed twice');
  await cellOf(page, 5, TUE).click();
  await page.keyboard.type('am 5, pm 10 6 x 600 m in 1:54, 90 s jog');
  await expect(page.getByText(/^= 5\+10 km, 6 x 600 m/)).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(cellOf(page, 5, TUE)).toHaveAccessibleName(/: 5\+10, 6 x 600 m.*fixed/);
  await expectSaved(page);
  await page.reload();
  await cellOf(page, 5, TUE).click();
  await page.keyboard.press('F2');
  await expect(page.locator(':focus')).toHaveValue(/^am 5; pm .*6 x 600 m in 1:54, 90 s jog/);
});

test('types two sessions of one day, and both stand in its week', async ({ page }) => {
  const id = await openSheet(page, 'Two sessions');
  await cellOf(page, 5, TUE).click();
  await page.keyboard.type('am 5 x 1 km in 3:30, 200 m jog; pm 10 x 400 m in 1:20, 400 m jog');
  await expect(page.getByText(/^= 5\+8 km, 5 x 1 km/)).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(cellOf(page, 5, TUE)).toHaveAccessibleName(
    /: 5\+8, 5 x 1 km in 3:30.* \+ 10 x 400 m in 80.*fixed/,
  );
  await expectSaved(page);
  await page.goto(`${addressOf('demo')}/blocks/${id}/week/5`);
  const tuesday = page.getByRole('article', { name: /^Tue 16 Mar/ });
  await expect(tuesday).toContainText('5 x 1 km in 3:30');
  await expect(tuesday).toContainText('10 x 400 m in 80');
});

test('types a race into a day, with the easier days around it; one figure is asked about', async ({
  page,
}) => {
  await openSheet(page, 'Typed race');
  await cellOf(page, 5, WED).click();
  await page.keyboard.type('tempo 20');
  await page.keyboard.press('Enter');
  await expect(page.getByText('“tempo 20” would be 20 km.')).toBeVisible();
  await page.keyboard.press('Escape');
  await cellOf(page, 5, SUN).click();
  await page.keyboard.type('10k race');
  await expect(page.getByText(/^= .*10k race/)).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(cellOf(page, 5, SUN)).toHaveAccessibleName(/10k race/);
  await expectSaved(page);
  await page.reload();
  await cellOf(page, 5, SUN).click();
  await page.keyboard.type('8');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/is raced: it is changed under/)).toBeVisible();
});

test('pulls a column on downwards by the mouse, and writes two runs of a day', async ({ page }) => {
  await openSheet(page, 'Pulled on');
  await cellOf(page, 5, MON).click();
  await page.keyboard.type('4+6');
  await page.keyboard.press('Enter');
  await page.keyboard.type('7');
  await page.keyboard.press('Enter');
  await cellOf(page, 5, MON).hover();
  await page.mouse.down();
  await cellOf(page, 6, MON).hover();
  await page.mouse.up();
  await page.locator('[data-pull]').hover();
  await page.mouse.down();
  await cellOf(page, 8, MON).hover();
  await page.mouse.up();
  for (const week of [5, 7]) {
    await expect(cellOf(page, week, MON)).toHaveAccessibleName(/: 4\+6, .*fixed/);
  }
  for (const week of [6, 8]) {
    await expect(cellOf(page, week, MON)).toHaveAccessibleName(/: 7, fixed/);
  }
  // Of an answer that nobody gave nothing is said, though the edits wrote it down.
  await expect(cellOf(page, 1, VOLUME)).toHaveAccessibleName(/: \d+$/);
});

test('writes a long run with what is in it, and it is as long as it says', async ({ page }) => {
  await openSheet(page, 'Long run in full');
  await cellOf(page, 6, LONG_RUN).click();
  await page.keyboard.type('26 (last 11 @ marathon)');
  await expect(page.getByText(/^= 26 km/)).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(cellOf(page, 6, SUN)).toHaveAccessibleName(/: 26, .*last 11 km marathon, fixed/);
  await expect(cellOf(page, 6, LONG_RUN)).toHaveAccessibleName(/: 26, fixed/);
  await cellOf(page, 7, LONG_RUN).click();
  await page.keyboard.type('6 x 1000 @ 10 km');
  await expect(page.getByRole('alert')).toContainText('Did you mean “6 x 1000 m @ 10 km”?');
  await page.keyboard.press('Escape');
  await expect(cellOf(page, 7, LONG_RUN)).not.toHaveAccessibleName(/fixed/);
});

test('takes what may be meant into the cell, by its key or by the mouse', async ({ page }) => {
  await openSheet(page, 'Taken as meant');
  for (const [week, take] of [
    [5, () => page.keyboard.press('ArrowDown')],
    [6, () => page.getByRole('button', { name: /^Use “6 x 1000 m @ 10 km/ }).click()],
  ] as const) {
    await cellOf(page, week, TUE).click();
    await page.keyboard.type('6 x 1000 @ 10 km');
    const typed = cellOf(page, week, TUE).getByRole('textbox');
    await typed.click();
    await expect(typed).toHaveValue('6 x 1000 @ 10 km');
    await take();
    await expect(typed).toHaveValue(/^6 x 1000 m @ 10 km/);
    await page.keyboard.press('Enter');
    await expect(cellOf(page, week, TUE)).toHaveAccessibleName(/6 x 1000 m @? ?10 km.*fixed/);
  }
});

test('pastes a column of volumes and long runs from text, shown before it is taken', async ({
  page,
}) => {
  await openSheet(page, 'Pasted columns');
  await cellOf(page, 2, VOLUME).click();
  await paste(page, { text: '50\n+10%\nr\n60' });
  const bar = page.getByRole('region', { name: 'From the clipboard' });
  await expect(bar).toContainText('4 cells read');
  await expect(cellOf(page, 3, VOLUME)).toHaveAccessibleName(/: 55/);
  await page.keyboard.press('Escape');
  await expect(bar).toBeHidden();
  await expect(cellOf(page, 3, VOLUME)).not.toHaveAccessibleName(/fixed/);
  await paste(page, { text: '50\n+10%\nr\n60' });
  await bar.getByRole('button', { name: 'Take 4 cells' }).click();
  await expect(cellOf(page, 2, VOLUME)).toHaveAccessibleName(/: 50, fixed/);
  await expect(cellOf(page, 3, VOLUME)).toHaveAccessibleName(/: 55, fixed/);
  await expect(cellOf(page, 5, VOLUME)).toHaveAccessibleName(/: 60, fixed/);
  await page.keyboard.press('Control+z');
  await expect(cellOf(page, 2, VOLUME)).not.toHaveAccessibleName(/fixed/);
});

test('pastes a row into the Ledger, shown before it is taken; copied, it pastes back', async ({
  page,
}) => {
  await keepNewBlock(page, 'Pasted row');
  await cell(page, 'volume', 2).click();
  await paste(page, { text: '50\t+10%\tr\t60' });
  const bar = page.getByRole('region', { name: 'From the clipboard' });
  await expect(bar).toContainText('4 cells read');
  await expect(cell(page, 'volume', 3)).toHaveText('55');
  await bar.getByRole('button', { name: 'Take 4 cells' }).click();
  await expect(bar).toBeHidden();
  await expect(cell(page, 'volume', 5)).toHaveText('60');
  await expectSaved(page);
  await cell(page, 'volume', 2).click();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Control+c');
  await cell(page, 'volume', 6).click();
  await page.keyboard.press('Control+v');
  await bar.getByRole('button', { name: /^Take \d cells?$/ }).click();
  await expect(cell(page, 'volume', 6)).toHaveText('50');
  await expect(cell(page, 'volume', 7)).toHaveText('55');
});

test('pastes a table of a web page, says what cannot be read and mends it', async ({ page }) => {
  await openSheet(page, 'Pasted table');
  await cellOf(page, 3, TUE).click();
  await paste(page, {
    text: 'fallback',
    html: '<table><tr><td>8 x 400 @ 5 km, 60 s jog</td><td>11 easy</td></tr><tr><td>9</td><td>16 prgo</td></tr></table>',
  });
  const bar = page.getByRole('region', { name: 'From the clipboard' });
  await expect(bar).toContainText('2 cells read');
  await expect(bar).toContainText('2 cells cannot be taken');
  await bar.getByRole('button', { name: 'Use “8 x 400 m @ 5 km, 60 s jog”' }).click();
  await expect(bar).toContainText('3 cells read');
  await expect(bar).toContainText('no pace is called “prgo”');
  await bar.getByRole('button', { name: 'Take 3 cells' }).click();
  await expect(cellOf(page, 3, WED)).toHaveAccessibleName(/: 11, fixed/);
  await expect(cellOf(page, 4, TUE)).toHaveAccessibleName(/: 9, fixed/);
  await expect(cellOf(page, 4, WED)).not.toHaveAccessibleName(/fixed/);
});

test('copies cells and pastes them elsewhere, and fills down', async ({ page }) => {
  await openSheet(page, 'Copied cells');
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await cellOf(page, 2, TUE).click();
  await page.keyboard.type('8 km steady');
  await page.keyboard.press('Enter');
  await cellOf(page, 2, TUE).click();
  await page.keyboard.press('Control+c');
  await cellOf(page, 3, TUE).click();
  await page.keyboard.press('Control+v');
  await page.keyboard.press('Control+Enter');
  await expect(cellOf(page, 3, TUE)).toHaveAccessibleName(/8 km steady, fixed/);
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Control+d');
  await expect(cellOf(page, 5, TUE)).toHaveAccessibleName(/8 km steady, fixed/);
});

test('fixes a weekday through the block, and lets weeks be the sum of their days', async ({
  page,
}) => {
  await openSheet(page, 'Fixed Mondays');
  await page.getByRole('button', { name: 'Choose every Mon to come' }).click();
  await page.keyboard.type('7');
  await page.keyboard.press('Control+Enter');
  for (const week of [1, 4, 8, 11]) {
    await expect(cellOf(page, week, MON)).toHaveAccessibleName(/: 7, .*fixed/);
  }
  const volume = async () => Number(await cellOf(page, 5, VOLUME).innerText());
  const before = await volume();
  const tuesday = Number((await cellOf(page, 5, TUE).innerText()).split('\n')[0]);
  await page.getByLabel('When a day changes').selectOption('A day moves its week');
  await cellOf(page, 5, TUE).click();
  await page.keyboard.type(String(tuesday + 3));
  await page.keyboard.press('Enter');
  await expect.poll(volume).toBe(before + 3);
  await expect(cellOf(page, 5, MON)).toHaveAccessibleName(/: 7, .*fixed/);
});

test('says in a week’s row what was found there, and fixes it from there', async ({ page }) => {
  await openSheet(page, 'Fixed in its row');
  const steep = cellOf(page, 6, VOLUME);
  await steep.click();
  await page.keyboard.type('120');
  await page.keyboard.press('Enter');
  await expect(steep).toHaveAccessibleName(/: 120, fixed, (caution|stop): /);
  const row = page.locator('[data-week="6"]');
  const fix = row.getByRole('button');
  await expect(fix).toBeVisible();
  // It can be gone to, and takes no keys from the cells.
  await steep.click();
  await page.keyboard.press('ArrowDown');
  await expect(cellOf(page, 7, VOLUME)).toBeFocused();
  await fix.hover();
  // It is drawn while it is pointed at, and no more.
  await expect(steep).not.toHaveAccessibleName(/: 120,/);
  await page.getByRole('heading', { name: 'Fixed in its row' }).hover();
  await expect(steep).toHaveAccessibleName(/: 120,/);
  await fix.focus();
  await page.keyboard.press('Enter');
  await expect(steep).not.toHaveAccessibleName(/(caution|stop): /);
  await expectSaved(page);
});

test('fits eighteen weeks without scrolling', async ({ page }) => {
  await signIn(page);
  await page.goto(addressOf('demo'));
  await page.getByRole('link', { name: 'Idris Vale', exact: true }).click();
  await page.getByRole('link', { name: 'Sheet', exact: true }).first().click();
  await expect(cellOf(page, 18, SUN)).toBeVisible();
  const main = page.getByRole('main');
  const over = await main.evaluate((of) => [
    of.scrollWidth - of.clientWidth,
    of.scrollHeight - of.clientHeight,
  ]);
  expect(over).toEqual([0, 0]);
});
