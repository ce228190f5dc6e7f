import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import * as core from '@loxos/core';

const FOLDER = join(__dirname, '..', '..', 'bench');

/** The names a script takes from core. */
const taken = (script: string): string[] =>
  [...script.matchAll(/import\s*\{([^}]*)\}\s*from\s*'@loxos\/core'/g)].flatMap(([, names]) =>
    names!
      .split(',')
      .map((name) => name.trim())
      .filter((name) => name !== ''),
  );

describe('the benches', () => {
  // They are too long to be run with the tests, and no compiler reads them.
  it('call nothing that core has no more', () => {
    const scripts = readdirSync(FOLDER).filter((name) => name.endsWith('.mjs'));
    const calls = scripts.flatMap((name) =>
      taken(readFileSync(join(FOLDER, name), 'utf8')).map((call) => [name, call] as const),
    );
    expect(calls.length).toBeGreaterThan(15);
    expect(calls.filter(([, call]) => !(call in core))).toEqual([]);
  });
});
