import { type Page, expect } from '@playwright/test';
import {
  addressOf,
  enterBlock,
  enterDemo,
  expectSaved,
  keepNewBlock,
  openByKey,
  paceRow,
  signIn,
  test,
} from './desk.js';

test.beforeEach(({ page }) => signIn(page));

const openPaces = async (page: Page) => {
  await page.getByRole('link', { name: 'Paces', exact: true }).first().click();
  await expect(page.getByRole('heading', { name: 'Results' })).toBeVisible();
};

test('adds a result and sees the paces move; a bad time is said and nothing is lost', async ({
  page,
}) => {
  await keepNewBlock(page, 'A first result');
  await openPaces(page);
  await expect(page.getByText('No result and no goal yet')).toBeVisible();
  await expect(paceRow(page, '10 km')).toContainText('–');
  await page.getByRole('button', { name: 'Enter a result' }).click();
  await page.getByLabel('Metres').fill('10000');
  await page.getByLabel('On', { exact: true }).fill('2027-02-07');
  await page.getByLabel('Time', { exact: true }).fill('3:75');
  await page.getByRole('button', { name: 'Keep the result' }).click();
  await expect(page.getByRole('alert')).toContainText('Did you mean 4:15?');
  await page.getByLabel('Time', { exact: true }).fill('4:00');
  await page.getByRole('button', { name: 'Keep the result' }).click();
  await expect(page.getByRole('alert')).toContainText('faster than anyone runs');
  await expect(page.getByLabel('Metres')).toHaveValue('10000');
  await page.getByLabel('Time', { exact: true }).fill('40:00');
  await page.getByRole('button', { name: 'Keep the result' }).click();
  await expect(paceRow(page, '10 km')).toContainText('4:00');
  await expect(paceRow(page, '10 km')).toContainText('1:36.0');
  await expectSaved(page);
  // Another model, and a distance of the coach's own.
  await page.getByRole('radio', { name: 'Ladder' }).check();
  await expect(page.getByRole('radio', { name: 'Ladder' })).toBeChecked();
  await page.getByLabel('Own distance').fill('12 km');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('row', { name: /^12 km/ })).toBeVisible();
});

test('tests, re-paces from a day on, and takes it back by undo', async ({ page }) => {
  await keepNewBlock(page, 'A test on the way', {
    raceDate: '2027-03-28',
    results: [{ date: '2026-12-20', distance: 5000, time: 1200 }],
  });
  await openPaces(page);
  await expect(paceRow(page, '5 km')).toContainText('4:00');
  await page.getByRole('button', { name: 'Enter a result' }).click();
  await page.getByLabel('What', { exact: true }).selectOption('Time trial');
  await page.getByLabel('On', { exact: true }).fill('2027-02-07');
  await page.getByLabel('Metres').fill('5000');
  await page.getByLabel('Time', { exact: true }).fill('19:10');
  await page.getByRole('button', { name: 'Keep the result' }).click();
  const news = page.getByRole('region', { name: 'What the newest result says' });
  await expect(news).toContainText('predicts 39:58 for Goal race, −1:44 against the result before');
  await expect(news).toContainText('5 km: 4:00 /km → 3:50 /km');
  // Nothing has changed yet.
  await expect(paceRow(page, '5 km')).toContainText('4:00');
  await news.getByRole('button', { name: 'Re-pace from that day' }).click();
  await expect(paceRow(page, '5 km')).toContainText('3:50');
  // Days before keep the paces they had.
  await page.getByLabel('Paces on').fill('2027-02-01');
  await expect(paceRow(page, '5 km')).toContainText('4:00');
  await page.getByLabel('Paces on').fill('2027-02-10');
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(paceRow(page, '5 km')).toContainText('4:00');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(paceRow(page, '5 km')).toContainText('3:50');
  await expect(
    page.getByRole('img', { name: /^5 km: 20:00 on 20 Dec, 19:10 on 7 Feb/ }),
  ).toBeVisible();
  await expectSaved(page);
});

test('prints the card of an athlete and of the group, each on one page', async ({ page }) => {
  await enterBlock(page, 'Idris Vale');
  await openPaces(page);
  await page.getByRole('button', { name: 'Cards & tables' }).click();
  await page.getByRole('menuitem', { name: 'Pace card', exact: true }).click();
  await expect(page.getByRole('row', { name: /^Easy/ })).toContainText('Comfortable all the way.');
  await expectOnePage(page);
  await page.goto(`${addressOf('demo')}/paces`);
  await expect(page.getByRole('row', { name: /^Wren Castellan/ })).toContainText('/mi');
  // Kept in the address, so that it is ticked only when the page has gone there.
  await page.getByRole('button', { name: 'Half marathon' }).click();
  await expect(page.getByRole('columnheader', { name: 'Half marathon' })).toBeVisible();
  await page.getByLabel('Metres of repetitions').fill('200, 1000');
  await expect(page.getByRole('columnheader', { name: '1000 m' })).toBeVisible();
  await expectOnePage(page);
});

async function expectOnePage(page: Page): Promise<void> {
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation')).toBeHidden();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  await page.emulateMedia({ media: 'screen' });
}

test('splits and repetitions open from the palette, and say what cannot be', async ({ page }) => {
  await enterDemo(page);
  const find = page.getByRole('combobox', { name: 'Find' });
  await openByKey(page, 'Control+k', find);
  await expect(find).toBeFocused();
  await page.keyboard.type('splits');
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog', { name: 'Splits and repetitions' });
  await dialog.getByLabel('Distance, m').fill('2000');
  await dialog.getByLabel('Target').fill('8:00');
  await dialog.getByLabel('Shape').selectOption('second half quicker');
  await dialog.getByLabel('Quicker by, s/km').fill('6');
  await expect(dialog.getByRole('row', { name: /^1000 m/ })).toContainText('4:03');
  await expect(dialog.getByRole('row', { name: /^2000 m/ })).toContainText('3:57');
  await dialog.getByLabel('Target').fill('99:99:99');
  await expect(dialog.getByRole('alert')).toContainText('99 seconds are more than a minute has');
  await expect(dialog.getByText('7250 m, 31:30')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
});

test('writes a session in shorthand, with an error at its column, and mends it', async ({
  page,
}) => {
  await enterDemo(page);
  await page.getByRole('link', { name: 'Sessions', exact: true }).click();
  await page.getByLabel('At the paces of').selectOption('Idris Vale');
  const session = page.getByLabel('Session', { exact: true });
  await session.fill('6 x 1000 @ 10k, 90 s jog');
  await expect(page.getByRole('alert')).toContainText(
    'At column 5: “1000” cannot be read here. Did you mean “6 x 1000 m',
  );
  await expect(session).toHaveValue('6 x 1000 @ 10k, 90 s jog');
  await session.fill('6 x 1000 m @ 10k, 90 s jog');
  await expect(page.getByRole('alert')).toBeHidden();
  await expect(page.getByText('6.0 km', { exact: true })).toBeVisible();
  await expect(page.getByRole('row', { name: /^90 s jog/ })).toContainText('5');
  await session.fill('3-4 x 1 km @ breezy');
  await expect(page.getByText('No pace is called “breezy”: counted as easy.')).toBeVisible();
  await expect(page.getByText('3.0–4.0 km', { exact: true })).toBeVisible();
});
