/** What age costs: a house of thirteen years beside the demo, in Chromium, in one run. */
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { serve } from '@hono/node-server';
import { chromium, type BrowserContext, type CDPSession, type Page } from '@playwright/test';
import config from '../playwright.config';
import { createApp } from '../server/app';
import { oldHouseFile } from './old-house';

const PORT = 4194;
const ORIGIN = `http://127.0.0.1:${PORT}`;
const PLACES = ['House', 'Order', 'Stores', 'Spend', 'Keys', 'Today'] as const;

type House = 'the demo house' | '5,000 days';
type Figures = Record<string, number>;

const settled = (page: Page) =>
  page.locator('main[aria-busy="false"]').waitFor({ state: 'attached', timeout: 120_000 });

/** Milliseconds the page's main thread worked so far. */
async function worked(session: CDPSession): Promise<number> {
  const { metrics } = await session.send('Performance.getMetrics');
  return (metrics.find(({ name }) => name === 'TaskDuration')?.value ?? 0) * 1_000;
}

/** Watches long tasks from now on. */
async function watchTasks(page: Page): Promise<void> {
  await page.evaluate(() => {
    const seen: number[] = [];
    Object.assign(window, { heldFor: seen });
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) seen.push(duration);
    }).observe({ type: 'longtask' });
  });
}
const longestTask = async (page: Page): Promise<number> => {
  // The browser tells of long tasks a little later.
  await page.waitForTimeout(300);
  return page.evaluate(() => Math.max(0, ...(window as never as { heldFor: number[] }).heldFor));
};

/** From the press itself to the moment the words stand, or stand no more; counted in the page. */
async function answered(
  page: Page,
  words: string,
  stands: boolean,
  act: () => Promise<void>,
): Promise<number> {
  const spent = page.evaluate(
    ([text, there]) =>
      new Promise<number>((resolve) => {
        let begin = 0;
        for (const kind of ['keydown', 'click']) {
          window.addEventListener(kind, (event) => void (begin ||= event.timeStamp), true);
        }
        new MutationObserver((_, look) => {
          if (begin === 0 || document.body.textContent?.includes(String(text)) !== there) return;
          look.disconnect();
          resolve(performance.now() - begin);
        }).observe(document.body, { subtree: true, childList: true, characterData: true });
      }),
    [words, stands] as const,
  );
  await act();
  return spent;
}

/** From an act to the next picture after the screen shows its effect. */
async function timed(page: Page, act: () => Promise<void>): Promise<number> {
  const begin = performance.now();
  await act();
  await page.evaluate(() => new Promise((drawn) => requestAnimationFrame(() => setTimeout(drawn))));
  return performance.now() - begin;
}

async function keepAndUndo(page: Page, figures: Figures): Promise<void> {
  await page.goto(`${ORIGIN}/spend`);
  await settled(page);
  await watchTasks(page);
  const strip = page.getByLabel('Say your evening');
  await strip.fill('note measured by the bench');
  await page
    .getByRole('list', { name: 'What this line will keep' })
    .getByText('Note', { exact: true })
    .waitFor();
  figures['keep one line, ms'] = await answered(page, 'Kept for', true, () => strip.press('Enter'));
  await settled(page);
  figures['undo it, ms'] = await answered(page, 'Kept for', false, () =>
    page.getByRole('button', { name: /^Undo/ }).click(),
  );
  await settled(page);
  figures['longest task while keeping and undoing, ms'] = await longestTask(page);
}

async function throttled(page: Page, session: CDPSession, figures: Figures): Promise<void> {
  await page.goto(`${ORIGIN}/today`);
  await settled(page);
  // Each place once before, so that its file is here.
  const rail = page.getByRole('navigation', { name: 'Places' });
  for (const place of PLACES) await rail.getByRole('link', { name: place, exact: true }).click();
  await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  // Event Timing: from the press to the next paint, as the browser counts it.
  await page.evaluate(() => {
    const seen: number[] = [];
    Object.assign(window, { untilPaint: seen });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) {
        if (/^(click|keydown)$/.test(entry.name)) seen.push(entry.duration);
      }
    }).observe({ type: 'event', durationThreshold: 16 } as PerformanceObserverInit);
  });
  const worst = async () => {
    await page.waitForTimeout(400);
    return page.evaluate(() => {
      const { untilPaint } = window as never as { untilPaint: number[] };
      return Math.max(0, ...untilPaint.splice(0));
    });
  };
  for (const place of PLACES) {
    await rail.getByRole('link', { name: place, exact: true }).click();
    figures[`4x slower, ${place} to next paint, ms`] = await worst();
  }
  const strip = page.getByLabel('Say your evening');
  await strip.focus();
  await page.waitForTimeout(500);
  await strip.pressSequentially('2h me taping r3', { delay: 120 });
  figures['4x slower, a key in the strip to next paint, ms'] = await worst();
  await strip.fill('');
  await session.send('Emulation.setCPUThrottlingRate', { rate: 1 });
}

async function exportAndImport(page: Page, figures: Figures): Promise<void> {
  await page.goto(`${ORIGIN}/share`);
  await settled(page);
  await watchTasks(page);
  const file = join(mkdtempSync(join(tmpdir(), 'porch-')), 'house.json');
  figures['export, ms'] = await timed(page, async () => {
    const saved = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Export the whole house' }).click();
    await (await saved).saveAs(file);
  });
  figures['longest task while exporting, ms'] = await longestTask(page);
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a file' }).click();
  await (await chooser).setFiles(file);
  await page.getByText('is already on this device').waitFor({ timeout: 60_000 });
  await watchTasks(page);
  figures['import over it, ms'] = await timed(page, async () => {
    await page.getByRole('button', { name: 'Replace what is here with the file' }).click();
    await page.waitForURL(/house$/, { timeout: 60_000 });
  });
  figures['longest task while importing, ms'] = await longestTask(page);
}

/** Opens a file beside the demo, or the demo alone, and leaves it sealed and at rest, as after an evening. */
async function movedIn(page: Page, file: string | null): Promise<void> {
  await page.goto(`${ORIGIN}/demo`);
  await page.waitForURL(/today/);
  await settled(page);
  if (file !== null) {
    await page.goto(`${ORIGIN}/open-file`);
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Choose a file' }).click();
    const buffer = Buffer.from(file);
    await (await chooser).setFiles({ name: 'old.json', mimeType: 'application/json', buffer });
    await page.waitForURL(/house$/, { timeout: 120_000 });
    await settled(page);
  }
  await page.waitForTimeout(2_000);
  await page.close();
}

async function livesWith(context: BrowserContext, file: string | null): Promise<Figures> {
  const figures: Figures = {};
  await movedIn(await context.newPage(), file);
  // A page of its own: its counters begin at nothing.
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Performance.enable');
  const begin = performance.now();
  await page.goto(`${ORIGIN}/today`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  figures['open to Today’s heading, cpu ms'] = await worked(session);
  await settled(page);
  figures['open to the improved plan, cpu ms'] = await worked(session);
  figures['open to the improved plan, ms'] = performance.now() - begin;
  await keepAndUndo(page, figures);
  await throttled(page, session, figures);
  await exportAndImport(page, figures);
  return figures;
}

export async function ageRows(): Promise<string[][]> {
  const server = serve({ fetch: createApp('dist').fetch, hostname: '127.0.0.1', port: PORT });
  const browser = await chromium.launch(config.use?.launchOptions);
  const lived = new Map<House, Figures>();
  for (const [name, file] of [
    ['the demo house', null],
    ['5,000 days', oldHouseFile()],
  ] as const) {
    const context = await browser.newContext({
      serviceWorkers: 'block',
      acceptDownloads: true,
      viewport: { width: 390, height: 844 },
    });
    lived.set(name, await livesWith(context, file));
    await context.close();
  }
  await browser.close();
  server.close();
  const [demo, old] = [lived.get('the demo house') ?? {}, lived.get('5,000 days') ?? {}];
  return Object.entries(old).map(([what, figure]) => {
    const beside = demo[what] ?? 0;
    const ratio = beside > 0 ? `, ${(figure / beside).toFixed(1)} x` : '';
    return [what, '5,000 days', figure.toFixed(0), `demo ${beside.toFixed(0)}${ratio}`];
  });
}
