// Lists under which licence each package that runs with Loxos comes, from the lock file, into docs/licences.md. --check fails
// where the list is stale, or a package comes under a licence that nobody has looked at.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { format, resolveConfig } from 'prettier';
import { ROOT } from './shared.mjs';

/** Licences that let everybody use, change and pass on. */
const FREE = new Set([
  '(MIT AND Zlib)',
  '(MIT OR CC0-1.0)',
  '0BSD',
  'Apache-2.0',
  'BlueOak-1.0.0',
  'BSD-2-Clause',
  'BSD-3-Clause',
  'ISC',
  'MIT',
  'MIT-0',
  'MPL-2.0',
  'OFL-1.1',
  'Python-2.0',
  'Unlicense',
]);

/** Packages that say it in a file alone; looked at. */
const IN_A_FILE = { busboy: 'MIT', 'png-js': 'MIT', streamsearch: 'MIT' };

const { packages } = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8'));
const nameOf = (path) => path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length);
const used = Object.entries(packages)
  .filter(([path, { dev, link }]) => path.includes('node_modules/') && !dev && !link)
  .map(([path, { version, license }]) => {
    const name = nameOf(path);
    return { name, version, license: license ?? IN_A_FILE[name] ?? 'unknown' };
  });

const troubles = used.filter(({ license }) => !FREE.has(license));
for (const { name, version, license } of troubles)
  console.error(
    `${name} ${version} comes under "${license}": look at it, and add it to scripts/licences.mjs or do without.`,
  );

const sorted = (texts) => [...new Set(texts)].sort((a, b) => a.localeCompare(b, 'en'));
const sections = sorted(used.map(({ license }) => license)).map((license) => {
  const ofIt = used.filter((one) => one.license === license);
  const names = sorted(ofIt.map(({ name, version }) => `${name} ${version}`));
  return `## ${license}\n\n${names.join(', ')}\n`;
});
const target = join(ROOT, 'docs/licences.md');
const text = `# Licences\n\nWhat runs with Loxos, and under which licence it comes. Made by \`npm run licences\` from the lock file; do not edit.\n\n${sections.join('\n')}`;
const formatted = await format(text, { ...(await resolveConfig(target)), parser: 'markdown' });
if (!process.argv.includes('--check')) writeFileSync(target, formatted);
else if (readFileSync(target, 'utf8') !== formatted) {
  console.error('docs/licences.md is stale: run `npm run licences`.');
  process.exit(1);
}
process.exit(troubles.length === 0 ? 0 : 1);
