import type { OpenBlock, Squad } from '@nadir/contract';
import {
  type APIResponse,
  type BrowserContext,
  type Locator,
  type Page,
  type ViewportSize,
  expect,
  test as base,
} from '@playwright/test';

/** The address of the demo that the errand under way may change, or of the server with its own data. */
export function addressOf(kind: 'demo' | 'own'): string {
  const { metadata } = test.info().project;
  const address: unknown = kind === 'demo' ? metadata.demo : process.env.NADIR_OWN_ADDRESS;
  if (typeof address !== 'string')
    throw new Error('No server: run the browser tests with ./nadir test browser.');
  return address;
}

/** Athletes that the errand under way added: a worker runs one errand at a time. */
const added: string[] = [];

/** The tab that a worker's errands share, as a coach has one open all day: its code is warm. */
interface Desk {
  context: BrowserContext;
  page: Page;
}

interface OfErrand {
  /** New where an errand puts something under its page that stays: what a store or a worker answers, a touch screen. */
  tab: 'shared' | 'new';
  /** Leaves the squad as it was found: the next errands need not draw its athletes. */
  tidy: undefined;
}

export const test = base.extend<OfErrand, { desk: Desk }>({
  tab: ['shared', { option: true }],
  desk: [
    async ({ browser }, use, { project }) => {
      const { contextOptions, locale, viewport } = project.use;
      const context = await browser.newContext({ ...contextOptions, locale, viewport });
      await use({ context, page: await context.newPage() });
      await context.close();
    },
    { scope: 'worker' },
  ],
  context: ({ context, tab, desk }, use) => use(tab === 'new' ? context : desk.context),
  page: async ({ context, viewport, tab, desk }, use) => {
    await use(tab === 'new' ? await context.newPage() : desk.page);
    if (tab === 'shared') await clear(desk, viewport);
  },
  tidy: [
    async ({ request }, use) => {
      await use(undefined);
      if (added.length > 0) await request.post(`${addressOf('demo')}/api/sign-in/demo`);
      for (const id of added.splice(0)) {
        const state = { data: { state: 'removed' } };
        const answer = await request.put(`${addressOf('demo')}/api/athletes/${id}/state`, state);
        expect(answer.ok(), await answer.text()).toBe(true);
      }
    },
    { auto: true },
  ],
});

/** Clears the desk for the next errand: nobody is signed in, nothing is kept on the device. */
async function clear({ context, page }: Desk, viewport: ViewportSize | null): Promise<void> {
  for (const other of context.pages()) if (other !== page) await other.close();
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await context.setOffline(false);
  await context.clearPermissions();
  await page.emulateMedia({ media: null, colorScheme: null });
  if (viewport) await page.setViewportSize(viewport);
  await page.mouse.move(0, 0);
  // Left first: what is not saved is put away on the device then.
  await page.goto(`${addressOf('demo')}/api/health/live`);
  await page.evaluate(async () => {
    localStorage.clear();
    sessionStorage.clear();
    for (const { name } of await indexedDB.databases()) if (name) indexedDB.deleteDatabase(name);
  });
  await context.clearCookies();
}

/** Comes to the squad of the demo, signed in; the door itself has a test of its own. */
export async function enterDemo(page: Page): Promise<void> {
  await signIn(page);
  await page.goto(`${addressOf('demo')}/`);
  await expect(page.getByRole('link', { name: 'Idris Vale', exact: true })).toBeVisible();
}

/** Comes to an athlete's block in the demo, signed in: nothing else is loaded on the way. */
export async function enterBlock(page: Page, athlete: string): Promise<void> {
  await signIn(page);
  const answer = await page.request.get(`${addressOf('demo')}/api/squad`);
  const { athletes } = (await answer.json()) as Squad;
  const id = athletes.find(({ facts }) => facts.name === athlete)?.block?.id;
  await page.goto(`${addressOf('demo')}/blocks/${id}`);
  await expect(page.getByRole('grid', { name: /Ledger/ })).toBeVisible();
}

/** Opens an athlete's block from the squad. */
export async function openBlock(page: Page, athlete: string): Promise<void> {
  await page.getByRole('link', { name: athlete, exact: true }).click();
  await expect(page.getByRole('grid', { name: /Ledger/ })).toBeVisible();
}

/** Signs the demo’s coach in without a page. */
export async function signIn(page: Page): Promise<void> {
  const answer = await posted(page, 'sign-in/demo');
  expect(answer.ok()).toBe(true);
}

/** Seconds and times that a server is asked again which says that it is too busy: nothing was stored then. */
const [PAUSE, TIMES] = [2, 10];

async function posted(page: Page, path: string, data?: object): Promise<APIResponse> {
  const ask = () => page.request.post(`${addressOf('demo')}/api/${path}`, { data });
  let answer = await ask();
  for (let time = 0; answer.status() === 503 && time < TIMES; time++) {
    await page.waitForTimeout(PAUSE * 1000);
    answer = await ask();
  }
  return answer;
}

/** Adds an athlete to the squad, for the errand under way alone. */
async function addAthlete(page: Page, facts: { name: string }): Promise<string> {
  const { id } = await sent(page, 'athletes', facts);
  added.push(id);
  return id;
}

async function sent(page: Page, path: string, data: object): Promise<{ id: string }> {
  const answer = await posted(page, path, data);
  expect(answer.ok(), await answer.text()).toBe(true);
  return (await answer.json()) as { id: string };
}

/**
 * Keeps a block of its own that is under way, six weeks of up to 140 km handed out, and
 * lowers its peak to 120 km afterwards: laid out anew they would be lighter. Gives the
 * kilometres of those six weeks as they are shown.
 */
export async function keepBlockUnderWay(
  page: Page,
  athlete: string,
): Promise<{ id: string; over: string[] }> {
  const squad = await page.request.get(`${addressOf('demo')}/api/squad`);
  const { athletes } = (await squad.json()) as Squad;
  const model = athletes.find(({ facts }) => facts.name === 'Ottoline Brack')?.block?.id;
  const answer = await page.request.get(`${addressOf('demo')}/api/blocks/${model ?? ''}`);
  const { wishes, history } = (await answer.json()) as OpenBlock;
  const athleteId = await addAthlete(page, { ...wishes.athlete, name: athlete });
  const own = { ...wishes, athlete: { ...wishes.athlete, name: athlete } };
  const { id } = await sent(page, 'blocks', { athleteId, wishes: own, history });
  const body = {
    revision: 1,
    wishes: { ...own, volume: { ...own.volume, peak: 120_000 } },
    words: 'Lowered the peak to 120 km.',
  };
  const saved = await page.request.put(`${addressOf('demo')}/api/blocks/${id}`, { data: body });
  expect(saved.ok(), await saved.text()).toBe(true);
  const mondays = history.filter((_, day) => day % 7 === 0).slice(0, 6);
  return { id, over: mondays.map(({ week }) => String(Math.round(week.volume / 1000))) };
}

/** What a block of a test is to hold beside its race. */
interface Part {
  results?: object[];
  raceDate?: string;
  week?: object;
}

/** Keeps a block of its own for a test, so that tests do not meet on one, and opens it. */
export async function keepNewBlock(page: Page, athlete: string, part: Part = {}): Promise<string> {
  const id = await addBlock(page, athlete, part);
  await page.goto(`${addressOf('demo')}/blocks/${id}`);
  await expect(page.getByRole('grid', { name: /Ledger/ })).toBeVisible();
  return id;
}

/** Keeps one for a test that begins on another page of it: its own is not drawn first. */
export async function addBlock(page: Page, athlete: string, part: Part = {}): Promise<string> {
  const athleteId = await addAthlete(page, { name: athlete });
  const wishes = {
    format: 'nadir-block',
    version: 2,
    athlete: { name: athlete, results: part.results ?? [] },
    race: { name: 'Goal race', date: part.raceDate ?? '2027-05-09', distance: 10_000 },
    weeks: 12,
    ...(part.week && { week: part.week }),
  };
  const { id } = await sent(page, 'blocks', { athleteId, wishes });
  return id;
}

/** Opens one of the answers that stand in a line. */
export async function openAnswer(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`^${title}:.*Change$`) }).click();
}

/** A figure of the Ledger. */
export function cell(page: Page, row: 'volume' | 'longRun', week: number): Locator {
  return page.locator(`[role=gridcell][data-row=${row}][data-week="${week}"]`);
}

/** Types a pin into the Ledger and keeps it. */
export async function pin(
  page: Page,
  row: 'volume' | 'longRun',
  week: number,
  amount: string,
): Promise<void> {
  await cell(page, row, week).click();
  await page.keyboard.type(amount);
  await page.keyboard.press('Enter');
}

export async function expectSaved(page: Page): Promise<void> {
  await expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible();
}

/** Opens something over the page by its key; keys are heard a moment after a page stands. */
export async function openByKey(page: Page, key: string, opened: Locator): Promise<void> {
  await expect(async () => {
    await page.keyboard.press(key);
    await expect(opened).toBeVisible({ timeout: 1000 });
  }).toPass();
}

/** Puts a table on the real clipboard, and pastes it into the cell in hand. */
export async function paste(page: Page, of: { text: string; html?: string }): Promise<void> {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.evaluate(async ({ text, html }) => {
    const blob = (type: string, body: string) => new Blob([body], { type });
    const parts = { 'text/plain': blob('text/plain', text) };
    await navigator.clipboard.write([
      new ClipboardItem(html ? { ...parts, 'text/html': blob('text/html', html) } : parts),
    ]);
  }, of);
  await page.keyboard.press('Control+v');
}

/** Types the names of a rotation one after the other, each chosen with Enter. */
export async function takeTurns(
  page: Page,
  weekday: string,
  names: readonly string[],
): Promise<void> {
  const field = page.getByRole('combobox', { name: `${weekday}s` });
  await field.click();
  for (const name of names) {
    await field.fill(name);
    // Only what was typed is offered by then, the first of it chosen by Enter.
    await expect(page.getByRole('listbox').getByRole('option').first()).toContainText(name);
    await page.keyboard.press('Enter');
  }
  await page.keyboard.press('Escape');
}

/** A named pace and its figures. */
export function paceRow(page: Page, name: string): Locator {
  return page
    .getByRole('table', { name: 'Named paces' })
    .getByRole('row', { name: new RegExp(`^${name}\\b`) });
}
