import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { relative } from 'node:path';
import { createApp } from './app';

const root = mkdtempSync('.cache-server-');
const app = createApp(relative('.', root));
const get = (path: string, accept = '*/*') => app.request(path, { headers: { accept } });

beforeAll(() => {
  mkdirSync(`${root}/_expo/static`, { recursive: true });
  writeFileSync(`${root}/index.html`, '<p>porch</p>');
  writeFileSync(`${root}/_expo/static/entry-1.js`, '1');
});
afterAll(() => rmSync(root, { recursive: true }));

describe('the server', () => {
  it('answers any page address with the app, uncached, under a strict policy', async () => {
    const page = await get('/house/abc', 'text/html');
    expect(await page.text()).toContain('porch');
    expect(page.headers.get('cache-control')).toBe('no-cache');
    expect(page.headers.get('content-security-policy')).toContain("default-src 'self'");
    expect(page.headers.get('x-content-type-options')).toBe('nosniff');
  });

  it('lets hashed files be kept for good, and answers 404 for files that are not there', async () => {
    const entry = await get('/_expo/static/entry-1.js');
    expect(entry.headers.get('cache-control')).toContain('immutable');
    expect((await get('/_expo/static/gone.js')).status).toBe(404);
    expect((await get('/..%2Fpackage.json')).status).toBe(404);
  });

  it('asks the simulated supplier, and says what is wrong with an enquiry', async () => {
    const asked = 'what=Oak&units=50&cents=57000&leadDays=12&today=2026-03-14';
    const offers = (await (await get(`/api/supplier/offers?${asked}`)).json()) as object[];
    expect(offers).toHaveLength(3);
    const bad = await get('/api/supplier/offers?what=Oak&units=none');
    expect(bad.status).toBe(400);
    expect(((await bad.json()) as { error: string }).error).toMatch(/^units: /);
    const delivery = await get('/api/supplier/deliveries/o1?promised=2026-04-01');
    expect(await delivery.json()).toHaveProperty('state');
    expect((await get('/api/supplier/deliveries/o1?promised=soon')).status).toBe(400);
  });
});
