import type { Page } from '@playwright/test';
import { Porch, TODAY, expect, test as base } from './porch';

/** Here pages die on purpose, so the fixture that watches for errors is left out. */
const test = base.extend({ porch: undefined as never });

/** The renderer dies between two instructions, as when a phone runs out of memory. */
async function kill(page: Page): Promise<Porch> {
  const context = page.context();
  const session = await context.newCDPSession(page);
  const crashed = page.waitForEvent('crash');
  session.send('Page.crash').catch(() => undefined);
  await crashed;
  const next = await context.newPage();
  await page.close();
  await next.clock.setFixedTime(TODAY);
  return new Porch(next);
}

test('what the screen said was kept is there after the page is killed, again and again', async ({
  page,
}) => {
  test.slow();
  await page.clock.setFixedTime(TODAY);
  let porch = new Porch(page);
  await porch.startHouse();
  await porch.addRoom({ kind: 'Bedroom', length: `12'`, width: `10'` });
  await porch.finishRooms(1);
  porch = await kill(porch.page);

  await porch.page.goto('/');
  await porch.openRoom('Bedroom');
  await porch.press('Choose: Repaint');
  await expect(porch.page.getByRole('button', { name: 'Drop: Repaint' })).toBeVisible();
  porch = await kill(porch.page);

  for (let evening = 1; evening <= 4; evening += 1) {
    await porch.page.goto('/journal');
    await porch.keep(`note evening number ${evening}`);
    porch = await kill(porch.page);
  }
  await porch.page.goto('/journal');
  for (let evening = 1; evening <= 4; evening += 1) {
    await expect(porch.page.getByText(`“note evening number ${evening}”`)).toBeVisible();
  }
  await porch.press(/^Take back: note evening number 2/);
  await expect(porch.page.getByText('“note evening number 2”')).toBeHidden();
  porch = await kill(porch.page);
  await porch.page.goto('/journal');
  await expect(porch.page.getByText('“note evening number 3”')).toBeVisible();
  await expect(porch.page.getByText('“note evening number 2”')).toBeHidden();
});

test('a broken record is set aside and said, never a white screen', async ({ page }) => {
  await page.clock.setFixedTime(TODAY);
  const porch = new Porch(page);
  await porch.openDemo();
  await page.evaluate(async () => {
    const open = indexedDB.open('fresh-porch');
    const database = await new Promise<IDBDatabase>((resolve) => {
      open.onsuccess = () => resolve(open.result);
    });
    const torn = database.transaction('entries', 'readwrite');
    const entries = torn.objectStore('entries');
    const keys = await new Promise<IDBValidKey[]>((resolve) => {
      const all = entries.getAllKeys();
      all.onsuccess = () => resolve(all.result);
    });
    const journal = String(keys.find((name) => String(name).startsWith('segment/'))).split('/')[1];
    entries.put(
      '[{"type":"dayLogged","payload":{"line":"2h me plastering the back bed',
      `event/${journal}/0000009999-x-y`,
    );
    // Until it is through, a reload takes it back.
    await new Promise((resolve) => {
      torn.oncomplete = resolve;
    });
  });
  await page.reload();
  await expect(page.getByText('1 record could not be read.')).toBeVisible();
  await expect(porch.heading()).toContainText('8h today');
  // Its words stand in the Journal; exports carry it; it can be put right.
  const text = await porch.exportHouse();
  expect((JSON.parse(text) as { unread: string[] }).unread).toHaveLength(1);
  await page.getByRole('link', { name: 'See what they say' }).click();
  await expect(page.getByText('“2h me plastering the back bed”')).toBeVisible();
  await page.getByRole('button', { name: /^Put right: 2h me plastering/ }).click();
  await page.getByLabel('The line').fill('note 2h plastering the back bed');
  await porch.press('Keep it as a line');
  await expect(page.getByRole('heading', { name: 'Could not be read' })).toBeHidden();
  await expect(page.getByText('“note 2h plastering the back bed”')).toBeVisible();
  await page.reload();
  await expect(page.getByText('“note 2h plastering the back bed”')).toBeVisible();
  expect(JSON.parse(await porch.exportHouse())).not.toHaveProperty('unread');
});

test('two tabs see each other’s evenings', async ({ page }) => {
  await page.clock.setFixedTime(TODAY);
  const one = new Porch(page);
  await one.openDemo();
  const two = new Porch(await page.context().newPage());
  await two.page.goto('/journal');
  await expect(two.heading()).toHaveText('Journal');
  await one.keep('note said in the first tab');
  await expect(two.page.getByText('“note said in the first tab”')).toBeVisible();
  await two.keep('note said in the second tab');
  await one.go('Journal');
  await expect(one.page.getByText('“note said in the second tab”')).toBeVisible();
});

test('a tab whose house is put back in another tab says so, keeps its text, and goes on', async ({
  page,
}) => {
  await page.clock.setFixedTime(TODAY);
  const one = new Porch(page);
  await one.openDemo();
  const two = new Porch(await page.context().newPage());
  await two.page.goto('/journal');
  await two.settle();
  await one.go('Share');
  await one.press('Put the demo back as it was');
  await expect(two.page.getByRole('alert')).toContainText('replaced in another tab');
  await two.say('note typed in the losing tab');
  await two.page.getByLabel('Say your evening').press('Enter');
  await expect(two.page.getByRole('alert')).toContainText('Not kept');
  await expect(two.page.getByLabel('Say your evening')).toHaveValue('note typed in the losing tab');
  await two.press('Open the house as it is now');
  await two.page.getByLabel('Say your evening').press('Enter');
  await expect(two.page.getByText('“note typed in the losing tab”')).toBeVisible();
  await two.page.reload();
  await expect(two.page.getByText('“note typed in the losing tab”')).toBeVisible();
});

test('which house is open belongs to the tab and its address', async ({ page }) => {
  await page.clock.setFixedTime(TODAY);
  const one = new Porch(page);
  await one.startHouse();
  await one.addRoom({ kind: 'Bedroom', length: `12'`, width: `10'` });
  await one.finishRooms(1);
  const two = new Porch(await page.context().newPage());
  await two.openDemo();
  await one.page.reload();
  await expect(one.page.getByText('Quince Cottage', { exact: false }).first()).toBeVisible();
  await one.page.goto('/today?house=demo-house');
  await expect(one.page.getByText('Old bakery', { exact: false }).first()).toBeVisible();
});

test('a line typed while the one before is being kept stays, and both are kept', async ({
  page,
}) => {
  await page.clock.setFixedTime(TODAY);
  const porch = new Porch(page);
  await porch.openDemo();
  await page.goto('/journal');
  await porch.settle();
  // A store as slow as a phone's: every write takes its time.
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function slow(...row: Parameters<typeof put>) {
      const until = performance.now() + 60;
      while (performance.now() < until);
      return put.apply(this, row);
    };
  });
  const strip = page.getByLabel('Say your evening');
  await strip.fill('note the first of two lines');
  await strip.press('Enter');
  await strip.fill('note the second of two lines');
  await strip.press('Enter');
  await expect(strip).toHaveValue('');
  await expect(page.getByText('“note the first of two lines”')).toBeVisible();
  await expect(page.getByText('“note the second of two lines”')).toBeVisible();
  await page.reload();
  await expect(page.getByText('“note the first of two lines”')).toBeVisible();
  await expect(page.getByText('“note the second of two lines”')).toBeVisible();
});

test('a write that the browser refuses is told, and the line stays', async ({ page }) => {
  await page.clock.setFixedTime(TODAY);
  const porch = new Porch(page);
  await porch.openDemo();
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
  });
  await porch.say('note that finds no room');
  await page.getByLabel('Say your evening').press('Enter');
  await expect(page.getByRole('alert')).toContainText('Not kept: the device has no room');
  await expect(page.getByLabel('Say your evening')).toHaveValue('note that finds no room');
  await page.reload();
  await page.getByLabel('Say your evening').press('Enter');
  await expect(page.getByText('Kept for today.')).toBeVisible();
});
