import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, bin, digestOf, install, isFresh, mustRun, stamp } from './lib.mjs';

const DIST = join(ROOT, 'dist');
const SOURCES = [
  'tools/finish',
  'index.ts',
  'src',
  'public',
  'demo',
  'app.json',
  'babel.config.js',
  'metro.config.js',
  'tailwind.config.js',
  'tsconfig.json',
  'package-lock.json',
];

/** Builds the app into dist/ when anything it is made of has changed. */
export function build() {
  const digest = digestOf(SOURCES);
  if (existsSync(join(DIST, 'sw.js')) && isFresh('build', digest)) return;
  rmSync(DIST, { recursive: true, force: true });
  mustRun(bin('expo'), ['export', '-p', 'web', '--output-dir', 'dist'], {
    env: {
      ...process.env,
      CI: '1',
      EXPO_OFFLINE: '1',
      EXPO_NO_TELEMETRY: '1',
      NODE_ENV: 'production',
    },
  });
  mustRun('node', [join(ROOT, 'tools/finish/all.mjs'), ROOT, DIST]);
  stamp('build', digest);
}

if (process.argv[1]?.endsWith('build.mjs')) {
  install();
  build();
}
