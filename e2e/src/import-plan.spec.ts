import ExcelJS from 'exceljs';
import { expect, type Page } from '@playwright/test';
import { addressOf, signIn, test } from './desk.js';

const PLAN = [
  'Week\tMon\tTue\tWed\tThu\tFri\tSat\tSun',
  '1\t8\t6 x 600 m @ 5 km, 90 s jog\t10\toff\t8\t5\t16',
  '2\t8\t8 x 400 @ mile, 60 s jog\t10\toff\t9\t5\t18',
  '3\t8\t10\t10\toff\t8\t40 min pool\t14 (last 4 @ marathon)',
  '4\t6\t5\t6\toff\t5\t4\tRace',
].join('\n');

/** Eleven weeks to 21 March, every day of them; today is in the sixth. */
const WRITTEN_OUT = [
  'Week of\tMon\tTue\tWed\tThu\tFri\tSat\tSun\tTotal',
  '2027-01-04\t\t8\t10\t6 x 800 m @ 5 km, 2 min rest\t\t6\t16\t50',
  '2027-01-11\t\t8\t10\t20 min @ threshold\t\t6\t17\t52',
  '2027-01-18\t\t9\t10\t5 x 1 km @ 5 km, 2 min rest\t\t6\t18\t54',
  '2027-01-25\t\t7\t8\t7\t\t5\t13\t40',
  '2027-02-01\t\t9\t11\t6 x 1 km @ 10 km, 90 s rest\t\t6\t19\t57',
  '2027-02-08\t\t9\t12\t25 min @ threshold\t\t7\t20\t60',
  '2027-02-15\t\t9\t12\t5 x 1200 m @ 10 km, 2 min rest\t\t7\t21\t62',
  '2027-02-22\t\t7\t9\t7\t\t5\t14\t42',
  '2027-03-01\t\t9\t12\t3 x 2 km @ 10 km, 2 min rest\t\t7\t20\t61',
  '2027-03-08\t\t8\t10\t5 x 1 km @ 10 km, 90 s rest\t\t6\t15\t50',
  '2027-03-15\t\t6\t7\t3 x 1 km @ 10 km, 2 min rest\t\t4\tRace\t45',
].join('\n');

async function pastePlan(page: Page, text: string) {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.evaluate((plan) => navigator.clipboard.writeText(plan), text);
  await page.getByLabel('The plan as a table').click();
  await page.keyboard.press('Control+v');
}

const dayIn = (page: Page) => (week: number, column: number) =>
  page.locator(`[data-week="${week}"] [data-column="${column}"]`);

test.beforeEach(async ({ page }) => {
  await signIn(page);
  await page.goto(`${addressOf('demo')}/blocks`);
  await page.getByRole('link', { name: 'Import a plan' }).click();
  await expect(page.getByLabel('The plan as a table')).toBeVisible();
});

test('makes a block of a pasted plan, day by day as it is written', async ({ page }) => {
  await page.getByLabel('Name', { exact: true }).fill('Bo Quill');
  await page.getByLabel('Race day').fill('18 4 2027');
  await pastePlan(page, PLAN);
  await expect(page.getByLabel('Column 3 holds')).toHaveValue('tuesday');
  await expect(page.getByRole('status').filter({ hasText: 'cells read' })).toContainText('4 weeks');
  await page.getByRole('button', { name: 'Use “8 x 400 m @ mile, 60 s jog”' }).click();
  await expect(page.getByLabel('Cells that could not be read')).toBeHidden();
  await page.getByRole('button', { name: 'Create block' }).click();
  const day = dayIn(page);
  await expect(day(1, 0)).toHaveAccessibleName(/: 8, fixed/);
  await expect(day(2, 1)).toHaveAccessibleName(/8 x 400 m mile, 60 s jog.*fixed/);
  await expect(day(3, 5)).toHaveAccessibleName(/40 min pool running/);
  await expect(day(3, 6)).toHaveAccessibleName(/: 14, .*marathon/);
  await expect(day(4, 3)).toHaveAccessibleName(/: –, fixed/);
  await expect(day(4, 6)).toHaveAccessibleName(/10 km/);
});

test('takes a plan in the words of the coach, and offers what it cannot be sure of', async ({
  page,
}) => {
  const plan = [
    'Week\tMon\tTue\tWed\tThu\tFri\tSat\tSun\tTotal',
    '1\trest (travel)\t2k WU, 6 x 800 (400 jog), 2k CD\t8 easy\ttempo: 2 x 20 min, 3 min jog\tyoga\t5 + 6 strides\tLR 16\t',
    '2\trest\thill reps 8 x 60s, jog back\t5 am, 4 pm\t12 including 3 x 2 km @ 10k, 500 m jog\tXT 45 min\t6m easy\t90 min long run\t',
    '3\trest\t8 hilly\t6-8 easy\t5 easy + strides\tas agreed\t5 miles: 2 easy, 2 MP, 1 easy\tLong 15k last 3k @ MP\t',
    '4\trest\t5 km time trial\t6\t5\tphysio\t20 min shake-out\tRace\t',
  ].join('\n');
  await page.getByLabel('Name', { exact: true }).fill('Wilf Amory');
  await page.getByLabel('Race day').fill('18 4 2027');
  await pastePlan(page, plan);
  // rest (travel), 6 x 800, 6 strides, 6m and physio.
  await page.getByRole('button', { name: 'Use all 5 suggestions' }).click();
  // What has no suggestion is written anew, and may be as little to be read.
  await page.getByLabel('Write “as agreed” anew').fill('4 as agreed?');
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Write “as agreed” anew')).toHaveValue('as agreed');
  await page.getByLabel('Write “as agreed” anew').fill('see message');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('cell', { name: 'see message (could not be read)' })).toBeVisible();
  await page.getByLabel('Write “see message” anew').fill('4 easy');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Cells that could not be read')).toBeHidden();
  await page.getByRole('button', { name: 'Create block' }).click();
  const day = dayIn(page);
  await expect(day(1, 1)).toHaveAccessibleName(/6 x 800 m, 400 m jog.*fixed/);
  await expect(day(1, 3)).toHaveAccessibleName(/2 x 20 min tempo.*fixed/);
  await expect(day(1, 6)).toHaveAccessibleName(/: 16, fixed/);
  await expect(day(2, 2)).toHaveAccessibleName(/: 5\+4, fixed/);
  await expect(day(2, 3)).toHaveAccessibleName(/: 12, .*including 3 x 2 km.*fixed/);
  await expect(day(2, 4)).toHaveAccessibleName(/45 min bike/);
  await expect(day(2, 5)).toHaveAccessibleName(/: 10, fixed/);
  await expect(day(3, 4)).toHaveAccessibleName(/: 4, fixed/);
  await expect(day(3, 5)).toHaveAccessibleName(/5 mi \(2 mi easy, 2 mi MP, 1 mi easy\).*fixed/);
  await expect(day(3, 6)).toHaveAccessibleName(/: 15, .*last 3 km.*fixed/);
  await expect(day(4, 4)).toHaveAccessibleName(/: –, fixed/);
});

test('takes weeks that stand side by side, or a day a row, and says how it read them', async ({
  page,
}) => {
  await page.getByLabel('Name', { exact: true }).fill('Una Corran');
  await page.getByLabel('Race day').fill('18 4 2027');
  const rows = [
    ['Day', 'Type', 'Km'],
    ...['Mon', 'Wed', 'Fri', 'Sun', 'Mon', 'Wed', 'Fri', 'Sun'].map((day) => [day, 'easy', '7']),
  ];
  await pastePlan(page, rows.map((row) => row.join('\t')).join('\n'));
  await expect(
    page.getByText('It had a day a row; it stands with a week a row here.'),
  ).toBeVisible();
  await expect(page.getByRole('cell', { name: '7 easy' })).toHaveCount(8);
  const headed = [1, 2, 3, 4].map((week) =>
    [
      `Week ${week}\tMon\tTue\tWed\tThu\tFri\tSat\tSun`,
      'AM\t8\t6 x 600 m @ 5 km, 90 s jog\trest\t9\trest\t6\t16',
      'PM\t\t5\t\t4\t\t\t',
    ].join('\n'),
  );
  await page.getByLabel('The plan as a table').fill(headed.join('\n'));
  await expect(page.getByText(/^Its weeks had several rows each/)).toBeVisible();
  await expect(page.getByRole('cell', { name: '9+4' })).toHaveCount(4);
  const weeks = PLAN.split('\n').map((line) => line.split('\t'));
  const turned = (weeks[0] ?? []).map((_, at) => weeks.map((row) => row[at] ?? '').join('\t'));
  await page.getByLabel('The plan as a table').fill(turned.join('\n'));
  await expect(page.getByText(/^Its weeks stood side by side/)).toBeVisible();
  await page.getByRole('button', { name: 'Use “8 x 400 m @ mile, 60 s jog”' }).click();
  await page.getByRole('button', { name: 'Create block' }).click();
  const day = dayIn(page);
  await expect(day(1, 0)).toHaveAccessibleName(/: 8, fixed/);
  await expect(day(3, 6)).toHaveAccessibleName(/: 14, .*marathon/);
  await expect(day(4, 3)).toHaveAccessibleName(/: –, fixed/);
});

test('takes races and phases as they are named, puts no session into plain days, and fits a phone', async ({
  page,
}) => {
  const plan = [
    'Week\tMon\tTue\tWed\tThu\tFri\tSat\tSun\tTotal',
    'BASE\t\t\t\t\t\t\t\t',
    '1\toff\t9\t10\t6 x 3 min @ threshold, 1 min jog\toff\t6 + gym\t16\t~50',
    '2\toff\t9\t11\t20 x 30/30\toff\tgym + 6\t17\t',
    '3\toff\t6\t6\t6\toff\t20 min shakeout\t10k race\t',
    'BUILD (to the race)\t\t\t\t\t\t\t\t',
    '4\toff\t9\t11\t3 x 10 min tempo (2 min)\toff\t6\t18 w/ last 5 @ HM\t',
    '5\toff\t6\t6\t5\toff\t4\tRace\t',
  ].join('\n');
  await page.getByLabel('Name', { exact: true }).fill('Edda Farrow');
  await page.getByLabel('Race day').fill('25 4 2027');
  await pastePlan(page, plan);
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(page.getByLabel('Column 3 holds')).toHaveValue('tuesday');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.getByRole('button', { name: 'Use all 2 suggestions' }).click();
  await page.getByRole('button', { name: 'Create block' }).click();
  const day = dayIn(page);
  for (const week of [1, 2, 4]) {
    await expect(day(week, 1)).toHaveAccessibleName(/: 9, fixed/);
  }
  await expect(day(2, 3)).toHaveAccessibleName(/20 x 30 s, 30 s jog/);
  await expect(day(3, 6)).toHaveAccessibleName(/10k race/);
  await expect(day(4, 6)).toHaveAccessibleName(/last 5 km HM/);
  await page.getByRole('link', { name: 'Block', exact: true }).first().click();
  const drawing = page.getByRole('group', { name: /^Section/ });
  await expect(drawing.getByText('BASE', { exact: true }).first()).toBeVisible();
  await expect(drawing.getByText('BUILD', { exact: true }).first()).toBeVisible();
});

test('reads a plan that is told line by line', async ({ page }) => {
  const plan = [
    ...['Week 1', 'Mon: rest', 'Tue: 8 easy', 'Thu: 6 x 400 m @ 5 km, 90 s jog', 'Sun: 14'],
    ...['Week 2', 'Mon: rest', 'Tue: 9 easy', 'Thu: 20 min tempo', 'Sun: 15', 'Mind the ice.'],
    ...['Week 3', 'Mon: rest', 'Tue: 9 easy', 'Thu: 25 min tempo', 'Sun: 16'],
    ...['Week 4', 'Mon: rest', 'Tue: 6 easy', 'Thu: 5', 'Sun: Race'],
  ].join('\n');
  await page.getByLabel('Race day').fill('4 4 2027');
  await pastePlan(page, plan);
  await expect(page.getByLabel('Column 3 holds')).toHaveValue('tuesday');
  await expect(page.getByRole('status').filter({ hasText: 'cells read' })).toContainText('4 weeks');
  await expect(page.getByRole('cell', { name: 'Mind the ice.' })).toBeVisible();
});

test('knows days however they are cut short, and names the column that it leaves', async ({
  page,
}) => {
  const rows = [
    ['Wk', 'M', 'T', 'W', 'Th', 'F', 'Sa', 'Su', 'Mood'],
    ['1', 'off', '8', '10', '8', 'XT 45', '6', '13, last 3 @ MP', 'keen'],
    ['2', 'off', '8', '5 easy or rest', '8', 'off', '6', '15', ''],
    ['3', 'off', '6', '8', 'off', 'off', '5', '12', ''],
    ['Race wk', 'off', '6', '5', 'off', '4', '3', '10 km race', ''],
  ];
  await page.getByLabel('Name', { exact: true }).fill('Ines Tarn');
  await page.getByLabel('Race day').fill('18 4 2027');
  await pastePlan(page, rows.map((row) => row.join('\t')).join('\n'));
  const verdict = page.getByRole('status').filter({ hasText: 'cells read' });
  await expect(verdict).toContainText('Not used: “Mood”.');
  await page.getByRole('button', { name: 'Use “5 easy [or rest]”' }).click();
  await expect(page.getByLabel('Cells that could not be read')).toBeHidden();
  await page.getByRole('button', { name: 'Create block' }).click();
  const day = dayIn(page);
  // Cross-training of 45 minutes is no long run of 45 km: Sunday's is.
  await expect(day(1, 4)).toHaveAccessibleName(/45 min/);
  await expect(day(1, 6)).toHaveAttribute('data-weight', 'long');
  await expect(day(2, 2)).toHaveAccessibleName(/or rest/);
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

test('takes key days and what each week comes to, counted as its headings say', async ({
  page,
}) => {
  const plan = [
    'Week\tMiles\tTue\tThu\tSun',
    '1\t40\tam 4; pm 6 x 800 @ 5k, 2 min jog\t20 min tempo\t12',
    '2\t43\t5 x 1 km 10k pace, 2 min jog\t25 min tempo\t13',
    '3\t46\t6 x 1 km @ 10k, 2 min jog\t25 min tempo\t14',
    '4\t20\t4 x 400 m @ 5k, 1 min jog\t\tRace (half)',
  ].join('\n');
  await page.getByLabel('Name', { exact: true }).fill('Una Marsh');
  await page.getByLabel('Race day').fill('25 4 2027');
  await pastePlan(page, plan);
  await expect(page.getByLabel('Figures in')).toHaveValue('mi');
  await expect(page.getByLabel('Distance')).toHaveValue('half marathon');
  await expect(page.getByText('Read from the plan.')).toHaveCount(2);
  // The run of the morning goes with the session that is asked about.
  await expect(
    page.getByRole('button', { name: 'Use “am 4; pm 6 x 800 m @ 5k, 2 min jog”' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Use all 2 suggestions' }).click();
  await page.getByRole('button', { name: 'Create block' }).click();
  const day = dayIn(page);
  await expect(day(1, 1)).toHaveAccessibleName(/: 4\+\d, 6 x 800 m.*fixed/);
  await expect(day(1, 6)).toHaveAccessibleName(/: 12, .*fixed/);
  // Week 1 is 40 miles: the other days are run, none of them hard.
  await expect(day(1, 7)).toHaveAccessibleName(/: 40/);
  await expect(day(1, 4)).not.toHaveAccessibleName(/: –/);
});

test('lives with a plan that is written out: missed days are answered, a race has room made', async ({
  page,
}) => {
  await page.getByLabel('Name', { exact: true }).fill('Greta Holm');
  await page.getByLabel('Distance').fill('half marathon');
  await pastePlan(page, WRITTEN_OUT);
  // 20 km of days, 21.1 of racing and warming up are the 45 of race week.
  await expect(page.getByText('The figure of race week is taken to count the race')).toBeVisible();
  await expect(page.getByText(/^9 sessions written without warming up/)).toBeVisible();
  await page.getByRole('button', { name: 'Create block' }).click();
  const day = dayIn(page);
  await expect(day(1, 7)).toHaveAccessibleName(/: 50/);
  await expect(day(7, 1)).toHaveAccessibleName(/: 9, fixed/);

  // Missed from Thursday to yesterday.
  const id = /blocks\/([^/]+)/.exec(page.url())?.[1] ?? '';
  const api = `${addressOf('demo')}/api`;
  const { athleteId } = (await (await page.request.get(`${api}/blocks/${id}`)).json()) as {
    athleteId: string;
  };
  const missed = ['2027-02-04', '2027-02-06', '2027-02-07', '2027-02-09'];
  const keep = [
    { date: '2027-02-03', place: 0, kind: 'run', distance: 11_000 },
    ...missed.map((date) => ({ date, place: 0, kind: 'missed' })),
  ].map((entry) => ({ revision: null, entry }));
  await page.request.put(`${api}/athletes/${athleteId}/record`, { data: { keep, remove: [] } });
  await page.getByRole('link', { name: 'Diary' }).click();
  const todo = page.getByRole('region', { name: 'What to do' });
  await expect(todo).toContainText('Week 7 at 46 km, nothing hard before its second half');
  await todo.getByRole('button', { name: 'Apply' }).first().click();
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(day(7, 7)).toHaveAccessibleName(/: 46/);
  await expect(day(7, 1)).not.toHaveAccessibleName(/: 9\b/);
  // Its session stands in the second half, and week 9 as it was written.
  await expect(day(7, 3)).toHaveAccessibleName(/5 x 1200 m/);
  await expect(day(9, 7)).toHaveAccessibleName(/: 61/);

  await page.getByRole('link', { name: 'Block', exact: true }).click();
  await page.getByRole('tab', { name: 'Races & days away' }).click();
  await page.getByRole('button', { name: 'Add a race or days away' }).click();
  await page.getByLabel('Name').fill('Pier Ten');
  await page.getByLabel('On', { exact: true }).fill('7 3 2027');
  await page.getByLabel('Distance', { exact: true }).fill('10 km');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(day(9, 6)).toHaveAccessibleName(/Pier Ten/);
  // What is written near the race gives way, what stands before it stays.
  await expect(day(9, 1)).toHaveAccessibleName(/: 9, fixed/);
  await expect(day(9, 5)).not.toHaveAccessibleName(/: 7\b/);
});

test('takes the taper that is written along when the race moves', async ({ page }) => {
  await page.getByLabel('Name', { exact: true }).fill('Orla Stint');
  await page.getByLabel('Distance').fill('half marathon');
  await pastePlan(page, WRITTEN_OUT);
  await page.getByRole('button', { name: 'Create block' }).click();
  const day = dayIn(page);
  await expect(day(9, 7)).toHaveAccessibleName(/: 61/);
  const sheet = page.url();

  await page.goto(sheet.replace(/sheet.*$/, 'plan'));
  await page.getByRole('textbox', { name: 'Race day' }).fill('28 3 2027');
  await page.keyboard.press('Tab');
  const changes = page.getByRole('region', { name: 'What changes' });
  await expect(changes).toContainText('Sun 28 Mar 2027');
  // Eleven weeks of 617 km; one of 62 km comes in between.
  const along = page.getByLabel('What I wrote for the taper moves with the race');
  await expect(along).toBeChecked();
  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(page).toHaveURL(/\/blocks\/[\w-]+$/);
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(day(8, 7)).toHaveAccessibleName(/: 42/);
  await expect(day(9, 7)).toHaveAccessibleName(/: 62/);
  await expect(day(9, 1)).not.toHaveAccessibleName(/fixed/);
  await expect(day(10, 7)).toHaveAccessibleName(/: 61/);
  await expect(day(10, 3)).toHaveAccessibleName(/3 x 2 km/);
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(day(9, 7)).toHaveAccessibleName(/: 61/);
});
