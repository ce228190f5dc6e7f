import { EMPTY_BALL } from '@loxos/core';
import { fingerprintOf } from './fingerprint.ts';
import { markKnown, resultMessage, rowPage } from './intake.logic.ts';
import { sourceKey } from './source-key.ts';
import type { Row } from './intake.dto.ts';

const row = (line: number, fate: Row['fate']): Row => ({ line, fate, reason: '', problems: [] });

const ROWS = [row(1, 'header'), row(2, 'ball'), row(3, 'ball'), row(4, 'ball')];
const ball = (id: string, deletedAt: string | null) => ({
  id,
  print: 'a',
  isDeleted: deletedAt !== null,
});
const PRINTS = new Map([
  [2, 'a'],
  [3, 'a'],
  [4, 'b'],
]);

describe('a ball known already', () => {
  const hit = { ...EMPTY_BALL, faceAngleDeg: 1.5, hitAt: '10:01' };
  it('is known by its figures and time, and no other is', () => {
    expect(fingerprintOf(hit)).toBe(fingerprintOf({ ...hit }));
    expect(fingerprintOf({ ...hit, faceAngleDeg: 1.6 })).not.toBe(fingerprintOf(hit));
    expect(fingerprintOf({ ...hit, hitAt: '10:02' })).not.toBe(fingerprintOf(hit));
    // A figure in another column is another ball.
    expect(fingerprintOf({ ...EMPTY_BALL, clubPathDeg: 1 })).not.toBe(
      fingerprintOf({ ...EMPTY_BALL, faceAngleDeg: 1 }),
    );
  });

  it('is marked once for each time the lesson has it: two equal balls are two', () => {
    const { rows, held, isNew } = markKnown(ROWS, PRINTS, [ball('x', null)]);
    expect(rows.map(({ fate }) => fate)).toEqual(['header', 'known', 'ball', 'ball']);
    expect(held).toEqual(['x']);
    expect([2, 3, 4].map(isNew)).toEqual([false, true, true]);
  });

  it('is one that is there before one that was deleted, and says which', () => {
    const { rows, held } = markKnown(ROWS, PRINTS, [
      ball('gone', '2026-05-04T09:00:00.000Z'),
      ball('here', null),
    ]);
    expect(held).toEqual(['here', 'gone']);
    expect(rows[1]!.reason).toMatch(/already in the lesson/);
    expect(rows[2]!.reason).toMatch(/was deleted/);
  });
});

describe('what is said of a file', () => {
  it('counts what was added, known and refused', () => {
    const rows = [row(1, 'header'), row(2, 'ball'), row(3, 'known'), row(4, 'rejected')];
    expect(resultMessage(rows)).toBe('1 ball added, 1 already here, 1 row refused: see why below.');
    expect(resultMessage([])).toBe('0 balls added.');
    expect(resultMessage(rows, 1)).toBe(
      '1 ball read anew, 1 already here, 1 row refused: see why below.',
    );
  });

  it('knows a source by its column names, whatever the figures and their delimiter', () => {
    const one = sourceKey(['Club,Face,Path', '7i,1,2', '']);
    expect(sourceKey(['Club;Face;Path', '9i;3;4', '8i;3;4'])).toBe(one);
    expect(sourceKey(['Club,Path,Face', '7i,1,2'])).not.toBe(one);
  });

  it('tells sources apart whose names are of another script, or no names at all', () => {
    expect(sourceKey(['Клюшка,Путь', '1,2'])).not.toBe(sourceKey(['Клюшка,Лицо', '1,2']));
    expect(sourceKey(['1;2', '3;4'])).not.toBe(sourceKey(['5;6', '3;4']));
  });
});

describe('rows of a large file', () => {
  const many = [row(1, 'header'), ...Array.from({ length: 1200 }, (_, n) => row(n + 2, 'ball'))];
  const all = [...many, row(1300, 'rejected')];
  it('come some at a time, the refused first, and how many there are is said', () => {
    const first = rowPage(all);
    expect(first).toMatchObject({ count: 1202, refused: 1 });
    expect(first.rows.slice(0, 2).map(({ line }) => line)).toEqual([1300, 1]);
    const lines = [0, 500, 1000].flatMap((skip) => rowPage(all, skip).rows.map(({ line }) => line));
    expect(new Set(lines).size).toBe(1202);
    expect(rowPage(all, 1000).rows).toHaveLength(202);
  });

  it('are counted by what became of them, and those of one fate come alone', () => {
    expect(rowPage(all).fates).toEqual([
      { fate: 'rejected', count: 1 },
      { fate: 'header', count: 1 },
      { fate: 'ball', count: 1200 },
    ]);
    expect(rowPage(all, 0, 'header')).toMatchObject({ count: 1, refused: 1, rows: [{ line: 1 }] });
  });
});
