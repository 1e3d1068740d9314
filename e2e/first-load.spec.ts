import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { expect, test } from './porch';

/** What a phone on a poor line has to fetch before Today stands; look for what came in when this fails. */
const MOST_KILOBYTES = 455;

test('the first load stays light, and what comes later is not in it', async ({ porch, page }) => {
  const fetched = new Set<string>();
  page.on('request', (request) => {
    const { pathname } = new URL(request.url());
    // The planner is a worker of its own and holds nothing up.
    if (request.resourceType() === 'script' && !pathname.includes('/planner-')) {
      fetched.add(pathname);
    }
  });
  await porch.openDemo();
  const bytes = [...fetched]
    .map((path) => gzipSync(readFileSync(`dist${path}`), { level: 9 }).length)
    .reduce((sum, size) => sum + size, 0);
  expect(bytes / 1024).toBeGreaterThan(300);
  expect(bytes / 1024).toBeLessThan(MOST_KILOBYTES);
});
