import { EMPTY_BALL } from '@loxos/core';
import { decodeText, looksBinary } from './decode.ts';
import { fingerprintOf } from './fingerprint.ts';
import { markKnown, resultMessage, rowPage, sourceKey } from './intake.logic.ts';
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
  });

  it('knows a source by its column names, whatever the figures and their delimiter', () => {
    const one = sourceKey('Club,Face,Path\n7i,1,2\n');
    expect(sourceKey('Club;Face;Path\r\n9i;3;4\r\n8i;3;4')).toBe(one);
    expect(sourceKey('Club,Path,Face\n7i,1,2\n')).not.toBe(one);
  });

  it('tells sources apart whose names are of another script, or no names at all', () => {
    expect(sourceKey('Клюшка,Путь\n1,2')).not.toBe(sourceKey('Клюшка,Лицо\n1,2'));
    expect(sourceKey('1;2\n3;4')).not.toBe(sourceKey('5;6\n3;4'));
  });
});

describe('bytes', () => {
  it('are told from text by their noughts, except in UTF-16', () => {
    expect(looksBinary(Buffer.from('Face,Path'))).toBe(false);
    expect(looksBinary(Buffer.from([0x50, 0x4b, 3, 4, 0]))).toBe(true);
    expect(looksBinary(Buffer.from('\ufeffFace', 'utf16le'))).toBe(false);
  });

  it('are read as what they are', () => {
    expect(decodeText(Buffer.from('5°'))).toBe('5°');
    expect(decodeText(Buffer.from('5°', 'latin1'))).toBe('5°');
    expect(decodeText(Buffer.from('\ufeff5°', 'utf16le'))).toContain('5°');
    const bigEndian = Buffer.from('\ufeff5°', 'utf16le').swap16();
    expect(decodeText(bigEndian)).toContain('5°');
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
});
