import { expect, test } from '@playwright/test';
import { addressOf, cell, expectSaved, keepNewBlock, pin, signIn } from './desk.js';

test.beforeEach(({ page }) => signIn(page));

test('mends a finding: its fix is drawn before it is kept, and one key does it', async ({
  page,
}) => {
  await keepNewBlock(page, 'Mend');
  await pin(page, 'volume', 3, '60');
  const finding = page.getByRole('button', { name: /Growth over the cap/ }).first();
  await finding.click();
  const fix = page.getByRole('button', { name: 'Free week 3' }).first();
  await fix.hover();
  await expect(cell(page, 'volume', 3)).not.toHaveText('60');
  await page.mouse.move(300, 400);
  await expect(cell(page, 'volume', 3)).toHaveText('60');
  await finding.focus();
  await page.keyboard.press('m');
  await expect(page.getByText('Growth over the cap')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(cell(page, 'volume', 3)).toHaveText('60');
});

test('waives a finding with a reason; it opens again when it becomes worse', async ({ page }) => {
  await keepNewBlock(page, 'Waive');
  await pin(page, 'volume', 3, '40');
  const finding = page.getByRole('button', { name: /Growth over the cap.*Week 3/ });
  await finding.click();
  await page.getByRole('form', { name: 'Waive' }).getByRole('button').click();
  await expect(page.getByText('A waiver needs its reason.')).toBeVisible();
  await page.getByLabel('Reason to let it stand').fill('Camp week.');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Waived (1)' }).click();
  await expect(page.getByText('waived: Camp week.')).toBeVisible();
  await expectSaved(page);
  await page.reload();
  await page.getByRole('button', { name: 'Waived (1)' }).click();
  await expect(page.getByText('waived: Camp week.')).toBeVisible();
  await pin(page, 'volume', 3, '50');
  await expect(page.getByText('worse since you waived it: Camp week.')).toBeVisible();
});

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

test('tries a second version beside the first, and keeps it as one change', async ({ page }) => {
  await keepNewBlock(page, 'Try');
  const before = await cell(page, 'volume', 5).innerText();
  await page.getByRole('button', { name: 'Try a version' }).click();
  await pin(page, 'volume', 5, '31');
  await pin(page, 'volume', 6, '33');
  await expect(page.getByRole('img', { name: 'For comparison: as kept' })).toBeVisible();
  await expect(page.locator('[data-row=volume-overlay][data-week="5"]')).toHaveText(before);
  await page.getByRole('button', { name: 'Discard', exact: true }).click();
  await expect(cell(page, 'volume', 5)).toHaveText(before);
  await page.getByRole('button', { name: 'Try a version' }).click();
  await pin(page, 'volume', 5, '31');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(cell(page, 'volume', 5)).toHaveText('31');
  await expectSaved(page);
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(cell(page, 'volume', 5)).toHaveText(before);
});

test('browses the history and restores a version as a new change', async ({ page }) => {
  await keepNewBlock(page, 'Restore');
  const before = await cell(page, 'volume', 5).innerText();
  await pin(page, 'volume', 5, '31');
  await expectSaved(page);
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'History' }).click();
  await page.getByRole('button', { name: /Laid out the block/ }).click();
  await expect(page.getByRole('row', { name: /Fixed weeks 5 none/ })).toBeVisible();
  await page.getByRole('button', { name: 'Restore this version' }).click();
  await expect(cell(page, 'volume', 5)).toHaveText(before);
  await expectSaved(page);
  const id = page.url().split('/').at(-1) ?? '';
  const answer = await page.request.get(`${addressOf('demo')}/api/blocks/${id}/history`);
  const { changes } = (await answer.json()) as { changes: { words: string }[] };
  expect(changes.map(({ words }) => words)[0]).toMatch(/^Restored version 1/);
  expect(changes).toHaveLength(3);
});

test('places a race on the way, refuses one after the goal, and lays the week out around it', async ({
  page,
}) => {
  await keepNewBlock(page, 'On the way');
  await page.getByRole('tab', { name: 'Races & days away' }).click();
  await page.getByRole('button', { name: 'Add a race or days away' }).click();
  await page.getByLabel('Name').fill('Pier Mile');
  await page.getByLabel('On', { exact: true }).fill('2028-01-01');
  await expect(page.getByRole('alert')).toContainText('is not before Goal race');
  await page.getByLabel('On', { exact: true }).fill('2027-04-04');
  await expect(page.getByRole('img', { name: /Tune-up race: Pier Mile/ })).toBeVisible();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expectSaved(page);
  await page.getByRole('button', { name: 'Add a race or days away' }).click();
  await page.getByLabel('What', { exact: true }).selectOption('Camp');
  await page.getByLabel('From', { exact: true }).fill('2027-03-15');
  await page.getByLabel('To', { exact: true }).fill('2027-03-10');
  await expect(page.getByRole('alert')).toContainText('before it begins');
  await page.getByLabel('To', { exact: true }).fill('2027-03-21');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('button', { name: 'Remove Camp' }).click();
  await expect(page.getByRole('img', { name: /Camp: Camp/ })).toHaveCount(0);
});

test('finds the nearest block that keeps every pin, beside the block as it is', async ({
  page,
}) => {
  await keepNewBlock(page, 'Nearest');
  await pin(page, 'volume', 6, '45');
  await page.getByRole('tab', { name: 'Solver' }).click();
  await page.getByRole('button', { name: 'Nearest block' }).click();
  await expect(page.getByText('Rules exceeded, and by how much')).toBeVisible();
  await expect(page.getByRole('img', { name: 'For comparison: as it is' })).toBeVisible();
  await page.getByRole('button', { name: 'Apply', exact: true }).click();
  await expect(cell(page, 'volume', 6)).toHaveText('45');
  await page.getByRole('button', { name: 'Lowest growth' }).click();
  await expect(page.getByText(/% a week reaches|No growth reaches/)).toBeVisible();
  await expectSaved(page);
});

test('works without worker threads, and says what is missing', async ({ page }) => {
  await page.addInitScript(() => {
    Reflect.deleteProperty(window, 'Worker');
  });
  await keepNewBlock(page, 'No worker');
  await page.getByRole('tab', { name: 'Solver' }).click();
  await expect(page.getByText('This browser has no worker threads')).toBeVisible();
  await pin(page, 'volume', 5, '31');
  await expect(cell(page, 'volume', 5)).toHaveText('31');
});

test('sets the house rules to a block that departs from them, shown before they are', async ({
  page,
}) => {
  await signIn(page);
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
  // Other errands have the house's own rules.
  const house = await page.request.put(`${addressOf('demo')}/api/house-rules`, {
    data: { values: {}, off: [] },
  });
  expect(house.ok()).toBe(true);
});
