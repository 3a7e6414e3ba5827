import { AxeBuilder } from '@axe-core/playwright';
import { type BrowserContext, type Page, expect } from '@playwright/test';
import { addressOf, expectSaved, addBlock, signIn, test as base } from './desk.js';
import { layLine, type Line } from './line.js';

const test = base.extend<{ line: Line }>({
  line: ({ baseURL: _ }, use) => layLine(addressOf('demo'), use),
});

test.beforeEach(({ page }) => signIn(page));

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };

/** A block in its third week, and the link to its athlete’s page. */
async function makeLink(page: Page, athlete: string): Promise<{ id: string; link: string }> {
  const id = await addBlock(page, athlete, { raceDate: '2027-04-18' });
  await page.goto(`${addressOf('demo')}/blocks/${id}/handouts`);
  const phone = page.getByRole('region', { name: 'On the phone' });
  await phone.getByRole('button', { name: 'Make a link' }).click();
  await expect(phone.getByRole('img', { name: /for a camera/ })).toBeVisible();
  await expect(phone.getByText('Not opened yet.')).toBeVisible();
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await phone.getByRole('button', { name: 'Copy the link' }).click();
  await expect(page.getByText('Copied the link.')).toBeVisible();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  return { id, link };
}

/** The page on a phone of its own, kept there by now. */
async function onThePhone(phone: BrowserContext, link: string): Promise<Page> {
  const page = await phone.newPage();
  await page.goto(link);
  await expect(page.getByRole('region', { name: 'Today' })).toBeVisible();
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  return page;
}

/** A link that is opened along a line of its own. */
function along(line: Line, link: string): string {
  return link.replace(addressOf('demo'), line.address);
}

/** What the coach has of some days. */
async function recorded(page: Page, id: string): Promise<{ date: string; words?: string }[]> {
  const block = (await (
    await page.request.get(`${addressOf('demo')}/api/blocks/${id}`)
  ).json()) as {
    athleteId: string;
  };
  const days = '?from=2027-01-25&to=2027-02-11';
  const path = `${addressOf('demo')}/api/athletes/${block.athleteId}/record${days}`;
  const record = (await (await page.request.get(path)).json()) as {
    entries: { date: string; words?: string }[];
  };
  return record.entries;
}

test('an athlete notes a day in one touch, says a word, and reads the answer', async ({
  page,
  browser,
}) => {
  const { id, link } = await makeLink(page, 'Thea Marlow');
  const phone = await browser.newContext(PHONE);
  const mine = await onThePhone(phone, link);
  await mine.getByRole('button', { name: /^Tue 9 Feb/ }).click();
  await mine.getByRole('button', { name: 'As planned' }).click();
  await expect(mine.getByText(/^Noted:/)).toBeVisible();
  const effort = mine.getByRole('slider', { name: 'Effort, 1 to 10' });
  await effort.focus();
  await effort.press('ArrowRight');
  await mine.getByLabel('A word to').fill('Legs like new.');
  await mine.getByRole('button', { name: 'Send it' }).click();
  await expect(mine.getByText(/effort \d, “Legs like new\.”/)).toBeVisible();
  await mine.getByRole('button', { name: 'Today', exact: true }).click();
  await expect(mine.getByRole('region', { name: 'This week' })).toContainText(' run');

  await page.getByRole('link', { name: 'Diary' }).click();
  const from = page.getByRole('region', { name: 'From Thea' });
  await expect(from).toContainText('Tue 9 Feb: “Legs like new.”');
  await from.getByLabel('Your reply').fill('Keep them so.');
  await from.getByLabel('Your reply').press('Enter');
  await expect
    .poll(() => recorded(page, id))
    .toEqual([
      expect.objectContaining({
        words: 'Legs like new.',
        answer: 'Keep them so.',
        source: 'athlete',
      }),
    ]);
  await mine.reload();
  await mine.getByRole('button', { name: /^Tue 9 Feb/ }).click();
  await expect(mine.getByText('Keep them so.')).toBeVisible();
  await phone.close();
});

test('the page is read without a line, and what is noted there is sent when there is one', async ({
  page,
  browser,
  line,
}) => {
  const { id, link } = await makeLink(page, 'Odda Reyne');
  const phone = await browser.newContext(PHONE);
  const mine = await onThePhone(phone, along(line, link));
  await line.cut();
  await mine.reload();
  await expect(mine.getByText(/^Offline\. Updated/)).toBeVisible();
  await expect(mine.getByRole('region', { name: 'This week' })).toBeVisible();
  for (const day of ['Tue 9 Feb', 'Sun 7 Feb']) {
    if (day.startsWith('Sun')) {
      await mine.getByRole('button', { name: 'Whole block' }).click();
      await mine.getByRole('button', { name: /^Week 2,/ }).click();
    }
    await mine.getByRole('button', { name: new RegExp(`^${day}`) }).click();
    await mine.getByRole('button', { name: 'As planned' }).click();
    await expect(mine.getByText(/^Noted on this device:/)).toBeVisible();
  }
  // A second word on what is still on its way.
  await mine.getByLabel('A word to').fill('Ice on the quay.');
  await mine.getByRole('button', { name: 'Send it' }).click();
  await expect(mine.getByText(/“Ice on the quay\.”/)).toBeVisible();
  await expect(mine.getByText(/saved on this device, will sync/)).toBeVisible();
  await mine.reload();
  await expect(mine.getByText(/saved on this device, will sync/)).toBeVisible();
  expect(await recorded(page, id)).toEqual([]);
  await line.mend();
  await mine.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect(mine.getByText(/^Offline/)).toBeHidden();
  await expect
    .poll(async () => (await recorded(page, id)).map(({ date }) => date))
    .toEqual(['2027-02-07', '2027-02-09']);
  expect((await recorded(page, id))[0]?.words).toBe('Ice on the quay.');
  await expect(mine.getByRole('region', { name: 'Not accepted' })).toBeHidden();
  await phone.close();
});

test('a day that is asked to be moved is drawn for the coach, moved, and said on the phone', async ({
  page,
  browser,
}) => {
  const { link } = await makeLink(page, 'Brannock Ives');
  const phone = await browser.newContext(PHONE);
  const mine = await onThePhone(phone, link);
  await mine.getByRole('button', { name: /^Fri 12 Feb/ }).click();
  await mine.getByRole('button', { name: 'Ask to move this day' }).click();
  const ask = mine.getByRole('form', { name: 'Ask to move this day' });
  await ask.getByRole('button', { name: 'Thu 11 Feb' }).click();
  await ask.getByLabel('Reason (optional)').fill('Choir.');
  await ask.getByRole('button', { name: /^Ask / }).click();
  await expect(mine.getByText(/has not answered yet/)).toBeVisible();

  await page.getByRole('link', { name: 'Squad' }).click();
  const row = page.getByRole('row', { name: /Brannock Ives/ });
  await row.getByRole('link', { name: 'Asks to move a day' }).click();
  const from = page.getByRole('region', { name: 'From Brannock' });
  await expect(from).toContainText('Asks to move Fri 12 Feb to Thu 11 Feb');
  await expect(from).toContainText('“Choir.”');
  await from.getByLabel('Reply (optional)').fill('Sing well.');
  await from.getByRole('button', { name: 'Apply' }).click();
  await expect(from).toBeHidden();
  await expectSaved(page);
  await mine.reload();
  await mine.getByRole('button', { name: /^Fri 12 Feb/ }).click();
  await expect(mine.getByText(/Moved to Thu 11 Feb, as you asked\. .*Sing well\./)).toBeVisible();
  await phone.close();
});

test('a link that is ended closes the page; what was not sent is kept there', async ({
  page,
  browser,
  line,
}) => {
  const { link } = await makeLink(page, 'Juna Fairlight');
  const phone = await browser.newContext(PHONE);
  const mine = await onThePhone(phone, along(line, link));
  await line.cut();
  await mine.getByRole('button', { name: /^Tue 9 Feb/ }).click();
  await mine.getByLabel('A word to').fill('Not sent yet.');
  await mine.getByRole('button', { name: 'As planned' }).click();
  await expect(mine.getByText(/saved on this device/)).toBeVisible();
  await page.getByRole('button', { name: 'End the link' }).click();
  await expect(page.getByRole('button', { name: 'Make a link' })).toBeVisible();
  await line.mend();
  await mine.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect(mine.getByRole('heading', { name: 'This page is closed' })).toBeVisible();
  await expect(mine.getByText(/Not sent yet\./)).toBeVisible();
  await expect(mine.getByText('Whole block')).toBeHidden();
  await mine.reload();
  await expect(mine.getByRole('heading', { name: 'This page is closed' })).toBeVisible();
  await phone.close();
});

for (const scheme of ['light', 'dark'] as const) {
  test(`the page on a phone has no fault that a scan finds, ${scheme}`, async ({
    page,
    browser,
  }) => {
    const { link } = await makeLink(page, `Scanned ${scheme}`);
    const phone = await browser.newContext({ ...PHONE, colorScheme: scheme });
    const mine = await onThePhone(phone, link);
    await mine.getByRole('button', { name: 'Note what I did' }).click();
    for (const view of ['Today', 'Whole block', 'Paces']) {
      if (view !== 'Today') await mine.getByRole('button', { name: view }).click();
      const { violations } = await new AxeBuilder({ page: mine })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
        .analyze();
      expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html ?? ''}`)).toEqual([]);
    }
    const { width } = await mine.evaluate(() => ({ width: document.documentElement.scrollWidth }));
    expect(width).toBe(390);
    await phone.close();
  });
}
