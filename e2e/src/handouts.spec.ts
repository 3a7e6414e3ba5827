import { readFileSync } from 'node:fs';
import { type Page, expect } from '@playwright/test';
import ExcelJS from 'exceljs';
import { addressOf, cell, addBlock, pin, signIn, test } from './desk.js';

test.beforeEach(({ page }) => signIn(page));

const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

/** A block of its own, and the page of what leaves the desk of it. */
async function openHandouts(page: Page, athlete: string): Promise<void> {
  const id = await addBlock(page, athlete);
  await page.goto(`${addressOf('demo')}/blocks/${id}/handouts`);
  await expect(page.getByRole('heading', { name: 'On paper' })).toBeVisible();
}

/** A busy machine has been seen to take over 30 seconds. */
const FIRST_SHEET_MS = 75_000;

async function downloaded(page: Page, title: string): Promise<{ name: string; bytes: Buffer }> {
  // The first sheet waits for a thread of the server that reads its faces.
  const downloading = page.waitForEvent('download', { timeout: FIRST_SHEET_MS });
  await page.getByRole('button', { name: `Download ${title}`, exact: true }).click();
  const download = await downloading;
  return { name: download.suggestedFilename(), bytes: readFileSync(await download.path()) };
}

test('a block leaves the desk on paper, in a spreadsheet and in a calendar, and that is kept', async ({
  page,
}) => {
  await openHandouts(page, 'Hand to hand');
  const wall = await downloaded(page, 'Wall sheet');
  expect(wall.name).toBe('Hand to hand Goal race wall sheet.pdf');
  expect(wall.bytes.subarray(0, 5).toString()).toBe('%PDF-');
  await page.getByLabel('Figures in CSV').selectOption('comma');
  const weeks = (await downloaded(page, 'Weeks')).bytes.toString('utf8');
  expect(weeks.split('\r\n')[0]).toContain(';Volume, km;');
  const calendar = (await downloaded(page, 'Calendar file')).bytes.toString('utf8');
  expect(calendar).toContain('BEGIN:VEVENT');
  const kept = page.getByRole('region', { name: 'Handed out' });
  await expect(kept.getByRole('listitem')).toHaveText([/Calendar file/, /Weeks/, /Wall sheet/]);
});

test('what changed since a block was handed out is said, in days', async ({ page }) => {
  await openHandouts(page, 'Changed since');
  await downloaded(page, 'Week sheet');
  await page.getByRole('link', { name: 'Block', exact: true }).click();
  const before = await cell(page, 'volume', 9).innerText();
  await pin(page, 'volume', 9, String(Number(before) - 6));
  await expect(page.getByText(/^Saved \d/)).toBeVisible();
  await page.getByRole('link', { name: 'Handouts' }).click();
  await expect(page.getByText(/since then \d+ days? to come/)).toBeVisible();
});

test('a week is copied as it will be read', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await openHandouts(page, 'Copied week');
  await page.getByLabel('Week', { exact: true }).selectOption('3');
  await page.getByRole('button', { name: 'Copy this week' }).click();
  await expect(page.getByText('Copied week 3.')).toBeVisible();
  const text = await page.evaluate(() => navigator.clipboard.readText());
  expect(text).toContain('Copied week: week 3 of 12');
  expect(text).toBe(await page.getByLabel('Week 3 as text').innerText());
});

test('a calendar is subscribed to, renewed and ended', async ({ page }) => {
  await openHandouts(page, 'A calendar of mine');
  await page.getByRole('button', { name: 'Make an address' }).click();
  const shown = page.getByText(/calendar\.ics\?key=/);
  const address = await shown.innerText();
  expect(address).toContain(addressOf('demo'));
  const read = async (from: string) => page.request.get(from);
  expect(await (await read(address)).text()).toContain('BEGIN:VEVENT');
  await page.getByLabel('Put runs at').selectOption('07:00');
  await expect(page.getByLabel('Put runs at')).toHaveValue('07:00');
  await expect.poll(async () => (await read(address)).text()).toMatch(/DTSTART:\d{8}T070000\r/);
  await page.getByRole('button', { name: 'New address, the old one ends' }).click();
  await expect(shown).not.toHaveText(address);
  expect((await read(address)).status()).toBe(404);
  await page.getByRole('button', { name: 'End it' }).click();
  await expect(page.getByRole('button', { name: 'Make an address' })).toBeVisible();
});

test('a workbook that was changed comes back: what differs is said, taken and undone', async ({
  page,
}) => {
  await openHandouts(page, 'There and back again');
  const { bytes } = await downloaded(page, 'Workbook');
  const bring = (buffer: Buffer) =>
    page.getByLabel('Choose a file').setInputFiles({ name: 'block.xlsx', mimeType: XLSX, buffer });
  const back = page.getByRole('region', { name: 'What came back' });
  await bring(bytes);
  await expect(back).toContainText('Nothing differs.');
  // A Wednesday of week 9, changed as any program would change it.
  const workbook = new ExcelJS.Workbook();
  await workbook.xlsx.load(new Uint8Array(bytes).buffer);
  const days = workbook.getWorksheet('Days');
  const row = days
    ?.getRows(2, 84)
    ?.find((each) => each.getCell('A').value === 9 && each.getCell('C').value === 'Wed');
  const was = Number(row?.getCell('E').value);
  if (row) row.getCell('E').value = was + 2;
  await bring(Buffer.from(await workbook.xlsx.writeBuffer()));
  await expect(back).toContainText(`1 cell differs:`);
  await expect(back).toContainText(`: ${was + 2}`);
  await back.getByRole('button', { name: 'Take 1 cell' }).click();
  await expect(back).toBeHidden();
  await bring(bytes);
  await expect(back).toContainText('differ');
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await bring(bytes);
  await expect(back).toContainText('Nothing differs.');
});

test('a week is sent by mail, shown in the outbox, and opened as it was sent', async ({ page }) => {
  await openHandouts(page, 'Post Haste');
  const mail = page.getByRole('region', { name: 'By mail' });
  await mail.getByLabel('Address').fill('not an address');
  await mail.getByLabel('Address').press('Enter');
  await expect(mail.getByRole('alert')).toContainText('expected an address like');
  await mail.getByLabel('Address').fill('post@skerrylane.example');
  await mail.getByLabel('Address').press('Enter');
  await mail.getByLabel('Sent').selectOption('every Sunday');
  await mail.getByRole('button', { name: 'Send week 1 now' }).click();
  const outbox = mail.getByRole('list', { name: 'Outbox' });
  await expect(outbox).toContainText('post@skerrylane.example: sent');
  await expect(outbox.getByRole('listitem')).toHaveCount(1);
  // The first sheet waits for a thread of the server that reads its faces.
  const downloading = page.waitForEvent('download', { timeout: FIRST_SHEET_MS });
  await outbox.getByRole('button', { name: /^Open the mail/ }).click();
  const sent = readFileSync(await (await downloading).path(), 'utf8');
  expect(sent).toContain('To: post@skerrylane.example');
  expect(sent).toContain('Post Haste: week 1 of 12');
  await page.reload();
  await expect(mail.getByLabel('Sent')).toHaveValue('sunday');
});
