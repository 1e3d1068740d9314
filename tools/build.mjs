import { cpSync, existsSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, bin, digestOf, install, isFresh, mustRun, stamp } from './lib.mjs';

const SOURCES = [
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
  if (existsSync(join(ROOT, 'dist', 'index.html')) && isFresh('build', digest)) return;
  mustRun(bin('expo'), ['export', '-p', 'web', '--output-dir', 'dist'], {
    env: {
      ...process.env,
      CI: '1',
      EXPO_OFFLINE: '1',
      EXPO_NO_TELEMETRY: '1',
      NODE_ENV: 'production',
    },
  });
  mkdirSync(join(ROOT, 'dist', 'demo'), { recursive: true });
  cpSync(join(ROOT, 'demo', 'house.json'), join(ROOT, 'dist', 'demo', 'house.json'));
  stamp('build', digest);
}

if (process.argv[1]?.endsWith('build.mjs')) {
  install();
  build();
}
