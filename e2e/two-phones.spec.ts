import type { Browser, Page } from '@playwright/test';
import { PHONE, Porch, TODAY, expect, test } from './porch';

test.use({ viewport: PHONE });

/** Another phone: a browser that shares nothing with the first. */
async function otherPhone(browser: Browser, baseURL: string | undefined): Promise<Porch> {
  const context = await browser.newContext({ viewport: PHONE, baseURL, serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.clock.setFixedTime(TODAY);
  return new Porch(page);
}

type Row = { id: string; device: string; counter: number };
type HouseFile = { events: Row[] };
const rows = (text: string): Row[] => (JSON.parse(text) as HouseFile).events;

/** The same file after so many further evenings of a phone: what 200 nights of typing would have made of it. */
function grown(text: string, device: string, count: number): string {
  const file = JSON.parse(text) as HouseFile;
  const from = Math.max(...file.events.map(({ counter }) => counter));
  const more = Array.from({ length: count }, (_, at) => ({
    id: `${device}-${at}`,
    device,
    counter: from + at + 1,
    at: '2026-03-14T21:00:00',
    type: 'dayLogged',
    v: 3,
    payload: {
      id: `${device}-line-${at}`,
      date: '2026-03-14',
      line: `note ${at} of ${device}`,
      entries: [{ kind: 'note', text: `${at} of ${device}`, placeId: null }],
    },
  }));
  return JSON.stringify({ ...file, events: [...file.events, ...more] });
}

async function measure(porch: Porch, room: string, length: string): Promise<void> {
  await porch.openRoom(room);
  await porch.page.getByRole('link', { name: 'Measure with the tape' }).click();
  await porch.fill('Wall 1', length);
  await porch.fill('Wall 3', length);
  await porch.press('Keep these sizes');
  await expect(porch.heading()).toHaveText(room);
}

async function tick(porch: Porch, page: Page, room: string, job: RegExp): Promise<void> {
  await porch.openRoom(room);
  await page.getByRole('main').getByRole('link', { name: job }).first().click();
  await porch.press(/^Mark done: /);
  await porch.press('Today, Sat 14 Mar');
  await expect(page.getByRole('button', { name: /^Mark done: / })).toBeHidden();
}

test('two phones that went apart by 200 changes each come to the same house; what both said is settled by hand', async ({
  porch: one,
  page,
  browser,
  baseURL,
}) => {
  test.slow();
  await one.startHouse({ name: 'Two phones' });
  await one.addRoom({ kind: 'Bedroom', length: `12'`, width: `10'` });
  await one.finishRooms(1);
  await one.chooseWorks('Bedroom', ['Repaint']);
  const start = await one.exportHouse();

  const two = await otherPhone(browser, baseURL);
  await two.page.goto('/open-file');
  await two.importHouse(grown(start, 'second', 198));
  await expect(two.heading()).toHaveText('Cut through the house');
  // The first phone grows too, by the file of a tablet that was with it.
  await one.go('Share');
  await one.importHouse(grown(start, 'tablet', 198));
  await expect(
    page.getByText('Adds 198 changes that only the file has. Loses nothing.', { exact: false }),
  ).toBeVisible();
  await expect(page.getByText(/Loses nothing that only this device has/)).toBeVisible();
  await one.expectAccessible('a house that is here already');
  await one.press('Bring in what is new');
  await expect(page.getByText('Brought in: 198 changes.')).toBeVisible();
  await one.press('Close');

  // Apart: both measure the room, differently, and both do the same job.
  await measure(one, 'Bedroom', `12' 1"`);
  await measure(two, 'Bedroom', `12' 2"`);
  await tick(one, page, 'Bedroom', /Walk through/);
  await tick(two, two.page, 'Bedroom', /Walk through/);
  const left = await one.leftToKeys();

  const ofOne = await one.exportHouse();
  const ofTwo = await two.exportHouse();
  expect(rows(ofOne)).toHaveLength(rows(start).length + 200);
  await one.importHouse(ofTwo);
  await expect(
    page.getByText(/Adds 200 changes .* 1 thing said on both you settle by hand/),
  ).toBeVisible();
  await one.press('Bring in what is new');
  await expect(page.getByText('Brought in: 200 changes.')).toBeVisible();
  await two.importHouse(ofOne);
  await two.press('Bring in what is new');
  await expect(two.page.getByText('Brought in: 200 changes.')).toBeVisible();
  expect(await two.exportHouse()).toBe(await one.exportHouse());
  // The job done on both counts once.
  expect(await one.leftToKeys()).toBe(left);
  expect(await two.leftToKeys()).toBe(left);

  // The size is asked for, over a reload, and settled on one phone for both.
  await page.reload();
  await page.getByRole('link', { name: 'Settle them' }).click();
  const size = page.getByRole('group', { name: /^Measured Bedroom/ });
  await expect(size).toContainText(`Here: Measured Bedroom: 12' 1"`);
  await expect(size).toContainText(`On the other phone: Measured Bedroom: 12' 2"`);
  await one.expectAccessible('what is to be settled');
  await size.getByRole('button', { name: /^This phone is right/ }).click();
  await expect(size).toBeHidden();
  await expect(page.getByText('Both phones spoke of some things.')).toBeHidden();
  await two.go('Share');
  await two.importHouse(await one.exportHouse());
  await two.press('Bring in what is new');
  await expect(two.page.getByText('Brought in: 1 change.')).toBeVisible();
  await expect(two.page.getByText('To settle between the phones')).toBeHidden();
  expect(await two.exportHouse()).toBe(await one.exportHouse());
  await two.openRoom('Bedroom');
  await expect(two.page.getByText(/12' 1"/).first()).toBeVisible();
  // Once more brings nothing.
  await one.go('Share');
  await one.importHouse(ofTwo);
  await one.press('Bring in what is new');
  await expect(page.getByText('There was nothing new in the file.')).toBeVisible();
});

test('where the browser has a sheet the file goes by it; one tap more where writing took too long', async ({
  porch,
  page,
}) => {
  await page.addInitScript(() => {
    const sent: string[] = [];
    let asked = 0;
    Object.assign(window, { sent });
    navigator.canShare = () => true;
    // A browser forgets a tap after some seconds: the first call comes too late.
    navigator.share = async ({ files = [] } = {}) => {
      asked += 1;
      if (asked === 1) throw new DOMException('too long ago', 'NotAllowedError');
      const head = new Uint8Array(await files[0]!.slice(0, 2).arrayBuffer());
      sent.push(`${files[0]!.name} ${String.fromCharCode(...head)}`);
    };
  });
  await porch.openDemo();
  await porch.go('Share');
  await porch.press('Send to the other phone');
  await porch.press('Send it now');
  await expect(page.getByText('The file is ready.')).toBeHidden();
  expect(await page.evaluate('window.sent')).toEqual([expect.stringMatching(/\.zip PK$/)]);
});
