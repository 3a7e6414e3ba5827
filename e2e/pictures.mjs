import { mkdir } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { chromium as chromiumOfDebian } from '../command/debian.mjs';

/**
 * Takes the pictures of docs/screenshots/ from a running demo:
 * `NADIR_TODAY=2027-02-10 ./nadir demo`, then `npm run pictures ADDRESS`.
 */
const address = process.argv[2];
if (!address)
  throw new Error('usage: npm run pictures ADDRESS (the address that ./nadir demo printed)');
const folder = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));
await mkdir(folder, { recursive: true });

const browser = await chromium.launch({
  executablePath: await chromiumOfDebian(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking'],
});

/**
 * @param {string} name
 * @param {(page: import('@playwright/test').Page) => Promise<unknown>} go from the squad to the view
 * @param {{ width?: number, height?: number, colorScheme?: 'light' | 'dark'} [options]
 */
async function picture(name, go, { width = 1280, height = 800, colorScheme = 'light' } = {}) {
  const context = await browser.newContext({
    viewport: { width, height },
    colorScheme,
    locale: 'en-GB',
  });
  // What is said once on a device is not said in a picture.
  await context.addInitScript(() => globalThis.localStorage.setItem('nadir.pull-hint', 'said'));
  const page = await context.newPage();
  await page.goto(address);
  await page.getByRole('main').waitFor();
  await page.getByRole('link', { name: 'Squad' }).first().click();
  await page.getByRole('link', { name: 'Idris Vale', exact: true }).waitFor();
  await go(page);
  // The bar of a phone loads behind what it leads to; the athlete’s page has views for places.
  await page.getByRole('navigation', { name: /^(Places|Views)/ }).waitFor();
  await page.locator('.MuiSkeleton-root').first().waitFor({ state: 'detached' });
  await page.evaluate('document.fonts.ready');
  await page.screenshot({ path: `${folder}${name}.png` });
  await context.close();
}

const open =
  (/** @type {string} */ athlete) =>
  async (/** @type {import('@playwright/test').Page} */ page) => {
    await page.getByRole('link', { name: athlete, exact: true }).click();
    await page.getByRole('grid').waitFor();
  };
const nothing = () => Promise.resolve();

await picture('squad', nothing);
await picture('athlete', async (page) => {
  await page.getByRole('link', { name: 'Record of Idris Vale' }).click();
  await page.getByRole('button', { name: 'Wed', exact: true }).click();
  await page.getByRole('list', { name: 'Blocks that read this record' }).waitFor();
});
await picture('block', async (page) => {
  await open('Idris Vale')(page);
  // What fixes a finding is tried out first.
  await page.getByRole('button', { name: 'Waive' }).first().waitFor();
});
await picture('block-dark', open('Ottoline Brack'), { colorScheme: 'dark' });
await picture('sessions', async (page) => {
  await page.getByRole('link', { name: 'Sessions' }).first().click();
  await page.getByRole('img', { name: /^The session to scale/ }).waitFor();
  await page.getByLabel('Find').fill('stretches');
  await page.getByRole('button', { name: /^Stretches at race pace/ }).click();
  await page.getByRole('heading', { name: 'Sessions', level: 1 }).scrollIntoViewIfNeeded();
});
await picture('sheet', async (page) => {
  await open('Idris Vale')(page);
  await page.getByRole('link', { name: 'Sheet', exact: true }).first().click();
  await page.locator('[data-week="11"] [data-column="6"]').click();
  await page.keyboard.type('28 last 8 marathon');
});
await picture('week', async (page) => {
  await open('Idris Vale')(page);
  await page.getByRole('link', { name: 'Week', exact: true }).first().click();
  await page
    .getByRole('article', { name: /quality/ })
    .last()
    .click();
  await page.getByRole('img', { name: /^The session to scale/ }).waitFor();
  // Templates are laid out one by one; six of them stand in the picture.
  await page
    .getByText(/^\d runs$/)
    .nth(5)
    .waitFor();
});
await picture('new-block', async (page) => {
  await page.getByRole('link', { name: 'New block' }).first().click();
  await page.getByLabel('Race', { exact: true }).fill('Tidewrack Half');
  await page.getByLabel('Distance').selectOption('half marathon');
  await page.getByLabel('Name').fill('Neve Orrin');
  await page.getByLabel(/Recent weeks/).fill('38 41 40 45');
  await page.getByRole('button', { name: /^Recovery weeks:/ }).click();
});
await picture('paces', async (page) => {
  await open('Idris Vale')(page);
  await page.getByRole('link', { name: 'Paces', exact: true }).first().click();
  await page.getByRole('heading', { name: 'Results' }).waitFor();
});
await picture('hard-days', async (page) => {
  await open('Idris Vale')(page);
  await page.getByRole('link', { name: 'Hard days' }).first().click();
  const turns = page.getByRole('combobox', { name: 'Tuesdays' });
  for (const name of ['Half-hour kilometres', 'Tempo']) {
    await turns.fill(name);
    await page.keyboard.press('Enter');
  }
  await page.keyboard.press('Escape');
  // What was done has been said by then.
  await page.getByText('1 week changed').waitFor();
  await page.getByText('1 week changed').waitFor({ state: 'hidden' });
});
await picture('import', async (page) => {
  await page.goto(`${address}/import`);
  await page.getByLabel('Race day').fill('18 4 2027');
  await page
    .getByLabel('The plan as a table')
    .fill(
      [
        'Week\tMon\tTue\tWed\tThu\tFri\tSat\tSun',
        '1\t8\t6 x 600 m @ 5 km, 90 s jog\t10\toff\t8\t5\t16',
        '2\t8\t8 x 400 @ mile, 60 s jog\t10\toff\t9\t5\t18',
        '3\t8\t10\t10\toff\t8\t40 min pool\t14 (last 4 @ marathon)',
        '4\t6\t5\t6\toff\t5\t4\tRace',
      ].join('\n'),
    );
});
await picture('handouts', async (page) => {
  await open('Idris Vale')(page);
  await page.getByRole('link', { name: 'Handouts' }).first().click();
  const phone = page.getByRole('region', { name: 'On the phone' });
  await phone.getByRole('button', { name: 'Make a link' }).click();
  await phone.getByRole('img', { name: /for a camera/ }).waitFor();
});
await picture(
  'athlete-page',
  async (page) => {
    const { athletes } = await (await page.request.get(`${address}/api/squad`)).json();
    const idris = athletes.find((/** @type {{ facts: { name: string } }} */ { facts }) =>
      facts.name.startsWith('Idris'),
    );
    const link = await (await page.request.get(`${address}/api/athletes/${idris.id}/link`)).json();
    await page.goto(link.address);
    await page.getByRole('region', { name: 'Today' }).waitFor();
  },
  { width: 390, height: 1180 },
);
await picture('house-rules', async (page) => {
  await page.getByRole('link', { name: 'House rules' }).first().click();
  await page
    .getByText(/flags \d+ now/)
    .first()
    .waitFor();
});
await picture('diary', async (page) => {
  await open('Wren Castellan')(page);
  await page.getByRole('link', { name: 'Diary' }).first().click();
  await page.getByRole('heading', { name: 'Week 7 in review' }).waitFor();
});
await picture('bring-in', async (page) => {
  await open('Teodor Hask')(page);
  await page.getByRole('link', { name: 'Diary' }).first().click();
  await page.getByRole('link', { name: 'Bring in runs' }).click();
  await page
    .getByRole('textbox', { name: 'Runs as a table' })
    .fill(
      [
        'Date;Start;Distance;Time;Notes',
        '10.02.2027;06:40;8,2;37:10;before school',
        '09.02.2027;07:10;8,0;35:50;',
        'yesterday;;8;36:00;',
        '08.02.2027;18:00;5,1;25:30;shook the legs out',
      ].join('\n'),
    );
  await page.getByRole('button', { name: /^Take \d/ }).waitFor();
});
await picture('blocks', async (page) => {
  await page.getByRole('link', { name: 'Blocks' }).first().click();
  await page.getByRole('heading', { name: 'Blocks' }).waitFor();
  await page.getByRole('row', { name: /Wren Castellan/ }).waitFor();
});
await picture('compare', async (page) => {
  await page.goto(`${address}/compare`);
  await page.getByRole('img', { name: /^For comparison/ }).waitFor();
  // What was run is asked for apart.
  await page
    .getByRole('row', { name: /^Run.*Idris/ })
    .getByText(/\d/)
    .first()
    .waitFor();
});
await picture('phone-week', async (page) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await open('Kit Sorrel')(page);
  await page.getByRole('link', { name: 'Week', exact: true }).first().click();
  await page.getByRole('article').first().waitFor();
  await page.setViewportSize({ width: 390, height: 844 });
});
await browser.close();
