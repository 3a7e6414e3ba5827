import { expect } from '@playwright/test';
import { addressOf, cell, expectSaved, keepNewBlock, pin, signIn, test } from './desk.js';

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

test.describe('without worker threads', () => {
  test.use({ tab: 'new' });

  test('works, and says what is missing', async ({ page }) => {
    await page.addInitScript(() => {
      Reflect.deleteProperty(window, 'Worker');
    });
    await keepNewBlock(page, 'No worker');
    await page.getByRole('tab', { name: 'Solver' }).click();
    await expect(page.getByText('This browser has no worker threads')).toBeVisible();
    await pin(page, 'volume', 5, '31');
    await expect(cell(page, 'volume', 5)).toHaveText('31');
  });
});
