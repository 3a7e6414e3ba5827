import ExcelJS from 'exceljs';
import { expect, test } from '@playwright/test';
import { addressOf, signIn } from './desk.js';

const PLAN = [
  'Week\tMon\tTue\tWed\tThu\tFri\tSat\tSun',
  '1\t8\t6 x 600 m @ 5 km, 90 s jog\t10\toff\t8\t5\t16',
  '2\t8\t8 x 400 @ mile, 60 s jog\t10\toff\t9\t5\t18',
  '3\t8\t10\t10\toff\t8\t40 min pool\t14 (last 4 @ marathon)',
  '4\t6\t5\t6\toff\t5\t4\tRace',
].join('\n');

test.beforeEach(async ({ page }) => {
  await signIn(page);
  await page.goto(`${addressOf('demo')}/blocks`);
  await page.getByRole('link', { name: 'Import a plan' }).click();
  await expect(page.getByLabel('The plan as a table')).toBeVisible();
});

test('makes a block of a pasted plan, day by day as it is written', async ({ page }) => {
  await page.getByLabel('Name', { exact: true }).fill('Bo Quill');
  await page.getByLabel('Race day').fill('18 4 2027');
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.evaluate((text) => navigator.clipboard.writeText(text), PLAN);
  await page.getByLabel('The plan as a table').click();
  await page.keyboard.press('Control+v');
  await expect(page.getByLabel('Column 3 holds')).toHaveValue('tuesday');
  await expect(page.getByRole('status').filter({ hasText: 'cells read' })).toContainText('4 weeks');
  await page.getByRole('button', { name: 'Use “8 x 400 m @ mile, 60 s jog”' }).click();
  await expect(page.getByLabel('Cells that could not be read')).toBeHidden();
  await page.getByRole('button', { name: 'Create block' }).click();
  const day = (week: number, column: number) =>
    page.locator(`[data-week="${week}"] [data-column="${column}"]`);
  await expect(day(1, 0)).toHaveAccessibleName(/: 8, fixed/);
  await expect(day(2, 1)).toHaveAccessibleName(/8 x 400 m mile, 60 s jog.*fixed/);
  await expect(day(3, 5)).toHaveAccessibleName(/40 min pool running/);
  await expect(day(3, 6)).toHaveAccessibleName(/: 14, .*marathon/);
  await expect(day(4, 3)).toHaveAccessibleName(/: –, fixed/);
  await expect(day(4, 6)).toHaveAccessibleName(/10 km/);
});

test('reads a spreadsheet, and refuses what is none with nothing taken', async ({ page }) => {
  const files = page.locator('input[type=file]');
  await files.setInputFiles({
    name: 'plan.xlsx',
    mimeType: 'application/octet-stream',
    buffer: Buffer.from('this is no spreadsheet'),
  });
  await expect(page.getByRole('alert')).toContainText('This is not an XLSX spreadsheet');
  const workbook = new ExcelJS.Workbook();
  const sheet = workbook.addWorksheet('Spring');
  sheet.addRow(['Date', 'Session']);
  sheet.addRow([new Date('2027-03-22T00:00:00Z'), '8 easy']);
  sheet.addRow([new Date('2027-03-23T00:00:00Z'), { formula: '4+6', result: 10 }]);
  sheet.addRow([new Date('2027-04-18T00:00:00Z'), 'Race']);
  await files.setInputFiles({
    name: 'plan.xlsx',
    mimeType: 'application/octet-stream',
    buffer: Buffer.from(await workbook.xlsx.writeBuffer()),
  });
  await expect(page.getByLabel('Column 1 holds')).toHaveValue('date');
  await expect(page.getByLabel('Race day')).toHaveValue('Sun 18 Apr 2027');
  await expect(page.getByRole('status').filter({ hasText: '2 cells read' })).toBeVisible();
});
