import { generateSW } from 'workbox-build';
import { join } from 'node:path';

const MOST_BYTES = 6 * 1024 * 1024;

/**
 * Writes the service worker: every file of the build is kept by the browser, so that each page opens without the
 * server. A new build waits until somebody takes it: what stands open is never mixed with it.
 */
export async function writeServiceWorker(dist) {
  const { count, size, warnings } = await generateSW({
    globDirectory: dist,
    globPatterns: ['**/*.{html,js,css,woff2,txt,png,svg,webmanifest,json}'],
    globIgnores: ['sw.js', 'metadata.json', 'licences.txt'],
    swDest: join(dist, 'sw.js'),
    maximumFileSizeToCacheInBytes: MOST_BYTES,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    dontCacheBustURLsMatching: /[.-][0-9a-f]{32}[.@]/,
    directoryIndex: 'index.html',
    ignoreURLParametersMatching: [/.*/],
    clientsClaim: true,
    skipWaiting: false,
    cleanupOutdatedCaches: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    mode: 'production',
  });
  if (warnings.length > 0) throw new Error(warnings.join('\n'));
  process.stdout.write(`Kept for offline use: ${count} files, ${Math.round(size / 1024)} KB\n`);
}
