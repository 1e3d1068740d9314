/** Pictures of the main views from the demo house: `npm run shots [-- FOLDER [NAME ...]]`. */
import { mkdirSync } from 'node:fs';
import { serve } from '@hono/node-server';
import { chromium, type Page } from '@playwright/test';
import { createApp } from '../server/app';
import config from '../playwright.config';

const SIZES = { phone: { width: 390, height: 844 }, wide: { width: 1280, height: 800 } } as const;
type View = {
  size: keyof typeof SIZES;
  path: string;
  night?: true;
  before?: (page: Page) => Promise<void>;
};

const say = (line: string) => async (page: Page) => {
  await page.getByLabel('Say your evening').fill(line);
};

/** One picture of each main view, and the address it stands at. */
const VIEWS: Record<string, View> = {
  'today-phone': { size: 'phone', path: '/today' },
  'house-phone': { size: 'phone', path: '/house' },
  'room-phone': { size: 'phone', path: '/house/back-bed' },
  'walk-phone': { size: 'phone', path: '/walk' },
  'walk-place-phone': { size: 'phone', path: '/walk/kitchen' },
  'compare-wide': {
    size: 'wide',
    path: '/compare/one?id=element%3Ayard-face%2Fwindows',
    before: (page) => page.getByRole('region', { name: 'repair the windows' }).waitFor(),
  },
  'order-phone': { size: 'phone', path: '/order' },
  'order-wide': { size: 'wide', path: '/order' },
  'stores-phone': { size: 'phone', path: '/stores' },
  'measure-phone': { size: 'phone', path: '/measure/small-bed' },
  'finishes-phone': { size: 'phone', path: '/finishes/back-bed' },
  'layout-wide': { size: 'wide', path: '/layout/kitchen?slot=floor' },
  'sum-wide': { size: 'wide', path: '/sums/drywall' },
  'whatif-wide': {
    size: 'wide',
    path: '/whatif',
    before: async (page) => {
      await page.getByRole('radio', { name: /^An evening more a week, Me/ }).click();
      await page.getByText('The plan repairs itself').waitFor();
    },
  },
  'spend-wide': { size: 'wide', path: '/spend' },
  'keys-phone': { size: 'phone', path: '/keys' },
  'walls-night-phone': { size: 'phone', path: '/walls/bath', night: true },
  'journal-phone': { size: 'phone', path: '/journal' },
  'log-phone': {
    size: 'phone',
    path: '/today',
    before: say(
      '2h30 me and 2h Ana sanding back bedroom, half, $18.40 screws over kitchen and bath',
    ),
  },
};

const PORT = 4191;
const ORIGIN = `http://127.0.0.1:${PORT}`;
const [folder = 'docs/screenshots', ...only] = process.argv.slice(2);

async function shoot(page: Page, name: string, view: View): Promise<void> {
  await page.setViewportSize(SIZES[view.size]);
  await page.emulateMedia({ colorScheme: view.night ? 'dark' : 'light' });
  await page.goto(`${ORIGIN}${view.path}`);
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  await page.waitForLoadState('networkidle');
  // The first plan is shown at once; the picture is of the improved one.
  await page.locator('main[aria-busy="false"]').waitFor();
  await view.before?.(page);
  // A chart or drawing measures itself before it is drawn: wait until nothing changes any more.
  await page.evaluate(() => document.fonts.ready.then(() => new Promise(requestAnimationFrame)));
  await page.screenshot({ path: `${folder}/${name}.png`, animations: 'disabled' });
}

async function main(): Promise<void> {
  const server = serve({ fetch: createApp('dist').fetch, hostname: '127.0.0.1', port: PORT });
  const browser = await chromium.launch(config.use?.launchOptions);
  const page = await browser.newPage();
  mkdirSync(folder, { recursive: true });
  await page.goto(`${ORIGIN}/demo`);
  await page.getByRole('heading', { level: 1, name: /today|evening/ }).waitFor();
  for (const [name, view] of Object.entries(VIEWS)) {
    if (only.length === 0 || only.includes(name)) await shoot(page, name, view);
  }
  await browser.close();
  server.close();
}

void main();
