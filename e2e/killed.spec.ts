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
    const key = String(keys.find((name) => String(name).startsWith('event/')));
    entries.put('{"torn', key.replace(/\/\d+-/, '/0000009999-'));
    // Until it is through, a reload takes it back.
    await new Promise((resolve) => {
      torn.oncomplete = resolve;
    });
  });
  await page.reload();
  await expect(
    page.getByText('One record of this house could not be read and was set aside.', {
      exact: false,
    }),
  ).toBeVisible();
  await expect(porch.heading()).toContainText('8h today');
  await page.getByRole('link', { name: 'Save it as a file' }).click();
  const saved = page.waitForEvent('download');
  await porch.press('Save them as a file');
  expect((await saved).suggestedFilename()).toBe('set-aside.json');
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
