// Suites of the server in one process after another: the framework is loaded once for many of them, not once for each. Each has
// its own app on its own database, and none mocks a module.
/* global describe */
const { readdirSync, statSync } = require('node:fs');
const { join, relative } = require('node:path');

const SRC = join(__dirname, '..', 'src');
const GROUPS = 6;

const suites = readdirSync(SRC, { recursive: true })
  .filter((name) => name.endsWith('.test.ts') && !name.endsWith('.soak.test.ts'))
  .map((name) => join(SRC, name))
  .sort((a, b) => statSync(b).size - statSync(a).size);

/** Runs the suites of a group, 1 to 6: the largest are dealt out first. */
module.exports = (group) => {
  for (const [n, file] of suites.entries()) {
    if (n % GROUPS !== group - 1) continue;
    describe(relative(SRC, file), () => void require(file));
  }
};
