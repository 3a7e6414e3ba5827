import { type Locator, type Page, expect } from '@playwright/test';
import { addressOf, enterBlock, expectSaved, addBlock, signIn, test } from './desk.js';

test.beforeEach(({ page }) => signIn(page));

/** A day of the page, by the beginning of its name. */
const day = (page: Page, name: string): Locator =>
  page.getByRole('article', { name: new RegExp(`^${name}`) });

/** Opens the third week of a block of its own: Monday 1 March to Sunday 7 March 2027. */
async function openWeek(page: Page, athlete: string): Promise<string> {
  const id = await addBlock(page, athlete, {
    results: [{ date: '2027-01-20', distance: 10_000, time: 2430 }],
    // Monday is run, and Tuesday is the one hard day of the foundation.
    week: { runDays: 6, qualityOn: ['tuesday', 'friday'] },
  });
  await page.goto(`${addressOf('demo')}/blocks/${id}/week/2027-03-03`);
  await expect(day(page, 'Wed 3 Mar')).toBeVisible();
  return id;
}

/** What the week adds up to, as its heading says. */
const weekSum = (page: Page) => page.locator('[data-figure=week-volume] dd').innerText();
const daysSum = async (page: Page) => {
  const figures = await page.locator('[data-figure=day]').allInnerTexts();
  return figures.reduce((total, text) => total + (Number.parseFloat(text) || 0), 0);
};

test('takes a ready week: shown while pointed at, dealt out to the kilometre, undone', async ({
  page,
}) => {
  await openWeek(page, 'A ready week');
  const before = await page.locator('[data-figure=day]').allInnerTexts();
  await page.getByRole('button', { name: /^Seven runs:/ }).hover();
  await expect(day(page, 'Thu 4 Mar')).not.toContainText('Rest');
  await page.mouse.move(5, 5);
  await expect.poll(() => page.locator('[data-figure=day]').allInnerTexts()).toEqual(before);
  await page.getByRole('button', { name: /^Seven runs:/ }).click();
  await expect.poll(async () => `${await daysSum(page)} km`).toBe(await weekSum(page));
  await expectSaved(page);
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect.poll(() => page.locator('[data-figure=day]').allInnerTexts()).toEqual(before);
});

test('moves a day by mouse and by keyboard, within the week and beyond it', async ({ page }) => {
  await openWeek(page, 'A moved day');
  const quality = day(page, 'Tue 2 Mar');
  await expect(quality).toContainText('Quality');
  const session = await quality.getByRole('listitem').first().innerText();
  const grip = await page.getByRole('button', { name: 'Move Tue 2 Mar' }).boundingBox();
  const target = await day(page, 'Wed 3 Mar').boundingBox();
  if (!grip || !target) throw new Error('nothing to drag');
  await page.mouse.move(grip.x + 4, grip.y + 4);
  await page.mouse.down();
  await page.mouse.move(grip.x + 40, grip.y + 30, { steps: 4 });
  await page.mouse.move(target.x + target.width / 2, target.y + 60, { steps: 6 });
  await expect(page.getByText('Over Wed 3 Mar')).toBeAttached();
  await page.mouse.up();
  await expect(day(page, 'Wed 3 Mar')).toContainText('Quality');
  await expect(day(page, 'Tue 2 Mar')).not.toContainText('Quality');
  // The same by keys: back to where it was.
  await day(page, 'Wed 3 Mar').focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(day(page, 'Tue 2 Mar')).toContainText('Quality');
  await expect(day(page, 'Tue 2 Mar').getByRole('listitem').first()).toHaveText(session);
  await page.keyboard.press('c');
  await page.keyboard.press('PageDown');
  await expect(day(page, 'Tue 9 Mar').getByLabel('fixed')).toBeVisible();
  await expect(day(page, 'Tue 9 Mar').getByRole('listitem').first()).toHaveText(session);
  // The long run has its own week, and the page says so.
  await day(page, 'Sun 14 Mar').focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByText('The long run stays in its week')).toBeVisible();
});

test('pins a day by keys, the rest re-deals, and it is left to the week again', async ({
  page,
}) => {
  await openWeek(page, 'A pinned day');
  const before = await page.locator('[data-figure=day]').allInnerTexts();
  await day(page, 'Mon 1 Mar').focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(day(page, 'Mon 1 Mar').getByLabel('fixed')).toBeVisible();
  const pinned = Number.parseFloat(before[0] ?? '') + 2;
  await expect(day(page, 'Mon 1 Mar')).toContainText(`${pinned} km`);
  await expect.poll(async () => `${await daysSum(page)} km`).toBe(await weekSum(page));
  await expect(page.getByRole('main')).toContainText('as planned');
  await page.keyboard.press('Delete');
  await expect.poll(() => page.locator('[data-figure=day]').allInnerTexts()).toEqual(before);
});

test('writes a session with an error at its column, mends it, and completes a pace', async ({
  page,
}) => {
  await openWeek(page, 'A written session');
  await day(page, 'Tue 2 Mar').click();
  const text = page.getByRole('region', { name: 'Tue 2 Mar' }).getByRole('combobox').last();
  await text.fill('2 km easy; 6 x 800 @ 10 km, 90 s jog');
  await expect(page.getByRole('alert')).toContainText('At column 16: “800” cannot be read here.');
  await expect(page.getByRole('button', { name: 'Keep session' })).toBeDisabled();
  await expect(text).toHaveValue('2 km easy; 6 x 800 @ 10 km, 90 s jog');
  await text.fill('');
  await text.pressSequentially('2 km easy; 6 x 800 m @ half-h');
  await page.getByRole('option', { name: /^half-hour/ }).click();
  await expect(text).toHaveValue('2 km easy; 6 x 800 m @ half-hour');
  await page.keyboard.type(', 90 s jog');
  await expect(page.getByText('4.8 km', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Keep session' }).click();
  await expect(day(page, 'Tue 2 Mar')).toContainText('6 x 800 m half-hour, 90 s jog');
  await expectSaved(page);
  await page.reload();
  await expect(day(page, 'Tue 2 Mar')).toContainText('6 x 800 m half-hour, 90 s jog');
  // Longer by keys it stays as it is written; what is added is run easy around it.
  await day(page, 'Tue 2 Mar').focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(day(page, 'Tue 2 Mar')).toContainText(
    /km easy; 6 x 800 m half-hour, 90 s jog; [\d.]+ km easy/,
  );
  await expect(day(page, 'Tue 2 Mar')).toContainText('Quality');
});

test('assigns a family of the coach’s own to a phase, exposure after exposure', async ({
  page,
}) => {
  const id = await openWeek(page, 'A family');
  await page.goto(`${addressOf('demo')}/shorthand`);
  await page.getByLabel('Find').fill('broken tempo');
  await page.getByRole('button', { name: /^Broken tempo/ }).click();
  await page.getByRole('button', { name: 'Make a copy my own' }).click();
  const name = page.getByLabel('Name', { exact: true });
  await name.fill('Quarry miles');
  await page.getByLabel('Find').fill('quarry');
  await expect(page.getByRole('button', { name: /^Quarry miles my own/ })).toBeVisible();
  await page.goto(`${addressOf('demo')}/blocks/${id}/week/2027-03-03`);
  await page.getByRole('tab', { name: 'Sessions' }).click();
  await page.getByLabel('Quality day 1').selectOption({ label: 'Quarry miles' });
  await page.getByRole('tab', { name: 'Day' }).click();
  await day(page, 'Tue 2 Mar').click();
  await expect(page.getByLabel('Quarry miles, exposure 3')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'The week before' }).click();
  await day(page, 'Tue 23 Feb').click();
  await expect(page.getByLabel('Quarry miles, exposure 2')).toBeVisible();
  // What was assigned stays with the block, whatever becomes of the library.
  await page.goto(`${addressOf('demo')}/shorthand`);
  await page.getByRole('button', { name: /^Quarry miles my own/ }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Quarry miles/ })).toBeHidden();
});

test('swaps a run for the pool and back by one key, minute for minute', async ({ page }) => {
  await openWeek(page, 'A sore week');
  const easy = day(page, 'Mon 1 Mar');
  const before = await easy.innerText();
  await easy.focus();
  await page.keyboard.press('p');
  await expect(easy).toContainText('min pool running');
  await expect(easy).toContainText('Pool running instead: soreness');
  await expect(page.getByRole('main')).toContainText('with cross-training');
  await page.keyboard.press('p');
  await expect.poll(() => easy.innerText()).toBe(before);
});

test.describe('on a touch screen', () => {
  test.use({ tab: 'new', hasTouch: true, viewport: { width: 820, height: 1180 } });

  test('moves a day by a held finger; one that only brushes it moves nothing', async ({ page }) => {
    await openWeek(page, 'A touched week');
    const roles = () => page.locator('[data-role=day]').allInnerTexts();
    const before = await roles();
    const grip = await middleOf(page.getByRole('button', { name: 'Move Tue 2 Mar' }));
    const target = await middleOf(day(page, 'Wed 3 Mar'));
    await drawFinger(page, grip, target, 0);
    expect(await roles()).toEqual(before);
    await drawFinger(page, grip, target, 300);
    await expect(day(page, 'Wed 3 Mar')).toContainText('Quality');
    await expect(day(page, 'Tue 2 Mar')).not.toContainText('Quality');
  });
});

interface Place {
  x: number;
  y: number;
}

async function middleOf(mark: Locator): Promise<Place> {
  const box = await mark.boundingBox();
  if (!box) throw new Error('nothing to touch');
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** A finger put down, held for some milliseconds, drawn over the screen and lifted. */
async function drawFinger(page: Page, from: Place, to: Place, held: number): Promise<void> {
  const finger = await page.context().newCDPSession(page);
  const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: Place) =>
    finger.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [at] : [] });
  await send('touchStart', from);
  await page.waitForTimeout(held);
  for (const part of [0.25, 0.5, 0.75, 1]) {
    await send('touchMove', {
      x: from.x + part * (to.x - from.x),
      y: from.y + part * (to.y - from.y),
    });
  }
  await send('touchEnd');
  await finger.detach();
}

test('an address of a week that there is not is said, and shows the one of today', async ({
  page,
}) => {
  await enterBlock(page, 'Idris Vale');
  const block = page.url();
  await page.goto(`${block}/week/99`);
  const said = page.getByRole('status').filter({ hasText: 'This block has no week' });
  await expect(said).toHaveText(/no week or day “99”\. This is its week \d+\./);
  await page.goto(`${block}/week/2027-02-10`);
  await expect(page.getByRole('article').first()).toBeVisible();
  await expect(said).toHaveCount(0);
  await page.goto(`${block}/diary/99`);
  await expect(said).toHaveText(/no week “99” that has begun\. This is its week \d+\./);
});
