import { readFileSync, writeFileSync } from 'node:fs';
import { type Locator, type Page, expect } from '@playwright/test';
import { addressOf, expectSaved, addBlock, signIn, test } from './desk.js';

test.beforeEach(({ page }) => signIn(page));

/** Opens the diary of a block that began on Monday 11 January 2027; today is Wednesday 10 February. */
async function openDiary(page: Page, athlete: string, week = 4): Promise<string> {
  const id = await addBlock(page, athlete, {
    raceDate: '2027-04-04',
    results: [{ date: '2027-01-03', distance: 10_000, time: 2430 }],
    week: { runDays: 6, qualityOn: ['tuesday', 'friday'] },
  });
  await page.goto(`${addressOf('demo')}/blocks/${id}/diary/${week}`);
  await expect(heading(page, `Week ${week} in review`)).toBeVisible();
  return id;
}

const heading = (page: Page, name: string) => page.getByRole('heading', { name });
const done = (page: Page, day: string): Locator =>
  page.getByRole('button', { name: new RegExp(`^Done on ${day}:`) });

/** What an act said of itself. */
const said = (page: Page, words: string) => page.getByRole('status').filter({ hasText: words });

/** Writes what was done on a day, and waits until it stands there. */
async function write(page: Page, day: string, text: string, stands: string): Promise<void> {
  await done(page, day).click();
  await page.getByRole('textbox', { name: `What was done on ${day}` }).fill(text);
  await page.keyboard.press('Enter');
  await expect(done(page, day)).toContainText(stands);
}

/** A cell of the rows under the drawing. */
const cellOf = (page: Page, row: string, week: number) =>
  page
    .getByRole('row', { name: new RegExp(`^${row}`) })
    .getByRole('cell')
    .nth(week - 1);

test('a week is recorded as planned in one act, and a day typed otherwise; it adds up and stays', async ({
  page,
}) => {
  await openDiary(page, 'A recorded week');
  await expect(page.getByText('nothing recorded', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Week as planned' }).click();
  const planned = await cellOf(page, 'Volume', 4).innerText();
  await expect(cellOf(page, 'Run', 4)).toHaveText(planned);
  await expect(cellOf(page, 'Against plan', 4)).toHaveText('0');
  // Wednesday is a rest day.
  await write(page, 'Wed 3 Feb', '2 12:00, effort 4, wind', 'effort 4, wind');
  await expect(cellOf(page, 'Against plan', 4)).toHaveText('+2');
  await expect(cellOf(page, 'Run', 4)).toHaveText(String(Number(planned) + 2));
  await write(page, 'Fri 5 Feb', 'missed, work', 'missed: work');
  await expect(cellOf(page, 'Missed', 4)).toHaveText('1');
  const run = await cellOf(page, 'Run', 4).innerText();
  await page.reload();
  await expect(cellOf(page, 'Run', 4)).toHaveText(run);
  await expect(page.getByRole('textbox', { name: /^To A/ })).toHaveValue(/Fri missed \(work\)/);
});

test('what cannot have been run is refused, and an act is undone', async ({ page }) => {
  await openDiary(page, 'A slip of the pen');
  await write(page, 'Wed 3 Feb', '8 40:00', '8 km');
  await done(page, 'Wed 3 Feb').click();
  const field = page.getByRole('textbox', { name: 'What was done on Wed 3 Feb' });
  await field.fill('quick');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/says nothing about a run/)).toBeVisible();
  await field.fill('60 3:00');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/does not go with the distance/)).toBeVisible();
  await expect(done(page, 'Wed 3 Feb')).toContainText('8 km');
  await write(page, 'Wed 3 Feb', 'pool 40 min', 'pool, 40 min');
  await expect(said(page, 'Recorded Wed 3 Feb.')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(done(page, 'Wed 3 Feb')).toContainText('8 km');
});

test('repetitions are held against what was set: mean, spread and difference', async ({ page }) => {
  await openDiary(page, 'Five repetitions');
  await write(page, 'Tue 2 Feb', '10 50:00', '10 km');
  await page.getByRole('button', { name: 'Tue 2 Feb', exact: true }).click();
  const reps = page.getByRole('textbox', { name: 'Repetitions' });
  await reps.fill('1:54 1:75');
  await expect(page.getByText(/75 seconds are more than a minute has/)).toBeVisible();
  await reps.fill('1:54 1:53 1:55 1:56');
  await page.keyboard.press('Enter');
  const sessions = page.getByRole('region', { name: 'Key sessions' });
  // 114, 113, 115 and 116 are 114.5 on the mean, 3 apart.
  await expect(sessions).toContainText('mean 1:54.5, spread 3.0 s');
  await page.reload();
  await expect(sessions).toContainText('mean 1:54.5');
});

test('an illness is told on its mornings; the way back is drawn, applied and undone', async ({
  page,
}) => {
  await openDiary(page, 'Ill for three days', 5);
  for (const day of ['Mon 8 Feb', 'Tue 9 Feb', 'Wed 10 Feb']) {
    await page.getByRole('button', { name: day, exact: true }).click();
    await page.getByRole('combobox', { name: 'Ill' }).selectOption('fever');
    await expect(page.getByRole('combobox', { name: 'Ill' })).toHaveValue('fever');
    await expect(said(page, `Kept the morning of ${day}.`)).toBeVisible();
  }
  const todo = page.getByRole('region', { name: 'What to do' });
  await expect(todo).toContainText('Ill since Mon 8 Feb: no running until well');
  await expect(todo).toContainText('A doctor says when running is safe again.');
  const volume = await cellOf(page, 'Volume', 5).innerText();
  await todo.getByRole('button', { name: 'Apply' }).click();
  await expect(cellOf(page, 'Volume', 5)).not.toHaveText(volume);
  await expectSaved(page);
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(cellOf(page, 'Volume', 5)).toHaveText(volume);
});

test('the goal of a week and the words to the athlete are kept with it', async ({ page }) => {
  await openDiary(page, 'A goal met');
  await page.getByRole('textbox', { name: 'Goal of the week' }).fill('Even repetitions.');
  await page.getByRole('button', { name: 'Met', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Met', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('textbox', { name: /^To A/ }).fill('Well run.');
  await page.getByRole('button', { name: 'Close the review' }).click();
  await expect(page.getByRole('button', { name: 'Keep again' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Goal of the week' })).toHaveValue(
    'Even repetitions.',
  );
  await expect(page.getByRole('textbox', { name: /^To A/ })).toHaveValue('Well run.');
});

test('a day of the week view is as planned by one key, and written over', async ({ page }) => {
  const id = await openDiary(page, 'One key a day');
  await page.goto(`${addressOf('demo')}/blocks/${id}/week/2027-02-03`);
  const tuesday = page.getByRole('article', { name: /^Tue 2 Feb/ });
  await tuesday.focus();
  await page.keyboard.press('d');
  await expect(done(page, 'Tue 2 Feb')).toContainText('/km');
  await write(page, 'Mon 1 Feb', '6 + 4', '6 km; 4 km');
});

/** A run due north as a GPX file, a point every ten seconds. */
function gpx(date: string, metres: number, speed = 3.4) {
  const degrees = 180 / Math.PI / 6_371_008.8;
  const points = Array.from({ length: Math.round(metres / speed / 10) + 1 }, (_, step) => {
    const at = new Date(Date.parse(`${date}T07:00:00Z`) + 10_000 * step).toISOString();
    return `<trkpt lat="${48 + 10 * step * speed * degrees}" lon="-20"><time>${at}</time></trkpt>`;
  });
  const body = `<gpx version="1.1"><trk><trkseg>${points.join('')}</trkseg></trk></gpx>`;
  return { name: `${date}.gpx`, mimeType: 'application/gpx+xml', buffer: Buffer.from(body) };
}

/** Opens the page where runs are brought in. */
async function bringIn(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Bring in runs' }).click();
  await expect(page.getByRole('textbox', { name: 'Runs as a table' })).toBeVisible();
}

test('a table is pasted, its columns recognised; what cannot be read is said by its line', async ({
  page,
}) => {
  await openDiary(page, 'A pasted table');
  await bringIn(page);
  await page
    .getByRole('textbox', { name: 'Runs as a table' })
    .fill(
      [
        'Datum;Strecke;Dauer;Notes',
        '01.02.2027;8,5;45:10;cold',
        '03.02.2027;10;50:00;',
        'bald;10;50:00;',
        '20.02.2027;10;50:00;',
      ].join('\n'),
    );
  const rows = page.getByRole('region', { name: 'What was read' });
  await expect(rows).toContainText('8.5 km, 5:19 /km, cold');
  await expect(rows.getByRole('alert')).toContainText('line 4: “bald” is not a date.');
  await expect(rows).toContainText('not taken: Sat 20 Feb is still to come');
  await page.getByRole('button', { name: 'Take 2 runs' }).click();
  await expect(done(page, 'Mon 1 Feb')).toContainText('8.5 km');
  await said(page, 'Added 2 runs to the diary.').getByRole('button', { name: 'Undo' }).click();
  await expect(done(page, 'Mon 1 Feb')).toContainText('Record what was run');
});

test('three tracks are dropped, one of them twice and one damaged; the good ones are taken once', async ({
  page,
}) => {
  await openDiary(page, 'Three tracks');
  await bringIn(page);
  const damaged = { ...gpx('2027-02-04', 5000), buffer: Buffer.from('<gpx><trk>') };
  await page
    .getByLabel('Choose files')
    .setInputFiles([
      gpx('2027-02-01', 8000),
      { ...gpx('2027-02-01', 8040), name: 'again.gpx' },
      gpx('2027-02-03', 10_000),
      damaged,
    ]);
  const rows = page.getByRole('region', { name: 'What was read' });
  await expect(rows.getByRole('row').filter({ hasText: 'known already' })).toHaveCount(1);
  await expect(rows.getByRole('alert')).toContainText('2027-02-04.gpx:');
  await page.getByRole('button', { name: 'Take 2 runs' }).click();
  await expect(done(page, 'Wed 3 Feb')).toContainText('10 km, 4:54 /km');
  await expect(cellOf(page, 'Run', 4)).toHaveText('18');
  // Brought again, all of it is known.
  await bringIn(page);
  await page.getByLabel('Choose files').setInputFiles([gpx('2027-02-03', 10_000)]);
  await expect(rows.getByRole('row').filter({ hasText: 'known already' })).toHaveCount(1);
  await expect(page.getByRole('button', { name: 'Take 0 runs' })).toBeDisabled();
});

test('the simulated watch is connected, synchronised and disconnected', async ({ page }) => {
  await openDiary(page, 'A watch on the wrist');
  await bringIn(page);
  await page.getByRole('button', { name: 'Connect the simulated watch' }).click();
  await page.getByRole('button', { name: 'Synchronise' }).click();
  const take = page.getByRole('button', { name: /^Take \d+ runs$/ });
  await expect(take).toBeEnabled();
  await take.click();
  await expect(done(page, 'Tue 2 Feb')).toContainText('/km');
  // Thursdays are missed: nothing is recorded of one.
  await expect(done(page, 'Thu 4 Feb')).toContainText('Record what was run');
  await bringIn(page);
  await page.getByRole('button', { name: 'Disconnect' }).click();
  await expect(page.getByRole('button', { name: 'Synchronise' })).toBeHidden();
});

test('a block is exported with its diary and without a word of health, and opened with it again', async ({
  page,
}, testInfo) => {
  await openDiary(page, 'Out and back');
  await write(page, 'Tue 2 Feb', '9 45:00', '9 km');
  await page.getByRole('button', { name: 'Tue 2 Feb', exact: true }).click();
  await page.getByRole('textbox', { name: 'Sore', exact: true }).fill('left calf');
  await page.keyboard.press('Enter');
  await expect(said(page, 'Kept the morning of Tue 2 Feb.')).toBeVisible();
  await page.getByRole('link', { name: 'Block', exact: true }).click();
  await page.getByRole('button', { name: 'More', exact: true }).click();
  const downloading = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'What was run', exact: true }).click();
  const file = testInfo.outputPath('with-diary.json');
  await (await downloading).saveAs(file);
  const text = readFileSync(file, 'utf8');
  expect(text).not.toContain('calf');
  // As another coach would open it: under another name nothing of it is known yet.
  writeFileSync(file, text.replaceAll('Out and back', 'Back again'));
  await page.goto(`${addressOf('demo')}/blocks`);
  await page.getByLabel('Choose a file').first().setInputFiles(file);
  await expect(page.getByRole('heading', { name: 'Back again' })).toBeVisible();
  await page.goto(`${page.url()}/diary/4`);
  await expect(done(page, 'Tue 2 Feb')).toContainText('9 km');
});

test('days that will not do: the week is arranged around them, the nearest way first', async ({
  page,
}) => {
  await openDiary(page, 'Away on Friday', 5);
  await page.getByRole('button', { name: 'Days off needed this week' }).click();
  await page
    .getByRole('group', { name: 'Days off needed' })
    .getByRole('button', { name: 'Fri' })
    .click();
  const ways = page.getByRole('region', { name: 'What to do' }).getByRole('article');
  await expect(ways.first()).toContainText(/quality|long run|demanding/i);
  await ways.first().getByRole('button', { name: 'Apply' }).click();
  await expect(said(page, 'Arranged the week around Fri 12 Feb')).toBeVisible();
  await expect(page.getByRole('article').filter({ hasText: '12 Feb' })).toContainText('rest');
  await expectSaved(page);
});
