import { AxeBuilder } from '@axe-core/playwright';
import { type Page, expect } from '@playwright/test';
import {
  addressOf,
  cell,
  enterBlock,
  enterDemo,
  keepNewBlock,
  openBlock,
  openByKey,
  signIn,
  test,
} from './desk.js';

// They only look, and a scan takes long: both workers share them.
test.describe.configure({ mode: 'parallel' });

/** The law, and best practice beyond it. */
const WCAG = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
/** A session is written on several lines and completed as it is typed: no role of its own says both. */
const LISTED = ['aria-allowed-role'];
/** What night may change: the rest of the page is the same. */
const OF_COLOUR = ['color-contrast', 'link-in-text-block'];

/** Without a page of its own to count up in, and without a list of what passed: half the time of a scan. */
function scanOf(page: Page): AxeBuilder {
  return new AxeBuilder({ page })
    .setLegacyMode()
    .options({ resultTypes: ['violations'] })
    .disableRules(LISTED);
}

/**
 * Every view passes the scan at WCAG 2.2 AA, by day and by night.
 *
 * @param part scanned alone where the page around it has a scan of its own
 */
async function expectAccessible(page: Page, part = 'html'): Promise<void> {
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme });
    await expect.poll(() => page.evaluate(paper)).toBe(PAPER[colorScheme]);
    const scan = scanOf(page).include(part);
    const rules = colorScheme === 'light' ? scan.withTags(WCAG) : scan.withRules(OF_COLOUR);
    const { violations } = await rules.analyze();
    const found = violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`,
    );
    expect(found, colorScheme).toEqual([]);
  }
}

/** On a phone the same views pass the same scan. */
for (const [name, go] of [
  ['the squad', () => Promise.resolve()],
  ['a block', (page: Page) => openBlock(page, 'Idris Vale')],
  [
    'a week',
    async (page: Page) => {
      await openBlock(page, 'Idris Vale');
      await page.goto(`${page.url()}/week/9`);
      await expect(page.getByRole('article').first()).toBeVisible();
    },
  ],
  [
    'a diary',
    async (page: Page) => {
      await openBlock(page, 'Wren Castellan');
      await page.goto(`${page.url()}/diary/7`);
      await expect(page.getByRole('article').first()).toBeVisible();
    },
  ],
] as const) {
  test(`${name} is accessible on a phone`, async ({ page }) => {
    await enterDemo(page);
    await go(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await expect(page.getByRole('navigation', { name: 'Places, on a phone' })).toBeVisible();
    const { violations } = await scanOf(page).withTags(WCAG).analyze();
    expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html ?? ''}`)).toEqual([]);
  });
}

test('figures of the Ledger stand whole on a phone, the marked ones too', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await enterBlock(page, 'Idris Vale');
  const figures = page.locator(
    '[role=gridcell][data-row=volume], [role=gridcell][data-row=longRun]',
  );
  const cut = () =>
    figures.evaluateAll((cells) =>
      cells.filter((cell) => cell.scrollWidth > cell.clientWidth).map((cell) => cell.textContent),
    );
  // Until its own font is there, another one is measured.
  await expect.poll(cut).toEqual([]);
});

test('a block opens on a phone with today’s week in its middle, and keeps the names of its rows', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await enterBlock(page, 'Idris Vale');
  // Four columns further: beyond the edge of what begins at week 1.
  await expect(cell(page, 'volume', 13)).toBeInViewport();
  await expect(page.getByRole('rowheader', { name: 'Volume, km' })).toBeInViewport({ ratio: 1 });
  await expect(page.getByRole('link', { name: 'Week 9' })).toBeInViewport({ ratio: 1 });
});

/** The paper of either theme. */
const PAPER = { light: 'rgb(250, 247, 238)', dark: 'rgb(24, 28, 32)' };

/** The colour of the paper, by which the two themes differ. */
function paper(): string {
  return getComputedStyle(document.body).backgroundColor;
}

test('no view of a block is wider than a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await enterBlock(page, 'Posy Arkwright');
  const block = page.url();
  for (const view of ['', '/sheet', '/week/9', '/hard-days', '/paces', '/diary', '/handouts']) {
    await page.goto(block + view);
    await expect(page.getByRole('heading', { level: 1, name: 'Posy Arkwright' })).toBeVisible();
    await expect(page.locator('main')).not.toHaveAttribute('aria-busy', 'true');
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width, view).toBe(390);
  }
});

test('no view beside a block is wider than a page that is read at four times its size', async ({
  page,
}) => {
  await page.setViewportSize({ width: 320, height: 700 });
  await signIn(page);
  for (const view of ['', 'last-week', 'blocks', 'named-paces', 'house-rules', 'shorthand']) {
    await page.goto(`${addressOf('demo')}/${view}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.locator('main')).not.toHaveAttribute('aria-busy', 'true');
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width, view).toBe(320);
  }
});

test('no word of a day runs over the next one, at a tablet’s width', async ({ page }) => {
  await page.setViewportSize({ width: 1024, height: 768 });
  await enterBlock(page, 'Ottoline Brack');
  const days = page.getByRole('region', { name: /^Days of week/ }).locator('[data-weight]');
  await expect(days).toHaveCount(7);
  const over = await days.evaluateAll((all) =>
    all.flatMap((day) => {
      const edge = day.getBoundingClientRect().right;
      const parts = [...day.querySelectorAll('span, button, li')];
      return parts
        .filter((part) => part.getBoundingClientRect().right > edge + 1)
        .map(({ textContent }) => textContent);
    }),
  );
  expect(over).toEqual([]);
});

test('sign-in is accessible', async ({ page }) => {
  await page.goto(`${addressOf('demo')}/?signed-out`);
  await expect(page.getByRole('button', { name: /Sign in as/ })).toBeVisible();
  await expectAccessible(page);
});

test('the squad is accessible', async ({ page }) => {
  await enterDemo(page);
  await expect(page.getByRole('link', { name: 'Idris Vale', exact: true })).toBeVisible();
  await expectAccessible(page);
});

test('an athlete’s record is accessible', async ({ page }) => {
  await enterDemo(page);
  await page.getByRole('link', { name: 'Record of Idris Vale' }).click();
  await page.getByRole('button', { name: 'Wed', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Blocks that read this record' })).toBeVisible();
  await expectAccessible(page);
});

test('a block is accessible', async ({ page }) => {
  await enterBlock(page, 'Idris Vale');
  await expectAccessible(page);
});

test('a new block is accessible', async ({ page }) => {
  await signIn(page);
  await page.goto(`${addressOf('demo')}/blocks/new`);
  await expect(page.getByRole('group', { name: /^Section/ })).toBeVisible();
  await expectAccessible(page);
});

test('the wishes of a block are accessible', async ({ page }) => {
  await enterBlock(page, 'Posy Arkwright');
  await page.getByRole('link', { name: 'Edit plan' }).click();
  await expect(page.getByRole('button', { name: 'Keep this plan' })).toBeVisible();
  await expectAccessible(page);
});

for (const [name, path, heading] of [
  ['the house rules are', '/house-rules', 'House rules'],
  ['the blocks are', '/blocks', 'Blocks'],
  ['the comparison is', '/compare', 'Compare'],
  ['the pace card of the group is', '/paces', 'Pace card of the group'],
  ['the named paces are', '/named-paces', 'Named paces'],
  ['the sessions are', '/shorthand', 'Sessions'],
] as const) {
  test(`${name} accessible`, async ({ page }) => {
    await signIn(page);
    await page.goto(`${addressOf('demo')}${path}`);
    await expect(page.getByRole('heading', { name: heading, exact: true })).toBeVisible();
    await expect(page.getByRole('table').first()).toBeVisible();
    await expectAccessible(page);
  });
}

test('the sheet is accessible, also while a cell is written', async ({ page }) => {
  await enterBlock(page, 'Idris Vale');
  await page.getByRole('link', { name: 'Sheet', exact: true }).first().click();
  await expect(page.getByRole('grid', { name: /^Sheet/ })).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Tab');
  await page.locator('[data-week="12"] [data-column="2"]').click();
  await page.keyboard.type('1');
  await expectAccessible(page, '[data-week="12"]');
});

test('the import of a plan is accessible', async ({ page }) => {
  await signIn(page);
  await page.goto(`${addressOf('demo')}/import`);
  await page.getByLabel('The plan as a table').fill('Mon\tTue\n8\t6 x 400 @ mile, 60 s');
  await expect(page.getByLabel('Column 1 holds')).toBeVisible();
  await page.getByLabel('Race day').fill('18 4 2027');
  await expectAccessible(page);
});

test('the blocks for a group are accessible', async ({ page }) => {
  await signIn(page);
  await keepNewBlock(page, 'Seen by all');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Keep as template' }).click();
  await expect(page.getByText(/Kept as template/)).toBeVisible();
  await page.goto(`${addressOf('demo')}/blocks`);
  await page
    .getByRole('link', { name: /^Blocks for a group from/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Blocks for a group' })).toBeVisible();
  // The whole squad is laid out, with whom other errands added.
  await expect(page.getByRole('checkbox', { name: 'Idris Vale' })).toBeVisible({ timeout: 45_000 });
  await expectAccessible(page);
});

test('the hard days are accessible', async ({ page }) => {
  await enterBlock(page, 'Idris Vale');
  await page.getByRole('link', { name: 'Hard days' }).first().click();
  await expect(page.getByRole('heading', { name: 'Rotation', level: 2 })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('combobox', { name: 'Tuesdays' }).click();
  await expectAccessible(page, '.MuiAutocomplete-popper');
});

test('a week of days is accessible', async ({ page }) => {
  await enterBlock(page, 'Idris Vale');
  await page.getByRole('link', { name: 'Week', exact: true }).first().click();
  await expect(page.getByRole('article').first()).toBeVisible();
  await page
    .getByRole('article', { name: /quality/ })
    .first()
    .click();
  await expectAccessible(page);
});

test('a diary is accessible, also while a day is written and told of', async ({ page }) => {
  await enterBlock(page, 'Wren Castellan');
  await page.goto(`${page.url()}/diary/7`);
  await page.getByRole('button', { name: 'Tue 2 Feb', exact: true }).click();
  await page.getByRole('button', { name: /^Done on Wed 3 Feb/ }).click();
  await expect(page.getByRole('textbox', { name: 'What was done on Wed 3 Feb' })).toBeVisible();
  await expectAccessible(page);
});

test('last week of the squad is accessible, and leads to a diary', async ({ page }) => {
  await enterDemo(page);
  await page.getByRole('link', { name: 'Last week', exact: true }).click();
  await expect(page.getByRole('row', { name: /Ottoline Brack.*−/ })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Ottoline Brack' }).click();
  await expect(page.getByRole('heading', { name: 'Week 6 in review' })).toBeVisible();
});

test('bringing in runs is accessible', async ({ page }) => {
  await enterBlock(page, 'Wren Castellan');
  await page.getByRole('link', { name: 'Diary' }).click();
  await page.getByRole('link', { name: 'Bring in runs' }).click();
  await page
    .getByRole('textbox', { name: 'Runs as a table' })
    .fill('Date,Distance,Time\n2026-12-01,10,50:00\nsoon,1,1');
  await expect(page.getByRole('button', { name: 'Take 1 run' })).toBeVisible();
  await expectAccessible(page);
});

test('handouts are accessible', async ({ page }) => {
  await enterBlock(page, 'Posy Arkwright');
  await page.getByRole('link', { name: 'Handouts' }).click();
  await expect(page.getByRole('button', { name: 'Copy this week' })).toBeVisible();
  await expectAccessible(page);
});

test('the history and the tabs beside the drawing are accessible', async ({ page }) => {
  await enterBlock(page, 'Idris Vale');
  await page.getByRole('tab', { name: 'Races & days away' }).click();
  await page.getByRole('button', { name: 'Add a race or days away' }).click();
  await expectAccessible(page, 'aside');
  await page.getByRole('tab', { name: 'Solver' }).click();
  await expectAccessible(page, 'aside');
  await page.goto(`${page.url()}/history`);
  await expect(page.getByRole('list', { name: /Changes/ })).toBeVisible();
  await expectAccessible(page);
});

test('the paces and the splits are accessible', async ({ page }) => {
  await enterBlock(page, 'Idris Vale');
  await page.getByRole('link', { name: 'Paces', exact: true }).first().click();
  await page.getByRole('button', { name: 'Enter a result' }).click();
  await expectAccessible(page);
  await page.getByRole('heading', { name: 'Results' }).click();
  await openByKey(page, 'Control+k', page.getByRole('dialog'));
  await expectAccessible(page, '[role=dialog]');
  await page.keyboard.type('splits');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectAccessible(page, '[role=dialog]');
});

test('settings are accessible', async ({ page }) => {
  await signIn(page);
  await page.goto(`${addressOf('demo')}/settings`);
  await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible();
  await expectAccessible(page);
});

test('a whole block stands on the page without scrolling, at 1280 × 800', async ({ page }) => {
  await enterBlock(page, 'Idris Vale');
  const main = page.locator('main');
  const overflow = await main.evaluate((element) => [
    element.scrollHeight - element.clientHeight,
    element.scrollWidth - element.clientWidth,
  ]);
  expect(overflow).toEqual([0, 0]);
});

test('figures stand under their own week: ledger and drawing share their columns', async ({
  page,
}) => {
  await enterBlock(page, 'Ottoline Brack');
  for (const week of [1, 8, 16]) {
    const figure = await page.locator(`[data-row=volume][data-week="${week}"]`).boundingBox();
    const bar = await page.getByRole('img', { name: new RegExp(`^Week ${week}:`) }).boundingBox();
    const middleOf = (box: typeof bar) => (box?.x ?? 0) + (box?.width ?? 0) / 2;
    expect(Math.abs(middleOf(figure) - middleOf(bar))).toBeLessThan(6);
  }
});

test('an address that leads nowhere says so, and a foreign block is not found', async ({
  page,
}) => {
  await signIn(page);
  await page.goto(`${addressOf('demo')}/nowhere`);
  await expect(page.getByText('There is nothing here')).toBeVisible();
  await page.goto(`${addressOf('demo')}/blocks/7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a11`);
  await expect(page.getByText('There is no such block.')).toBeVisible();
  // What is not there is not asked for again: the way on is the squad.
  await expect(page.getByRole('button', { name: 'Try again' })).toBeHidden();
  await page.getByRole('link', { name: 'Go to the squad' }).click();
  await expect(page.getByRole('link', { name: 'Idris Vale', exact: true })).toBeVisible();
});

test('an address in capitals opens its block all the same', async ({ page }) => {
  await enterBlock(page, 'Kit Sorrel');
  const id = page.url().split('/').at(-1) ?? '';
  await page.goto(`${addressOf('demo')}/blocks/${id.toUpperCase()}`);
  await expect(page.getByRole('grid', { name: /Ledger/ })).toBeVisible();
});

test('the API is documented on a page of its own, where that is asked for', async ({ page }) => {
  await page.goto(`${addressOf('demo')}/api/docs`);
  await expect(page.getByText('Lays out a new block and keeps its wishes.')).toBeVisible();
  expect((await page.request.get(`${addressOf('own')}/api/docs`)).status()).toBe(404);
});

test.describe('in a tab of its own, with nothing kept from before', () => {
  test.use({ tab: 'new' });

  test('files come as small as they were compressed when they were built', async ({ page }) => {
    const seen: (string | undefined)[] = [];
    page.on('response', (response) => {
      if (/\/assets\/first-.*\.js$/.test(response.url())) {
        seen.push(response.headers()['content-encoding']);
      }
    });
    await page.goto(addressOf('demo'));
    await expect(page.getByRole('link', { name: 'Squad' }).first()).toBeVisible();
    // Browsers offer brotli only over a safe line; on loopback gzip is what they ask for.
    expect(seen.length).toBeGreaterThan(0);
    for (const encoding of seen) expect(encoding).toMatch(/^(br|gzip)$/);
  });
});
