import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { SHELL, WHOLE } from './chromium-path.mjs';
import { mustRun } from './lib.mjs';

const apt = (...words) =>
  spawnSync('apt-get', ['-qq', '-o', 'Acquire::http::Timeout=20', ...words], {
    stdio: 'inherit',
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  }).status === 0;

/** Installs the shell; where apt does not give it, the whole browser does. */
function installChromium() {
  if (existsSync(SHELL)) return;
  const has = apt('update') && apt('install', '-y', 'chromium-headless-shell');
  if (has || existsSync(WHOLE)) return;
  mustRun('apt-get', ['install', '-y', '-qq', 'chromium']);
}

if (process.argv[1]?.endsWith('chromium.mjs')) installChromium();
