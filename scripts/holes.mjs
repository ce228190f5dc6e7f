// Asks the registry for known holes in what runs with Loxos (`npm audit`). Those of docs/known-holes.json have been looked at, each
// until a day. Ends with 1 where another is known, with 2 where the registry does not say. Not part of `npm test`: what is known
// changes from day to day.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './shared.mjs';
import { judged } from './judge-holes.mjs';

const { stdout } = spawnSync('npm', ['audit', '--omit=dev', '--json'], {
  cwd: ROOT,
  encoding: 'utf8',
  shell: process.platform === 'win32',
});
const answer = (() => {
  try {
    return JSON.parse(stdout);
  } catch {
    return {};
  }
})();
if (answer.vulnerabilities === undefined) {
  console.error(
    `The registry does not say which holes are known (${answer.message ?? 'no answer'}). Nothing was checked: try again where it does.`,
  );
  process.exit(2);
}
const exceptions = JSON.parse(readFileSync(join(ROOT, 'docs/known-holes.json'), 'utf8'));
const today = new Date().toISOString().slice(0, 10);
const { open, excused } = judged(answer.vulnerabilities, exceptions, today);
for (const { id, name, title, why } of open) console.error(`${id} in ${name}: ${title}${why}`);
console.log(`${open.length} open, ${excused.length} looked at and excused.`);
process.exit(open.length === 0 ? 0 : 1);
