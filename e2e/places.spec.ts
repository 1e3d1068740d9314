import palette from '../src/ui/palette.json';
import { PHONE, WIDE, expect, test } from './porch';

/** As the browser says a colour of ours. */
const rgb = (hex: string): string =>
  `rgb(${[1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16)).join(', ')})`;

test.use({ viewport: PHONE });

test('checking something off by hand asks for a date, moves the gate, and is undoable', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  const before = await porch.leftToKeys();
  await porch.press('Sleep here: what it asks');
  const check = page.getByRole('button', { name: /^Check off: / }).first();
  await check.click();
  await page.getByLabel('Another day').fill('31 Feb');
  await porch.press('Use it');
  await expect(page.getByRole('alert')).toHaveText(/“31 Feb” is not a day/);
  await expect(page.getByRole('alert')).toHaveCSS('color', rgb(palette.day.brick));
  await page.getByLabel('Another day').fill('12 Mar');
  await porch.press('Use it');
  await expect(page.getByText('Met · checked Thu 12 Mar')).toBeVisible();
  await expect.poll(() => porch.leftToKeys()).toBe(before - 1);
  await porch.press(/^Undo: Checked/);
  await expect.poll(() => porch.leftToKeys()).toBe(before);
});

test('an inspection that passes lets its jobs go', async ({ porch, page }) => {
  await porch.openDemo();
  await porch.go('Order');
  await page.getByRole('link', { name: /^held, Rough electrical inspection/ }).click();
  await expect(page.getByText(/The last visit did not pass: bonding jumper missing/)).toBeVisible();
  await porch.press('It passed');
  await porch.press('Today, Sat 14 Mar');
  await expect(page.getByText('nothing left to do here', { exact: false })).toBeVisible();
});

test('an order placed is on the way, and what comes damaged is ordered again', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  await porch.go('Stores');
  const order = page.getByRole('button', { name: /^Ordered today: / }).first();
  const what = ((await order.getAttribute('aria-label')) ?? '').replace('Ordered today: ', '');
  await page
    .getByRole('button', { name: `Ordered today: ${what}`, exact: true })
    .first()
    .click();
  await expect(page.getByText(`${what} ordered, expected`)).toBeVisible();
  await page
    .getByRole('button', { name: `It came: ${what}` })
    .first()
    .click();
  await porch.choose('How did it come', 'damaged');
  await expect(page.getByRole('heading', { name: 'Came short, damaged or wrong' })).toBeVisible();
});

test('wide, the board opens a job beside it', async ({ porch, page }) => {
  await page.setViewportSize(WIDE);
  await porch.openDemo();
  await porch.go('Order');
  await page.getByRole('button', { name: /^Prime, Living/ }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Prime' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Lets go' })).toBeVisible();
});

test('sizes show in metres at any time, and nothing is rounded by it', async ({ porch, page }) => {
  await porch.openDemo();
  const file = await porch.exportHouse();
  await porch.go('Settings');
  await porch.choose('Show sizes in', 'metres');
  await porch.openRoom('Back bedroom');
  // 13' 2" is 4.013 m, 11' 8" is 3.556 m.
  await expect(page.getByText(/4\.013 m, 3\.556 m/)).toBeVisible();
  await porch.go('Settings');
  await porch.choose('Show sizes in', 'feet and inches');
  const after = await porch.exportHouse();
  expect(after.split('\n').slice(0, file.split('\n').length - 2)).toEqual(
    file
      .split('\n')
      .slice(0, -2)
      .map((line, at, all) => (at === all.length - 1 ? `${line},` : line)),
  );
});

test('tables go out as CSV', async ({ porch, page }) => {
  await porch.openDemo();
  await porch.go('Share');
  const saved = page.waitForEvent('download');
  await porch.press('Spending as CSV');
  expect((await saved).suggestedFilename()).toBe('old-bakery-quince-lane-spending.csv');
  const jobs = page.waitForEvent('download');
  await porch.press('Jobs as CSV');
  expect((await jobs).suggestedFilename()).toBe('old-bakery-quince-lane-jobs.csv');
});

test('a budget and hours can be changed, and a house without hours says so', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  await porch.go('Settings');
  await porch.fill('For planned work', 'plenty');
  await porch.press('Keep the budget');
  await expect(page.getByRole('alert')).toContainText('“plenty” is not a sum');
  await porch.fill('For planned work', '20,000');
  await porch.press('Keep the budget');
  await porch.go('Spend');
  await expect(porch.heading()).toContainText('Short by');
});

test('Keys tries out what brings the day forward, and doing it can be undone', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  await porch.go('Keys');
  await porch.press('Try out what would bring it forward');
  const doIt = page.getByRole('button', { name: /^Do it: / });
  await expect(doIt.first()).toBeVisible();
  await expect(page.getByText(/^\d+ days? sooner$/).first()).toBeVisible();
  await porch.expectAccessible('keys, ways forward');
  await doIt.first().click();
  await expect(page.getByRole('button', { name: /^Undo: / })).toBeVisible();
});

test('Keys answers what it takes to be there by a day, and says why the day moved once it is done', async ({
  porch,
  page,
}) => {
  await porch.startHouse();
  await porch.addRoom({ kind: 'Bedroom', length: `12'`, width: `10'` });
  await porch.addRoom({ kind: 'Bathroom', length: `8'`, width: `6'` });
  await porch.finishRooms(2);
  await porch.chooseWorks('Bathroom', ['New bathroom']);
  await porch.chooseWorks('Bedroom', ['Strip and re-line walls and ceiling']);
  await porch.go('Keys');
  await porch.fill('By which day', 'soon');
  await porch.press('What would it take?');
  await expect(page.getByRole('alert').first()).toContainText('“soon” is not a day');
  await porch.fill('By which day', 'tomorrow');
  await porch.press('What would it take?');
  const answer = page.getByRole('region', { name: 'What it takes' });
  await expect(answer.getByRole('status')).toContainText(/likely by .*fairly safe by/);
  await expect(answer.getByText(/^Gives up: /).first()).toBeVisible();
  await answer.getByRole('button', { name: /^Do (it|all of it)$/ }).click();
  await expect(page.getByRole('button', { name: /^Undo: / })).toBeVisible();
  await porch.settle();
  const live = page.getByRole('region', { name: 'Live here' });
  await expect(live.getByText(/^As planned \d+ days? sooner than before/)).toBeVisible();
});

test('the calendar file holds the days of work', async ({ porch, page }) => {
  await porch.openDemo();
  await porch.go('Share');
  const saved = page.waitForEvent('download');
  await porch.press('Calendar file');
  expect((await saved).suggestedFilename()).toBe('old-bakery-quince-lane.ics');
});
