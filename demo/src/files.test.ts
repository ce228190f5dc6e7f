import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { parseLaunchFile, readLesson } from '@loxos/core';
import { filesToDrop, visitFiles } from './files.ts';
import { PEOPLE } from './people.ts';

const person = (name: string) => PEOPLE.find((p) => p.name.startsWith(name))!;
const groupsOf = (name: string) => {
  const who = person(name);
  const { balls, questions } = parseLaunchFile(visitFiles(who, who.visits[0]!)[0]!.text, {
    hand: who.hand,
  });
  expect(questions).toEqual([]);
  return readLesson(balls, { hand: who.hand }).clubs.map(({ group }) => group);
};

describe('the demo academy', () => {
  it('ships the files its generator makes', () => {
    for (const { name, text } of filesToDrop()) {
      const shipped = readFileSync(
        fileURLToPath(new URL(`../files/${name}`, import.meta.url)),
        'utf8',
      );
      expect(shipped).toBe(text);
    }
  });

  it('every file but one is taken without a question; only the one with mistakes has refused rows', () => {
    for (const { name, text } of filesToDrop()) {
      if (name === 'another-studio.csv') continue;
      const hand = name.startsWith('lettered') ? 'left' : 'right';
      const { balls, rows, questions } = parseLaunchFile(text, { hand });
      expect(questions).toEqual([]);
      expect(balls.length).toBeGreaterThan(8);
      const refused = rows.filter((row) => row.fate === 'rejected').length;
      if (name.startsWith('with-mistakes')) expect(refused).toBe(3);
      else expect(refused).toBe(0);
    }
  });

  it('the file of another studio asks for the unit of its carry, and finds its path turned', () => {
    const { text } = filesToDrop().find(({ name }) => name === 'another-studio.csv')!;
    const { questions } = parseLaunchFile(text, { hand: 'right' });
    expect(questions.map(({ kind, headers }) => [kind, ...headers])).toEqual([
      ['unit', 'Carry'],
      ['physics', 'Club path (deg)'],
    ]);
  });

  it('reads each player as the fault they were given', () => {
    expect(groupsOf('Ines')[0]!.pattern!.name).toBe('pull');
    expect(groupsOf('Odile')[0]!.pattern!.name).toMatch(/hook|draw/);
    const tobias = groupsOf('Tobias');
    const share = (i: number) => tobias[i]!.figures.curveM!.mean / tobias[i]!.figures.carryM!.mean;
    expect(share(0)).toBeGreaterThan(2 * share(1));
    // A left-hander's fade bends left.
    const wren = groupsOf('Wren')[0]!;
    expect(wren.figures.curveM!.mean).toBeLessThan(0);
    expect(wren.pattern!.name).toMatch(/fade|slice/);
  });
});
