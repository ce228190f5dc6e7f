// The examples of the README, run as they stand there.
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { runInNewContext } from 'node:vm';
import ts from 'typescript';
import * as core from './index.ts';

const README = fileURLToPath(new URL('../README.md', import.meta.url));
const examples = [...readFileSync(README, 'utf8').matchAll(/```ts\n([\s\S]*?)```/g)].map(
  (match) => match[1]!,
);

/** What an example calls things, once it was run. */
function run(example: string, names: readonly string[]): unknown[] {
  const { outputText } = ts.transpileModule(example, {
    compilerOptions: { module: ts.ModuleKind.ESNext, target: ts.ScriptTarget.ES2022 },
  });
  const body = outputText.replace(/import \{(.*?)\} from '@loxos\/core';/gs, 'const {$1} = core;');
  return runInNewContext(`${body}\n;[${names.join(', ')}];`, { core }) as unknown[];
}

describe('the README of core', () => {
  it.each<[number, Record<string, unknown>]>([
    [0, { startsLeft: true, bendsRight: true }],
    [1, { read: 1, refused: 1, open: 0 }],
    [2, { answer: 'try' }],
    [
      3,
      {
        after: { balls: [{ id: 'a', keep: 'out' }] },
        back: { balls: [{ id: 'a', keep: 'auto' }] },
      },
    ],
  ])('says in example %d what is so', (n, said) => {
    expect(run(examples[n]!, Object.keys(said))).toEqual(Object.values(said));
  });

  it('has no example that is not run', () => {
    expect(examples).toHaveLength(4);
  });
});

describe('the map', () => {
  const root = new URL('../../', import.meta.url);
  const map = readFileSync(fileURLToPath(new URL('docs/architecture.md', root)), 'utf8');
  const paths = [...map.matchAll(/`((?:core|server|web)\/src\/[\w./-]+)`/g)].map((m) => m[1]!);

  it('names more than thirty places', () => {
    expect(paths.length).toBeGreaterThan(30);
  });

  it.each([...new Set(paths)])('%s is there', (path) => {
    expect(existsSync(fileURLToPath(new URL(path, root)))).toBe(true);
  });

  it('names every room there is', () => {
    for (const part of ['core', 'server'])
      for (const room of readdirSync(fileURLToPath(new URL(`${part}/src`, root)), {
        withFileTypes: true,
      }))
        if (room.isDirectory() && room.name !== 'testing')
          expect(map).toMatch(new RegExp(`\\b${room.name}/`));
  });
});
