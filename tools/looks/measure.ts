/** `npm run looks`: every screen in numbers, on four houses and two sizes; fails on what overflows or is too small to hit. */
import { writeFileSync } from 'node:fs';
import { serve } from '@hono/node-server';
import { chromium, type Browser, type Page } from '@playwright/test';
import { oldHouseFile } from '../../bench/old-house';
import { NOW, roomsOf } from '../../bench/planning';
import { lookAt, type Look } from '../../e2e/looks';
import { SCREENS } from '../../e2e/screens';
import { wordFaults } from '../../e2e/words';
import config from '../../playwright.config';
import { createApp } from '../../server/app';
import { writeProjectFile } from '../../src/core/files';
import { STARTED, stamped } from '../../src/core/testing/houses';

const PORT = 4195;
const ORIGIN = `http://127.0.0.1:${PORT}`;
const SIZES = { phone: { width: 390, height: 844 }, wide: { width: 1280, height: 800 } } as const;

const fileOf = (projectId: string, events: Parameters<typeof stamped>[0]): string =>
  writeProjectFile({ projectId, clock: NOW, events: stamped(events) });

/** The demo, and files opened in its place. */
const HOUSES: Record<string, string | null> = {
  'demo house': null,
  'empty house': fileOf('empty', [STARTED]),
  'twelve rooms': fileOf('twelve', [STARTED, ...roomsOf(12)]),
  'old house': oldHouseFile({ days: 5_000, receipts: 2_000, photos: 12 }),
};

/** Addresses that only the demo has are asked of its own rooms. */
const addressIn = (path: string, house: string): string =>
  house === 'demo house' ? path : path.replace(/back-bed|small-bed|kitchen|attic/, 'r0');

async function openHouse(page: Page, file: string | null): Promise<void> {
  if (file === null) {
    await page.goto(`${ORIGIN}/demo`);
    await page.waitForURL(/today/);
    return;
  }
  await page.goto(`${ORIGIN}/open-file`);
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a file' }).click();
  await (
    await chooser
  ).setFiles({ name: 'house.json', mimeType: 'application/json', buffer: Buffer.from(file) });
  await page.waitForURL(/house$/, { timeout: 60_000 });
}

type Row = { house: string; size: string; path: string; look: Look; faults: string[] };

async function measure(browser: Browser, house: string, size: keyof typeof SIZES): Promise<Row[]> {
  const context = await browser.newContext({ viewport: SIZES[size], serviceWorkers: 'block' });
  const page = await context.newPage();
  await openHouse(page, HOUSES[house] ?? null);
  const rows: Row[] = [];
  for (const screen of SCREENS) {
    const path = addressIn(screen, house);
    await page.goto(`${ORIGIN}${path}`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    if ((await page.locator('main[aria-busy], [role=main][aria-busy]').count()) > 0) {
      await page
        .locator('[role=main][aria-busy="false"]')
        .waitFor({ state: 'attached', timeout: 60_000 });
    }
    await page.getByText('Opening…').waitFor({ state: 'detached' });
    const look = await lookAt(page);
    const words = await page.getByRole('main').innerText();
    const faults = [
      ...look.overflowing.map((what) => `overflows: ${what}`),
      ...look.smallTargets.map((what) => `under 48 px: ${what}`),
      ...wordFaults(words),
    ];
    rows.push({ house, size, path: screen, look, faults });
  }
  await context.close();
  return rows;
}

const cells = ({ house, size, path, look, faults }: Row): string[] => [
  house,
  size,
  path,
  String(look.words),
  String(look.controls),
  String(look.height),
  look.firstFact === null ? '' : String(look.firstFact),
  String(look.smallestTarget),
  String(look.smallestText),
  String(faults.length),
];

const HEAD = [
  'house',
  'size',
  'screen',
  'words',
  'controls',
  'height',
  'first fact at',
  'smallest target',
  'smallest text',
  'faults',
];

function document(rows: readonly Row[]): string {
  const line = (each: readonly string[]) => `| ${each.join(' | ')} |`;
  return [
    '# Looks',
    '',
    'Written by `npm run looks`: words and controls on a screen, its height with everything that scrolls, where the first',
    'figure stands, the smallest thing to hit and the smallest letters, in CSS pixels; phone is 390x844, wide 1280x800.',
    '',
    line(HEAD),
    line(HEAD.map(() => '---')),
    ...rows.map((row) => line(cells(row))),
    '',
  ].join('\n');
}

async function main(): Promise<void> {
  const server = serve({ fetch: createApp('dist').fetch, hostname: '127.0.0.1', port: PORT });
  const browser = await chromium.launch(config.use?.launchOptions);
  const rows: Row[] = [];
  for (const house of Object.keys(HOUSES)) {
    for (const size of ['phone', 'wide'] as const)
      rows.push(...(await measure(browser, house, size)));
  }
  await browser.close();
  server.close();
  writeFileSync('docs/looks.md', document(rows));
  for (const { house, size, path, faults } of rows) {
    for (const fault of faults) process.stderr.write(`${house}, ${size}, ${path}: ${fault}\n`);
  }
  process.exitCode = rows.some(({ faults }) => faults.length > 0) ? 2 : 0;
}

void main();
