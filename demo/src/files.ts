import { seededRandom } from '@loxos/core';
import { DIALECTS } from './dialects.ts';
import { PEOPLE, STRAIGHT_PULL } from './people.ts';
import type { Person, Visit } from './people.ts';
import { hitBlocks } from './shots.ts';
import type { Block } from './shots.ts';

export interface DemoFile {
  readonly name: string;
  readonly text: string;
}

/** A number from a text, so that each visit has its own scatter, the same every time. */
function seedOf(text: string): number {
  let hash = 2166136261;
  for (let i = 0; i < text.length; i++) {
    hash = Math.imul(hash ^ text.charCodeAt(i), 16777619);
  }
  return hash >>> 0;
}

const slug = (text: string): string => text.toLowerCase().replace(/[^a-z0-9]+/g, '-');

function fileOf(person: Person, name: string, blocks: readonly Block[], at: number): DemoFile {
  const dialect = DIALECTS[person.dialect];
  const balls = hitBlocks(person, blocks, seededRandom(seedOf(name)), at);
  return { name: `${name}.${dialect.extension}`, text: dialect.print(balls, person.hand) };
}

/** The launch file of a visit. */
export const visitFile = (person: Person, visit: Visit): DemoFile =>
  fileOf(person, `${slug(person.name)} ${visit.daysAgo} days ago`, visit.blocks, visit.at);

const BEFORE_NOON = 11 * 60;

/** Files to drop on a lesson by hand: one of each dialect, and one with mistakes in it. */
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
  ];
}
