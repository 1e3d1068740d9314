import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { relative } from 'node:path';
import { brotliCompressSync, brotliDecompressSync, gunzipSync, gzipSync } from 'node:zlib';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { text } from 'node:stream/consumers';
import { createApp } from './app';
import { takenWords, whoIsThere } from './taken';

const root = mkdtempSync('.cache-server-');
const app = createApp(relative('.', root));
const get = (path: string, headers: Record<string, string> = { accept: '*/*' }) =>
  app.request(path, { headers });

const ENTRY = '/_expo/static/entry-36db83844fa375ede6d205f8caf46683.js';
const SCRIPT = 'let porch = 1;'.repeat(400);

beforeAll(() => {
  mkdirSync(`${root}/_expo/static`, { recursive: true });
  writeFileSync(`${root}/index.html`, '<p>porch</p>');
  writeFileSync(`${root}${ENTRY}`, SCRIPT);
  writeFileSync(`${root}${ENTRY}.br`, brotliCompressSync(SCRIPT));
  writeFileSync(`${root}${ENTRY}.gz`, gzipSync(SCRIPT));
});
afterAll(() => rmSync(root, { recursive: true }));

describe('the server', () => {
  it('answers any page address with the app, uncached, under a strict policy', async () => {
    const page = await get('/house/abc', { accept: 'text/html' });
    expect(await page.text()).toContain('porch');
    expect(page.headers.get('cache-control')).toBe('no-cache');
    expect(page.headers.get('content-security-policy')).toContain("default-src 'self'");
    expect(page.headers.get('x-content-type-options')).toBe('nosniff');
  });

  it('lets hashed files be kept for good', async () => {
    const entry = await get(ENTRY);
    expect(entry.headers.get('cache-control')).toContain('immutable');
    expect(await entry.text()).toBe(SCRIPT);
  });

  it.each([
    '/_expo/static/gone-36db83844fa375ede6d205f8caf46683.js',
    '/assets/gone.36db83844fa375ede6d205f8caf46683.png',
    '/fonts/gone.36db83844fa375ede6d205f8caf46683.woff2',
    '/demo/gone.json',
  ])('says 404 of %s also to a browser that would take a page', async (path) => {
    const gone = await get(path, { accept: 'text/html,*/*' });
    expect(gone.status).toBe(404);
    expect(gone.headers.get('cache-control')).toBe('no-cache');
  });

  it('reads nothing beside the build', async () => {
    expect((await get('/..%2Fpackage.json')).status).toBe(404);
  });

  it.each([
    ['br', brotliDecompressSync],
    ['gzip', gunzipSync],
  ] as const)('sends %s to who takes it', async (encoding, unpack) => {
    const packed = await get(ENTRY, { 'accept-encoding': encoding });
    expect(packed.headers.get('content-encoding')).toBe(encoding);
    expect(packed.headers.get('vary')).toMatch(/accept-encoding/i);
    expect(unpack(Buffer.from(await packed.arrayBuffer())).toString()).toBe(SCRIPT);
  });

  it.each(['/', ENTRY])('says 304 of %s to who has it already', async (path) => {
    const tag = (await get(path)).headers.get('etag') ?? '';
    expect(tag).toMatch(/^(?:W\/)?"[0-9a-f]{16,}"$/);
    const again = await get(path, { accept: '*/*', 'if-none-match': tag });
    expect(again.status).toBe(304);
    expect(await again.text()).toBe('');
    expect((await get(path, { accept: '*/*', 'if-none-match': '"other"' })).status).toBe(200);
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

describe('a port that is taken', () => {
  async function answering(body: string): Promise<[string, () => void]> {
    const server = createServer((_, response) => response.end(body));
    await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
    const { port } = server.address() as AddressInfo;
    return [`http://127.0.0.1:${port}`, () => server.close()];
  }

  it('is told apart by who answers there', async () => {
    const health = await (await get('/api/health')).text();
    for (const [body, who] of [
      [health, 'us'],
      ['{"ok":true}', 'other'],
      ['<html>', 'other'],
    ] as const) {
      const [origin, close] = await answering(body);
      expect(await whoIsThere(origin)).toBe(who);
      close();
    }
  });

  it('ends a second start with words, and the first goes on', async () => {
    const [origin, close] = await answering('<html>');
    const env = { ...process.env, PORT: new URL(origin).port };
    const second = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], { env });
    const [said, [code]] = await Promise.all([text(second.stderr), once(second, 'exit')]);
    expect(said).toContain('is taken by another program');
    expect(code).toBe(1);
    close();
  });

  it('is said with the way on, and nobody is moved to another port unasked', () => {
    expect(takenWords('us', 'http://127.0.0.1:4173', 4173)).toContain('runs already');
    const words = takenWords('other', 'http://127.0.0.1:4173', 4173);
    expect(words).toContain('Port 4173 is taken');
    expect(words).toContain('PORT=4174 npm start');
  });
});
