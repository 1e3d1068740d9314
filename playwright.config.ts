import { defineConfig } from '@playwright/test';
import { chromiumPath } from './tools/chromium-path.mjs';

const PORT = 4187;

/** The built app, served by our own server, in Debian's Chromium; phone and wide where it matters. */
export default defineConfig({
  testDir: './e2e',
  outputDir: './test-results',
  // A machine that stands still for a minute is no fault of the program's; what passes waits for nothing.
  timeout: 600_000,
  expect: { timeout: 120_000 },
  workers: 2,
  fullyParallel: true,
  retries: 0,
  reporter: [['list'], ['json']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    actionTimeout: 120_000,
    timezoneId: 'UTC',
    locale: 'en-US',
    // What is kept for offline use has its own tests; elsewhere it would only be fetched again and again.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: chromiumPath(),
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'node --import tsx server/main.ts',
    env: { PORT: String(PORT) },
    url: `http://127.0.0.1:${PORT}/api/health`,
    reuseExistingServer: false,
  },
});
