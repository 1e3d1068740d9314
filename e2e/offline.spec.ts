import { readFileSync, readdirSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test as base, type Page } from '@playwright/test';
import { OwnServer } from './own-server';
import { PHONE, Porch, TODAY, expect } from './porch';
import { SCREENS } from './screens';

const test = base.extend<{ served: OwnServer }>({
  // Playwright asks for a pattern here even where a fixture needs no other.
  // eslint-disable-next-line no-empty-pattern
  served: async ({}, provide, info) => {
    const served = await OwnServer.start(info.testId);
    await provide(served);
    await served.remove();
  },
});

test.use({ viewport: PHONE });

/** The demo at an address of its own, on the day every test stands at. */
async function openDemo(page: Page, served: OwnServer): Promise<Porch> {
  await page.clock.setFixedTime(TODAY);
  await page.goto(`${served.origin}/demo`);
  const porch = new Porch(page);
  await expect(porch.heading()).toContainText('8h today, and Ana 6h');
  return porch;
}

async function expectStored(porch: Porch): Promise<void> {
  await porch.go('Settings');
  await expect(porch.page.getByText('every screen, the demo and the sums open')).toBeVisible();
}

const dot = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);

test.describe('without the server', () => {
  test.use({ serviceWorkers: 'allow' });

  test('after the first visit every place, the worker, a sum, the strip, photos and the file are there', async ({
    page,
    served,
  }) => {
    test.slow();
    const porch = await openDemo(page, served);
    await expectStored(porch);
    await served.stop();
    const broken: string[] = [];
    page.on('pageerror', (error) => broken.push(error.message));
    for (const screen of SCREENS) {
      await page.goto(`${served.origin}${screen}`);
      await expect(porch.heading()).toBeVisible();
      await expect(page.getByRole('heading', { name: /could not be loaded|failed/ })).toHaveCount(
        0,
      );
    }
    // The plan is improved by the worker.
    await page.goto(`${served.origin}/today`);
    await porch.settle();
    const fonts = () =>
      page.evaluate(async () => {
        await document.fonts.ready;
        return [...document.fonts].map(({ status }) => status);
      });
    expect(await fonts()).toEqual(['loaded', 'loaded', 'loaded']);
    await page.goto(`${served.origin}/sums/paint`);
    await expect(page.getByText(/gallon/).first()).toBeVisible();
    await porch.go('Journal');
    await porch.keep('note said in the cellar');
    await page.reload();
    await expect(page.getByText('“note said in the cellar”')).toBeVisible();
    await page.goto(`${served.origin}/walk/attic`);
    const chooser = page.waitForEvent('filechooser');
    await page
      .getByRole('button', { name: /^Photo of/ })
      .first()
      .click();
    await (await chooser).setFiles({ name: 'dot.png', mimeType: 'image/png', buffer: dot });
    await expect(page.getByText('Kept the photo.')).toBeVisible();
    expect(await porch.exportHouse()).toContain('said in the cellar');
    // The demo itself opens anew.
    await page.goto(`${served.origin}/demo`);
    await expect(porch.heading()).toContainText('today');
    expect(broken).toEqual([]);
  });

  test('a new build is offered, and what stands open is never mixed with it', async ({
    page,
    served,
  }) => {
    const porch = await openDemo(page, served);
    await expectStored(porch);
    const second = await page.context().newPage();
    await second.goto(`${served.origin}/keys`);
    await expect(new Porch(second).heading()).toContainText('stand');
    // Another build: another page, and the pieces of the one before are gone from the server.
    const html = join(served.root, 'index.html');
    writeFileSync(
      html,
      readFileSync(html, 'utf8').replace('<title>', '<meta name="newer" /><title>'),
    );
    const worker = join(served.root, 'sw.js');
    const known = /(url:"index\.html",revision:")([0-9a-f]+)/;
    expect(readFileSync(worker, 'utf8')).toMatch(known);
    writeFileSync(worker, readFileSync(worker, 'utf8').replace(known, '$1other'));
    for (const name of ['index.html', 'sw.js']) {
      for (const packed of ['.br', '.gz'])
        renameSync(
          join(served.root, `${name}${packed}`),
          join(served.root, `${name}.old${packed}`),
        );
    }
    await page.reload();
    await expect(page.getByText('A newer Fresh Porch is here.')).toBeVisible();
    const newer = page.locator('meta[name="newer"]');
    await expect(newer).toHaveCount(0);
    await porch.go('Stores');
    await expect(porch.heading()).toBeVisible();
    await porch.press('Load the new one');
    await expect(newer).toHaveCount(1);
    await expect(page.getByText('A newer Fresh Porch is here.')).toBeHidden();
    // The tab beside it is told, and loads the new one when it likes.
    await expect(second.getByText('Another tab has taken a newer Fresh Porch')).toBeVisible();
    await second.getByRole('button', { name: 'Load the new one' }).click();
    await expect(second.getByText('Another tab has taken a newer Fresh Porch')).toBeHidden();
    await expect(new Porch(second).heading()).toContainText('stand');
  });
});

const scripts = (served: OwnServer) => join(served.root, '_expo/static/js/web');

/** Takes a file of the build away, packed forms too; `back` puts it there again. */
function takeAway(served: OwnServer, start: string): () => void {
  const folder = scripts(served);
  const names = readdirSync(folder).filter((name) => name.startsWith(start));
  expect(names).not.toEqual([]);
  const moved = names.map((name) => [join(folder, name), join(folder, `gone-${name}`)] as const);
  for (const [from, to] of moved) renameSync(from, to);
  return () => moved.forEach(([from, to]) => renameSync(to, from));
}

test('a screen whose file does not come says so, and opens once it does', async ({
  page,
  served,
}) => {
  const back = takeAway(served, 'screens-');
  const porch = await openDemo(page, served);
  await porch.go('Stores');
  await expect(page.getByRole('alert')).toContainText('This screen could not be loaded');
  await page.getByRole('link', { name: 'Back to Today' }).click();
  await expect(porch.heading()).toContainText('8h today');
  await porch.go('Stores');
  back();
  await porch.press('Load the page anew');
  await expect(porch.heading()).toHaveText('Stores');
});

/** What the page itself asks for; how many pieces that are is the bundler's matter. */
const firstPieces = [
  ...new Set(
    [
      ...readFileSync('dist/index.html', 'utf8').matchAll(/js\/web\/([^"/]+-)[0-9a-f]{32}\.js/g),
    ].map(([, piece = '']) => piece),
  ),
];

test('the page asks for pieces by name', () => {
  expect(firstPieces).toContain('index-');
});

for (const piece of firstPieces) {
  test(`a page whose ${piece} does not come is no white page`, async ({ page, served }) => {
    const back = takeAway(served, piece);
    await page.goto(`${served.origin}/demo`);
    await expect(page.getByRole('alert')).toContainText('could not be loaded');
    back();
    await page.getByRole('button', { name: 'Load the page anew' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('today');
  });
}

test('a browser that keeps nothing is told so in plain words, and nothing is pretended', async ({
  page,
  served,
}) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'indexedDB', { value: undefined });
  });
  await page.goto(`${served.origin}/welcome`);
  await expect(page.getByRole('alert')).toContainText('This browser lets the page keep nothing');
  await page.getByRole('button', { name: 'Open the demo house' }).click();
  await expect(page.getByText('The demo house could not be kept here.')).toBeVisible();
});

test('a page over plain http from another machine says what it lacks', async ({ page, served }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'isSecureContext', { value: false });
    Object.defineProperty(crypto, 'randomUUID', { value: undefined });
  });
  await page.goto(`${served.origin}/welcome`);
  await expect(page.getByText('This page came over plain http')).toBeVisible();
  const porch = await openDemo(page, served);
  await porch.keep('note said over plain http');
  await porch.go('Settings');
  await expect(page.getByText('not possible here')).toBeVisible();
});
