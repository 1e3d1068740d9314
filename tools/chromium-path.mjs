import { existsSync } from 'node:fs';

/** Debian's Chromium without a screen, and the whole one: what the first saves is a fifth of the browser tests. */
export const SHELL = '/usr/bin/chromium-headless-shell';
export const WHOLE = '/usr/bin/chromium';

/** The Chromium that browser tests run in. */
export const chromiumPath = () => (existsSync(SHELL) ? SHELL : WHOLE);
