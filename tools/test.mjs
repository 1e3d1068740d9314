import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, bin, collected, install, run } from './lib.mjs';

/** Everything `npm test` checks, what only reads first. Installs what is missing, Chromium included. */
const REPORTS = { jest: '.cache/jest.json', playwright: '.cache/playwright.json' };

const heading = (title) => process.stdout.write(`\n== ${title}\n`);

/** What reads, and the build, in lanes beside each other: each of them keeps but one core busy. */
async function checkIn(lanes) {
  const ended = await Promise.all(
    lanes.map(async (lane) => {
      for (const [title, command, args] of lane) {
        const { status, output } = await collected(command, args);
        heading(title);
        process.stdout.write(output);
        if (status !== 0) return status;
      }
      return 0;
    }),
  );
  const failed = ended.find((status) => status !== 0);
  if (failed !== undefined) process.exit(failed);
}

function read(report) {
  const path = join(ROOT, report);
  return existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : null;
}

/** The runners' own counts, added up on one closing line. */
function closingLine() {
  const jest = read(REPORTS.jest);
  const browser = read(REPORTS.playwright)?.stats;
  const passed = (jest?.numPassedTests ?? 0) + (browser?.expected ?? 0) + (browser?.flaky ?? 0);
  const failed = (jest?.numFailedTests ?? 0) + (browser?.unexpected ?? 0);
  process.stdout.write(`\n${passed} passed, ${failed} failed\n`);
}

install();
for (const report of Object.values(REPORTS)) rmSync(join(ROOT, report), { force: true });
await checkIn([
  [
    ['formatting', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
    ['types', 'npm', ['run', '-s', 'types']],
    ['lint', 'npm', ['run', '-s', 'lint']],
  ],
  [
    ['layers', 'npm', ['run', '-s', 'layers']],
    ['unused exports', 'npm', ['run', '-s', 'unused']],
    ['chromium', process.execPath, ['tools/chromium.mjs']],
    ['build', process.execPath, ['tools/build.mjs']],
  ],
]);
heading('unit tests');
const unit = run(bin('jest'), ['--ci', '--json', `--outputFile=${REPORTS.jest}`]);
if (unit !== 0) {
  closingLine();
  process.exit(unit);
}
heading('browser tests');
const browser = run(bin('playwright'), ['test'], {
  env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: REPORTS.playwright },
});
closingLine();
process.exit(browser);
