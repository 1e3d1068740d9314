/** How long the page stands still while the house is planned: long tasks of the main thread, measured in Chromium. */
import { serve } from '@hono/node-server';
import { chromium, type Page } from '@playwright/test';
import config from '../playwright.config';
import { createApp } from '../server/app';
import { writeProjectFile } from '../src/core/files';
import { STARTED, stamped } from '../src/core/testing/houses';
import { NOW, roomsOf } from './planning';

const PORT = 4193;
const ORIGIN = `http://127.0.0.1:${PORT}`;

type Blocked = { longest: number; count: number };

/** Long tasks (over 50 ms, as the browser counts them) while something is done. */
async function watch(page: Page, act: () => Promise<void>): Promise<Blocked> {
  await page.evaluate(() => {
    const seen: number[] = [];
    (window as never as { blocked: number[] }).blocked = seen;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) seen.push(duration);
    }).observe({ type: 'longtask' });
  });
  await act();
  // The browser tells of long tasks a little later.
  await page.waitForTimeout(300);
  return page.evaluate(() => {
    const { blocked } = window as never as { blocked: number[] };
    return { longest: Math.max(0, ...blocked), count: blocked.length };
  });
}

/** An edit, until the improved plan stands on screen. */
async function editAndPlan(page: Page): Promise<void> {
  await page.getByRole('radio', { name: 'metres', exact: true }).click();
  await page.locator('main[aria-busy="true"]').waitFor({ state: 'attached' });
  await page.locator('main[aria-busy="false"]').waitFor({ state: 'attached' });
}

/** Where three bars of the week board lie. Looked up ahead: the looking would count as the page's own work. */
async function barsOf(page: Page): Promise<{ x: number; y: number }[]> {
  const bars = page.getByRole('group', { name: 'Rooms by weeks' }).getByRole('button');
  const points = [];
  for (const at of [1, 2, 4]) {
    const box = await bars.nth(at).boundingBox();
    if (!box) throw new Error(`no bar ${at}`);
    points.push({ x: box.x + 8, y: box.y + box.height / 2 });
  }
  return points;
}

/** Bars chosen one after another, each drawn before the next. */
async function chooseBars(page: Page, points: readonly { x: number; y: number }[]): Promise<void> {
  for (const { x, y } of points) {
    await page.mouse.click(x, y);
    await page.evaluate(
      () => new Promise((drawn) => requestAnimationFrame(() => setTimeout(drawn))),
    );
  }
}

const rowOf = (what: string, name: string, { longest, count }: Blocked): string[] => [
  what,
  name,
  `longest task ${longest === 0 ? 'under 50' : longest.toFixed(0)} ms`,
  `${count} over 50 ms`,
];

export async function blockingRows(): Promise<string[][]> {
  const events = stamped([STARTED, ...roomsOf(12)]);
  const large = writeProjectFile({ projectId: 'large', clock: NOW, events });
  const server = serve({ fetch: createApp('dist').fetch, hostname: '127.0.0.1', port: PORT });
  const browser = await chromium.launch(config.use?.launchOptions);
  const rows: string[][] = [];
  for (const [name, body] of [
    ['the demo house', null],
    ['407 jobs', large],
  ] as const) {
    const context = await browser.newContext({ serviceWorkers: 'block' });
    const page = await context.newPage();
    if (body !== null) {
      await page.route('**/demo/house.json', (route) =>
        route.fulfill({ contentType: 'application/json', body }),
      );
    }
    await page.goto(`${ORIGIN}/demo`);
    await page.waitForURL(/today/);
    await page.goto(`${ORIGIN}/settings`);
    await page.locator('main[aria-busy="false"]').waitFor({ state: 'attached', timeout: 60_000 });
    const planning = await watch(page, () => editAndPlan(page));
    rows.push(rowOf('main thread while planning after an edit, in Chromium', name, planning));
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`${ORIGIN}/order`);
    await page.locator('main[aria-busy="false"]').waitFor({ state: 'attached', timeout: 60_000 });
    const points = await barsOf(page);
    const choosing = await watch(page, () => chooseBars(page, points));
    rows.push(rowOf('main thread while choosing bars on the board', name, choosing));
    await context.close();
  }
  await browser.close();
  server.close();
  return rows;
}
