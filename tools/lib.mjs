import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Shared by start, test and build. Plain Node: these run before anything is installed. */
export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');
const CACHE = join(ROOT, '.cache');
const BIN = join(ROOT, 'node_modules', '.bin');

export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (result.error) throw result.error;
  return result.status ?? 1;
}

export function mustRun(command, args, options) {
  const status = run(command, args, options);
  if (status !== 0) {
    process.stderr.write(`${command} ${args.join(' ')} ended with ${status}\n`);
    process.exit(status);
  }
}

/** Runs beside others: what it prints is told once it ended. */
export function collected(command, args) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.setEncoding('utf8').on('data', (text) => (output += text));
    }
    child.on('error', reject);
    child.on('close', (status) => resolve({ status: status ?? 1, output }));
  });
}

export const bin = (name) => join(BIN, name);

/** A digest of everything the build is made of. */
export function digestOf(paths) {
  const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '--', ...paths], {
    cwd: ROOT,
    encoding: 'utf8',
  });
  const hash = createHash('sha256');
  for (const file of files.split('\n').filter(Boolean).sort()) {
    if (!existsSync(join(ROOT, file))) continue;
    hash.update(file).update(readFileSync(join(ROOT, file)));
  }
  return hash.digest('hex');
}

const stampFile = (name) => join(CACHE, `${name}.stamp`);

export const isFresh = (name, digest) =>
  existsSync(stampFile(name)) && readFileSync(stampFile(name), 'utf8') === digest;

export function stamp(name, digest) {
  mkdirSync(CACHE, { recursive: true });
  writeFileSync(stampFile(name), digest);
}

/** `npm ci` when the lock file is newer than what is installed. */
export function install() {
  const digest = digestOf(['package.json', 'package-lock.json']);
  if (existsSync(BIN) && isFresh('install', digest)) return;
  mustRun('npm', ['ci', '--no-audit', '--no-fund']);
  stamp('install', digest);
}
