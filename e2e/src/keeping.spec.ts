import { type BrowserContext, type Page, expect } from '@playwright/test';
import { addressOf, cell, expectSaved, keepNewBlock, pin, signIn, test } from './desk.js';

test.use({ tab: 'new' });
test.beforeEach(({ page }) => signIn(page));

/** Saves get no further than the browser, as when the line is cut. */
async function cutSaves(on: Page | BrowserContext): Promise<void> {
  await on.route('**/api/blocks/**', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
}

/** Saves do not leave their page: of one that is closed, an intercepted save may still get through. */
async function holdSaves(context: BrowserContext): Promise<void> {
  await context.addInitScript(() => {
    const send = window.fetch.bind(window);
    Object.assign(window, { lineIsCut: true });
    window.fetch = (input, init) => {
      return init?.method === 'PUT' && 'lineIsCut' in window
        ? Promise.reject(new TypeError('The line is cut.'))
        : send(input, init);
    };
  });
}

const offline = (page: Page) => page.getByRole('status').filter({ hasText: /^Offline/ });

test('goes on saving where the device keeps nothing, full or denied, and says so', async ({
  page,
  context,
}) => {
  const id = await keepNewBlock(page, 'Kept nowhere');
  await page.addInitScript(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    };
  });
  await page.reload();
  await pin(page, 'volume', 3, '31');
  await expect(
    page.getByRole('status').filter({ hasText: 'not kept on this device' }),
  ).toBeVisible();
  await expectSaved(page);

  const denied = await context.newPage();
  await denied.addInitScript(() => {
    const deny = () => {
      throw new DOMException('Access is denied for this document.', 'SecurityError');
    };
    for (const name of ['indexedDB', 'localStorage', 'sessionStorage']) {
      Object.defineProperty(window, name, { get: deny });
    }
  });
  await denied.goto(`${addressOf('demo')}/blocks/${id}`);
  await expect(cell(denied, 'volume', 3)).toHaveText('31');
  await pin(denied, 'volume', 4, '32');
  await expectSaved(denied);
  await denied.reload();
  await expect(cell(denied, 'volume', 4)).toHaveText('32');
});

test('a second tab knows of the first, and shows what is saved there', async ({
  page,
  context,
}) => {
  await keepNewBlock(page, 'Both open');
  const other = await context.newPage();
  await other.goto(page.url());
  const note = (tab: Page) => tab.getByText('also open in another tab');
  await expect(note(other)).toBeVisible();
  await expect(note(page)).toBeVisible();
  await pin(page, 'volume', 5, '33');
  await expect(cell(other, 'volume', 5)).toHaveText('33');
  await pin(other, 'volume', 6, '34');
  await expect(cell(page, 'volume', 6)).toHaveText('34');
  await other.close();
  await expect(note(page)).toBeHidden();
});

test('two tabs that are closed unsaved both come back, and the coach chooses', async ({
  page,
  context,
}) => {
  const id = await keepNewBlock(page, 'Two drafts');
  await holdSaves(context);
  const tabs = [await context.newPage(), await context.newPage()] as const;
  for (const [index, tab] of tabs.entries()) {
    await tab.goto(`${addressOf('demo')}/blocks/${id}`);
    await pin(tab, 'volume', 5 + index, '35');
    await expect(offline(tab)).toBeVisible();
  }
  // Each has kept its own beside the other's.
  for (const tab of tabs) await tab.close();
  // The browser lets go of a closed page's hold when it comes to it; a draft in hand is not asked about.
  await expect
    .poll(() => page.evaluate(async () => (await navigator.locks.query()).held?.length))
    .toBe(1);
  await page.reload();
  const dialog = page.getByRole('dialog', { name: 'Two unsaved versions of this block' });
  await expect(dialog.getByText('fixed: week 5')).toBeVisible();
  await expect(dialog.getByText('fixed: week 6')).toBeVisible();
  await page.evaluate(() => Reflect.deleteProperty(window, 'lineIsCut'));
  await dialog.getByRole('button', { name: 'Use the earlier one' }).click();
  await expectSaved(page);
  await expect(cell(page, 'volume', 5)).toHaveText('35');
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(cell(page, 'volume', 6)).toHaveText('35');
  await expectSaved(page);
  await page.reload();
  await expect(dialog).toBeHidden();
  await expect(cell(page, 'volume', 6)).toHaveText('35');
});

test('a save whose answer is lost is no conflict with oneself', async ({ page }) => {
  await keepNewBlock(page, 'Lost answer');
  const statuses: number[] = [];
  let lost = 0;
  await page.route('**/api/blocks/**', async (route) => {
    if (route.request().method() !== 'PUT') return route.continue();
    const answer = await route.fetch();
    statuses.push(answer.status());
    // It is stored; the page never hears of it.
    return lost++ === 0 ? route.abort('connectionreset') : route.fulfill({ response: answer });
  });
  await pin(page, 'volume', 4, '36');
  await expect(offline(page)).toBeVisible();
  await pin(page, 'volume', 5, '37');
  await expectSaved(page);
  expect(statuses).toEqual([200, 200, 200]);
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'History' }).click();
  await expect(page.getByRole('list', { name: /^Changes/ }).getByRole('listitem')).toHaveCount(3);
});

test('a version that cannot be laid out leads to the stored one, and can be taken along', async ({
  page,
}) => {
  const id = await keepNewBlock(page, 'Broken draft');
  await cutSaves(page);
  await pin(page, 'volume', 4, '36');
  await expect(offline(page)).toBeVisible();
  // As a draft of another release might be: its shape can be read, its plan cannot be laid out.
  await page.evaluate(async () => {
    const database = await new Promise<IDBDatabase>((resolve) => {
      const asked = indexedDB.open('nadir');
      asked.onsuccess = () => resolve(asked.result);
    });
    const store = database.transaction('drafts', 'readwrite').objectStore('drafts');
    const cursor = await new Promise<IDBCursorWithValue | null>((resolve) => {
      const asked = store.openCursor();
      asked.onsuccess = () => resolve(asked.result);
    });
    const draft = cursor?.value as { wishes: object };
    draft.wishes = {
      ...draft.wishes,
      phases: { layout: 'own', own: [] },
      weeks: 4,
      pins: [{ week: 25, volume: 9000 }],
    };
    await new Promise((resolve) => {
      const put = cursor?.update(draft);
      if (put) put.onsuccess = resolve;
    });
  });
  await page.unroute('**/api/blocks/**');
  await page.route(`**/api/blocks/${id}`, (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await page.goto(`${addressOf('demo')}/blocks/${id}`);
  await expect(
    page.getByRole('heading', { name: 'This version cannot be laid out' }),
  ).toBeVisible();
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download what is kept here' }).click();
  expect((await downloading).suggestedFilename()).toBe('nadir-kept-on-this-device.json');
  await page.getByRole('button', { name: 'Open the stored version' }).click();
  await expect(cell(page, 'volume', 4)).toBeVisible();
  await expect(cell(page, 'volume', 4)).not.toHaveText('36');
  await page.reload();
  await expect(cell(page, 'volume', 4)).toBeVisible();
});

test('signing out says what is unsent, and leaves nothing on the device', async ({ page }) => {
  await keepNewBlock(page, 'Unsent');
  await cutSaves(page);
  await pin(page, 'volume', 4, '36');
  await expect(offline(page)).toBeVisible();
  await page.getByRole('link', { name: 'Settings' }).first().click();
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Not everything is saved' });
  await expect(dialog.getByText('Unsent, Goal race: 1 change')).toBeVisible();
  await dialog.getByRole('button', { name: 'Stay signed in' }).click();
  await page.getByRole('link', { name: 'Block', exact: true }).click();
  await expect(cell(page, 'volume', 4)).toHaveText('36');
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await dialog.getByRole('button', { name: 'Sign out and remove them' }).click();
  await expect(page.getByRole('button', { name: 'Sign in as Maren Tolvik' })).toBeVisible();
  const kept = await page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const asked = indexedDB.open('nadir');
        asked.onsuccess = () => {
          const count = asked.result.transaction('drafts').objectStore('drafts').count();
          count.onsuccess = () => resolve(count.result);
        };
      }),
  );
  expect(kept).toBe(0);
});

test('a sign-in that runs out loses nothing', async ({ page, context }) => {
  await keepNewBlock(page, 'Ran out');
  await context.clearCookies();
  await pin(page, 'volume', 4, '36');
  // The demo lets its coach in again by itself; the change was kept meanwhile.
  await expect.poll(async () => (await context.cookies()).length).toBe(1);
  await expect(cell(page, 'volume', 4)).toHaveText('36');
  await expectSaved(page);
  await page.evaluate(() => indexedDB.deleteDatabase('nadir'));
  await page.reload();
  await expect(cell(page, 'volume', 4)).toHaveText('36');
});

test('a tab from before an upgrade opens itself anew, once', async ({ page }) => {
  await page.goto(addressOf('demo'));
  await expect(page.getByRole('link', { name: 'Settings' })).toBeVisible();
  const gone = /\/assets\/SettingsPage.*\.js/;
  let asked = 0;
  await page.route(gone, (route) => {
    asked += 1;
    return asked === 1
      ? route.fulfill({ status: 404, contentType: 'application/json', body: '{}' })
      : route.continue();
  });
  await page.getByRole('link', { name: 'Settings' }).click();
  await expect(page.getByRole('link', { name: 'Squad', exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Settings' }).click();
  await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible();
});
