// Subjects of commits are at most 72 characters, from the commit on that made it a rule.
import { spawnSync } from 'node:child_process';
import { ROOT } from './shared.mjs';

const RULE_SINCE = '567a500';
const MOST = 72;

const log = (...range) =>
  spawnSync('git', ['log', '--format=%h %s', ...range], { cwd: ROOT, encoding: 'utf8' });
const since = log(`${RULE_SINCE}..HEAD`);
// Of a clone without so much past, what it has is no matter of this rule.
const lines = since.status === 0 ? since.stdout.trim().split('\n').filter(Boolean) : [];
const long = lines.filter((line) => line.replace(/^\S+ /, '').length > MOST);
for (const line of long) console.error(`A subject of more than ${MOST} characters: ${line}`);
process.exit(long.length === 0 ? 0 : 1);
