import { expect } from '@playwright/test';
import {
  addBlock,
  addressOf,
  expectSaved,
  keepNewBlock,
  paceRow,
  pin,
  signIn,
  test,
} from './desk.js';

// What holds for every block of the coach: in a demo of its own, each put back at its end.
test.beforeEach(({ page }) => signIn(page));

test('sets a house rule, sees what it flags, and is offered to lay a block out anew', async ({
  page,
}) => {
  await keepNewBlock(page, 'House rules');
  const address = page.url();
  await page.getByRole('navigation').getByRole('link', { name: 'House rules' }).click();
  const field = page.getByLabel('Smallest recovery cut');
  const row = page.getByRole('row', { name: /Smallest recovery cut/ });
  // How many depends on what other errands keep; a figure that none keeps flags more.
  await expect(row).toContainText(/flags (nothing|\d+) now/);
  await field.fill('40');
  await expect(row).toContainText(/flags \d+ now, in \d+ blocks?/);
  await field.fill('140');
  await expect(page.getByRole('alert')).toContainText('from 0 to 100%');
  await field.fill('40');
  await field.blur();
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();

  await page.goto(address);
  await expect(page.getByText('Your house rules have changed')).toBeVisible();
  await expect(page.getByText('Recovery week too shallow')).toHaveCount(0);
  await page.getByRole('button', { name: 'See what would change' }).click();
  await expect(page.getByText(/Findings: \d+ →/)).toBeVisible();
  await page.getByRole('button', { name: 'Use the new rules' }).click();
  await expect(page.getByText('Recovery week too shallow').first()).toBeVisible();
  await expect(page.getByText('Your house rules have changed')).toHaveCount(0);

  await page.getByRole('navigation').getByRole('link', { name: 'House rules' }).click();
  await page.getByLabel('Smallest recovery cut').fill('20');
  await page.getByLabel('Smallest recovery cut').blur();
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();
});

test('sets the house rules to a block that departs from them, shown before they are', async ({
  page,
}) => {
  await keepNewBlock(page, 'Departs');
  for (const [week, volume] of [
    [2, '60'],
    [3, '80'],
    [5, '100'],
  ] as const) {
    await pin(page, 'volume', week, volume);
  }
  await expectSaved(page);
  // What fixes the last of them stands: nothing moves under the hand any more.
  await expect(page.getByRole('button', { name: 'Free every week' })).toBeVisible();
  await page.getByRole('button', { name: /^This is how I coach/ }).click();
  const mine = page.getByRole('region', { name: 'My rules' });
  await expect(mine).toContainText('Most growth a week: 10 →');
  await mine.getByRole('button', { name: 'Leave the rules as they are' }).click();
  await expect(mine).toBeHidden();
  await page.getByRole('button', { name: /^This is how I coach/ }).click();
  await mine.getByRole('button', { name: 'Set my house rules' }).click();
  await expect(page.getByText('Set the house rules to this block.')).toBeVisible();
  await expect(page.getByRole('button', { name: /Growth over the cap/ })).toBeHidden();
  // As they were.
  const house = await page.request.put(`${addressOf('demo')}/api/house-rules`, {
    data: { values: {}, off: [] },
  });
  expect(house.ok()).toBe(true);
});

test('renames and reorders named paces; a block follows when it takes them over', async ({
  page,
}) => {
  const id = await addBlock(page, 'Named paces', {
    results: [{ date: '2027-01-10', distance: 10_000, time: 2400 }],
  });
  // A session that speaks of a pace, on Tuesday of the third week.
  await page.goto(`${addressOf('demo')}/blocks/${id}/week/2027-03-02`);
  const tuesday = page.getByRole('article', { name: /^Tue 2 Mar/ });
  await tuesday.click();
  await page
    .getByRole('region', { name: 'Tue 2 Mar' })
    .getByRole('combobox')
    .last()
    .fill('8 km @ Steady');
  await page.getByRole('button', { name: 'Keep session' }).click();
  await expect(tuesday).toContainText('8 km steady');
  await expectSaved(page);
  await page.goto(`${addressOf('demo')}/named-paces`);
  await page.getByLabel('Name of Steady').fill('Easy');
  await expect(page.getByRole('alert')).toContainText('“Easy” stands twice');
  await expect(page.getByText('not saved yet')).toBeVisible();
  await page.getByLabel('Name of Easy').last().fill('Brisk');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Move Brisk up' }).click();
  const names = () =>
    page
      .getByLabel(/^Name of/)
      .evaluateAll((fields) => fields.map((each) => each.getAttribute('value')));
  const before = await names();
  const holds = page.getByRole('row').filter({ has: page.getByLabel('Name of 5 km') });
  const mile = page.getByRole('row').filter({ has: page.getByLabel('Name of Mile') });
  // Away from the edges, near which a drag scrolls the page.
  await mile.evaluate((row) => {
    row.scrollIntoView({ block: 'center' });
  });
  await holds.locator('[aria-hidden=true]').first().hover();
  await page.mouse.down();
  const target = await mile.getByLabel('Name of Mile').boundingBox();
  await page.mouse.move(target?.x ?? 0, (target?.y ?? 0) + 10, { steps: 5 });
  await expect(page.locator('[data-over=below]').getByLabel('Name of Mile')).toBeVisible();
  await page.mouse.up();
  const [five, mileAt] = ['5 km', 'Mile'].map((name) => before.indexOf(name));
  expect([five, mileAt]).not.toContain(-1);
  await expect.poll(async () => (await names()).indexOf('5 km')).toBe(mileAt);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto(`${addressOf('demo')}/blocks/${id}/paces`);
  await expect(page.getByText('Your named paces have changed')).toBeVisible();
  await expect(paceRow(page, 'Steady')).toBeVisible();
  await page.getByRole('button', { name: 'Use the new ones' }).click();
  await expect(paceRow(page, 'Brisk')).toBeVisible();
  await expect(page.getByText('Your named paces have changed')).toBeHidden();
  await page.goto(`${addressOf('demo')}/blocks/${id}/week/2027-03-02`);
  await expect(tuesday).toContainText('8 km brisk');
  await page.goto(`${addressOf('demo')}/named-paces`);
  await page.getByRole('button', { name: 'Back to the standard table' }).click();
  await expect(page.getByLabel('Name of Steady')).toBeVisible();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});
