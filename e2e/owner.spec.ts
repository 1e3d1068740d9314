import { PHONE, expect, test, type Porch } from './porch';

test.use({ viewport: PHONE });

/** A bedroom to line anew, and a bathroom. */
async function startRooms(porch: Porch): Promise<void> {
  await porch.startHouse();
  await porch.addRoom({ kind: 'Bedroom', length: `12'`, width: `10'` });
  await porch.addRoom({ kind: 'Bathroom', length: `8'`, width: `6'` });
  await porch.addRoom({ kind: 'Kitchen', length: `12'`, width: `11'` });
  await porch.finishRooms(3);
  await porch.chooseWorks('Bedroom', ['Strip and re-line walls and ceiling']);
}

const openJob = async (porch: Porch, title = 'Hang board on the walls'): Promise<void> => {
  await porch.openRoom('Bedroom');
  await porch.page
    .getByRole('main')
    .getByRole('link', { name: new RegExp(`, ${title}, `) })
    .click();
  await expect(porch.heading()).toHaveText(title);
  await expect(porch.page.getByRole('heading', { name: 'Change this job' })).toBeVisible();
};

const figure = (porch: Porch, name: string) =>
  porch.page.getByText(name, { exact: true }).locator('..');

test('a find becomes a job of one’s own, and the day moves', async ({ porch, page }) => {
  await startRooms(porch);
  await porch.keep('found rot at the sill bedroom');
  await openJob(porch);
  const day = page.getByText(/^\w{3} \d+ \w{3}[^·]*· \d+h( \d+)?$/);
  await porch.settle();
  const before = await day.textContent();
  const left = await porch.leftToKeys();
  await porch.go('Journal');
  await page.getByRole('link', { name: 'Make a job of it: rot at the sill' }).click();
  await expect(page.getByText(/It counts as a change order/)).toBeVisible();
  // Nothing is kept half: without hours it is no job, and the fault stands beside its field.
  await porch.fill('What is to be done', 'Cut out and sister the sill');
  await porch.press('Add the job');
  await expect(page.getByRole('alert')).toHaveText('Give the hours of one person, such as 4h.');
  await page.reload();
  await expect(page.getByText('You left this half typed; it is as you typed it.')).toBeVisible();
  await expect(page.getByLabel('What is to be done')).toHaveValue('Cut out and sister the sill');
  await porch.fill('Hours of one person', '60h');
  await porch.press('More: order, drying, money, note');
  await porch.press(/^Name a job: comes before/);
  await porch.fill('Find: comes before', 'hang board on the walls');
  await page.getByRole('checkbox', { name: /^Hang board on the walls/ }).click();
  await porch.fill('Costs beside hours', '45');
  await porch.press('Add the job');
  await expect(page.getByText('Added: Cut out and sister the sill.')).toBeVisible();
  expect(await porch.leftToKeys()).toBe(left + 1);
  await openJob(porch);
  await expect(day).not.toHaveText(before ?? '');
  await expect(page.getByText(/Cut out and sister the sill, Bedroom/)).toBeVisible();
  // It is a change order with its cause; called off, it goes with its job.
  await porch.go('Spend');
  await porch.choose('Show', 'Changes');
  await expect(page.getByText(/found rot at the sill/).first()).toBeVisible();
  await expect(page.getByText('about $45').first()).toBeVisible();
  await porch.expectAccessible('change orders');
  await porch.press(/^Call off/);
  await expect(page.getByText(/^Called off/)).toBeVisible();
  expect(await porch.leftToKeys()).toBe(left);
});

test('figures of one’s own stand over the starting ones, and go back', async ({ porch, page }) => {
  await startRooms(porch);
  await openJob(porch);
  await porch.press('Change its figures');
  const started = await page
    .getByText(/^started with \d+h/)
    .first()
    .textContent();
  await porch.fill('Hours of one person', 'ages');
  await porch.press('Keep these figures');
  await expect(page.getByRole('alert')).toContainText('“ages” is not hours');
  await expect(page.getByLabel('Hours of one person')).toBeFocused();
  await porch.fill('Hours of one person', '30h');
  await page.getByLabel('Hours of one person').press('Enter');
  await expect(page.getByText(/^30h by your figure; it started with/)).toBeVisible();
  await porch.press('Back to the starting figures');
  await expect(page.getByText(/by your figure/)).toHaveCount(0);
  await porch.press('Change its figures');
  await expect(page.getByText(/^started with \d+h/).first()).toHaveText(started ?? '');
  await page.getByLabel('Hours of one person').press('Escape');
  await expect(page.getByLabel('Hours of one person')).toHaveCount(0);
});

test('a job is split, and half of it hired out', async ({ porch, page }) => {
  await startRooms(porch);
  await openJob(porch);
  await porch.press('Split it');
  await porch.fill('First part, in percent', '120');
  await porch.press('Split it');
  await expect(page.getByRole('alert')).toHaveText('Give a whole number from 1 to 99.');
  await porch.fill('First part, in percent', '50');
  await page.getByLabel('First part, in percent').press('Enter');
  await expect(porch.heading()).toContainText('the first 50%');
  await openJob(porch, 'Hang board on the walls, the other 50%');
  await porch.press('A trade does it');
  await porch.fill('Which trade', 'board crew');
  await porch.fill('Price, things included', '640');
  await porch.fill('Booked from', '2026-03-21');
  await porch.press('Give it to them');
  await expect(page.getByRole('alert')).toContainText('Trades come on weekdays');
  await porch.fill('Booked from', '2026-04-20');
  await porch.choose('The price is', 'agreed with them');
  await porch.press('Give it to them');
  await expect(page.getByText('Booked for Mon 20 Apr.')).toBeVisible();
  await porch.go('Spend');
  await expect(figure(porch, 'Agreed and ordered')).toContainText('$640.00');
  await openJob(porch, 'Hang board on the walls, the first 50%');
  await porch.press('Leave it out');
  await porch.fill('Why it is left out', 'the old board stays there');
  await porch.press('Leave it out');
  await expect(page.getByText('This job is not in the plan')).toBeVisible();
  await porch.openRoom('Bedroom');
  await porch.press(/^Bring it back/);
  await expect(page.getByText(/back in the plan/)).toBeVisible();
});

test('a quote is taken: its day booked, its money agreed, then paid', async ({ porch, page }) => {
  await startRooms(porch);
  await porch.go('Spend');
  await porch.choose('Show', 'Quotes');
  for (const [who, price] of [
    ['Plumb and True', '900'],
    ['Quarry Lane', '1,100'],
  ] as const) {
    await porch.press('Add a quote');
    await porch.fill('Who asks it', who);
    await porch.fill('What for', 'Board on the walls');
    await porch.fill('What they ask', price);
    await porch.press(/^Name a job: for which jobs/);
    await porch.fill('Find: for which jobs', 'hang board on the walls');
    await page.getByRole('checkbox', { name: /^Hang board on the walls/ }).click();
    await porch.press('Keep the quote');
    await expect(page.getByText(`Kept the quote of ${who}.`)).toBeVisible();
  }
  await expect(page.getByText(/cheapest of 2/)).toBeVisible();
  await expect(page.getByText(/^You would save|^It would cost/).first()).toBeVisible();
  await porch.press('Agree to it: Plumb and True');
  await porch.fill('Booked from', '20 Apr');
  await porch.press(/^Agree$/);
  await expect(page.getByText('They come from Mon 20 Apr.')).toBeVisible();
  await porch.expectAccessible('quotes');
  await openJob(porch);
  await expect(page.getByText('Booked for Mon 20 Apr.')).toBeVisible();
  await porch.go('Spend');
  await expect(figure(porch, 'Agreed and ordered')).toContainText('$900.00');
  await porch.choose('Show', 'Receipts');
  await porch.press('Add a receipt');
  await porch.fill('What', 'the board crew');
  await porch.fill('Sum', '900');
  await porch.press(/^Name a line of the plan/);
  await porch.fill('Find: pays for what was planned', 'Plumb and True');
  await page.getByRole('checkbox', { name: /^Plumb and True/ }).click();
  await porch.press('Keep the receipt');
  await expect(page.getByText('Kept the receipt.')).toBeVisible();
  await porch.choose('Show', 'Now');
  await expect(figure(porch, 'Agreed and ordered')).toContainText('$0.00');
  await expect(page.getByText(/\$900\.00 paid \+ \$0\.00 agreed/)).toBeVisible();
});

test('a receipt over three rooms with tax adds up to the cent', async ({ porch, page }) => {
  await startRooms(porch);
  await porch.go('Spend');
  await porch.choose('Show', 'Receipts');
  await porch.press('Add a receipt');
  await porch.fill('Shop', 'Marl Timber');
  await porch.fill('What', 'tile and thinset');
  await porch.fill('Sum', '€100');
  await porch.press('Keep the receipt');
  await expect(page.getByRole('alert')).toContainText('This house counts in USD');
  await porch.fill('Sum', '100');
  await porch.press(/^Name a room/);
  for (const room of ['Bedroom', 'Bathroom', 'Kitchen']) {
    await page.getByRole('checkbox', { name: room }).click();
  }
  await porch.fill('Split, in percent', '50 30 30');
  await porch.fill('Tax on top', '8.89');
  await porch.fill('Total on the paper', '110');
  await porch.press('Keep the receipt');
  await expect(page.getByRole('alert')).toHaveText('These add up to 110%, not to 100%.');
  await porch.fill('Split, in percent', '');
  await porch.press('Keep the receipt');
  await expect(page.getByRole('alert')).toContainText('Lines and tax come to $108.89');
  await porch.fill('Total on the paper', '108.89');
  await porch.press('Keep the receipt');
  await expect(page.getByText('Kept the receipt of Marl Timber.')).toBeVisible();
  await expect(page.getByText('$8.89 of it tax')).toBeVisible();
  await porch.expectAccessible('receipts');
  await porch.choose('Show', 'Now');
  // 108.89 / 3 is 36.29 2/3: two rooms carry the odd cents.
  await expect(figure(porch, 'Bedroom')).toContainText('$36.30');
  await expect(figure(porch, 'Bathroom')).toContainText('$36.30');
  await expect(figure(porch, 'Kitchen')).toContainText('$36.29');
  await page.reload();
  await expect(figure(porch, 'Kitchen')).toContainText('$36.29');
  await porch.choose('Show', 'Receipts');
  await porch.press(/^Take back: Marl Timber/);
  await expect(page.getByText('Receipts will stand here, newest first')).toBeVisible();
});
