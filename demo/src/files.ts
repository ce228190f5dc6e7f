import { seededRandom } from '@loxos/core';
import { DIALECTS } from './dialects.ts';
import { PEOPLE, STRAIGHT_PULL } from './people.ts';
import type { Person } from './people.ts';
import type { Monitor, Visit } from './visit.ts';
import { hitBlocks } from './shots.ts';
import type { Block } from './shots.ts';

export interface DemoFile {
  readonly name: string;
  readonly text: string;
}

/** Returns a number from a text, so that each visit has its own scatter, the same every time. */
function seedOf(text: string): number {
  let hash = 2166136261;
  for (let i = 0; i < text.length; i++) {
    hash = Math.imul(hash ^ text.charCodeAt(i), 16777619);
  }
  return hash >>> 0;
}

/** Between the first balls of two monitors in one lesson. */
const MINUTES_A_FILE = 20;

const slug = (text: string): string => text.toLowerCase().replace(/[^a-z0-9]+/g, '-');

function fileOf(
  person: Person,
  name: string,
  blocks: readonly Block[],
  at: number,
  { dialect: spelt }: Pick<Monitor, 'dialect'> = person,
): DemoFile {
  const dialect = DIALECTS[spelt];
  const balls = hitBlocks(person, blocks, seededRandom(seedOf(name)), at);
  return { name: `${name}.${dialect.extension}`, text: dialect.print(balls, person.hand) };
}

/** Returns swings as a monitor that reads the face more open writes them down. */
const asReadBy = ({ readsMoreDeg }: Monitor, blocks: readonly Block[]): Block[] =>
  blocks.map((block) => ({
    ...block,
    swing: { ...block.swing, faceDeg: block.swing.faceDeg + readsMoreDeg },
  }));

/** Returns the launch files of a visit: one of each monitor it was hit on. */
export function visitFiles(person: Person, visit: Visit): DemoFile[] {
  const name = `${slug(person.name)} ${visit.daysAgo} days ago`;
  const { monitors = [{ dialect: person.dialect, readsMoreDeg: 0 }], at } = visit;
  return monitors.map((monitor, n) =>
    fileOf(
      person,
      n === 0 ? name : `${name}, monitor ${n + 1}`,
      asReadBy(monitor, visit.blocks),
      at + n * MINUTES_A_FILE,
      monitor,
    ),
  );
}

const BEFORE_NOON = 11 * 60;

/** Returns the file of a studio that turns its path round and does not say so, nor in which unit it carries. */
function strangely({ text }: DemoFile): string {
  const [head = '', ...rows] = text.split('\r\n').map((line) => line.split(','));
  const path = (head as readonly string[]).findIndex((name) => name.startsWith('Club path'));
  const turned = (cell: string): string => (cell.startsWith('-') ? cell.slice(1) : `-${cell}`);
  const names = (head as readonly string[]).map((name) => name.replace('Carry (yd)', 'Carry'));
  const lines = rows.map((cells) =>
    cells.map((cell, at) => (at === path && cells.length > 1 ? turned(cell) : cell)),
  );
  return [names, ...lines].map((cells) => cells.join(',')).join('\r\n');
}

/** Files to drop on a lesson by hand: one of each dialect, one with mistakes in it, one that must ask. */
export function filesToDrop(): DemoFile[] {
  const [ines, tobias, , wren, hollis] = PEOPLE as [Person, Person, Person, Person, Person];
  const steady = hollis.visits[0]!.blocks;
  const plain = fileOf(ines, 'plain-commas', STRAIGHT_PULL, BEFORE_NOON);
  const lines = plain.text.split('\r\n');
  const spoilt = lines.map((line, index) => {
    if (index === 3) return line.replace(/^((?:[^,]*,){2})[^,]*/, '$1fast');
    if (index === 6) return `${line},99,99`;
    return index === 9 ? line.replace(/-?\d+\.\d$/, '4000.0') : line;
  });
  return [
    plain,
    fileOf(wren, 'lettered-semicolons', wren.visits[0]!.blocks, BEFORE_NOON),
    fileOf(
      { ...tobias, dialect: 'ballOnly' },
      'ball-only-tabs',
      tobias.visits[0]!.blocks,
      BEFORE_NOON,
    ),
    fileOf(hollis, 'hollis-quay-check', steady, BEFORE_NOON),
    { name: 'with-mistakes.csv', text: spoilt.join('\r\n') },
    {
      name: 'another-studio.csv',
      text: strangely(fileOf(hollis, 'another-studio', steady, BEFORE_NOON)),
    },
  ];
}
