import { EMPTY_BALL } from '@loxos/core';
import { decodeText, looksBinary } from './decode.ts';
import { fingerprintOf, markKnown, resultMessage, sourceKey } from './intake.logic.ts';
import type { Row } from './intake.dto.ts';

const row = (line: number, fate: Row['fate']): Row => ({ line, fate, reason: '', problems: [] });

describe('a ball known already', () => {
  const ball = { ...EMPTY_BALL, faceAngleDeg: 1.5, hitAt: '10:01' };
  it('is known by its figures and time, and no other is', () => {
    expect(fingerprintOf(ball)).toBe(fingerprintOf({ ...ball }));
    expect(fingerprintOf({ ...ball, faceAngleDeg: 1.6 })).not.toBe(fingerprintOf(ball));
    expect(fingerprintOf({ ...ball, hitAt: '10:02' })).not.toBe(fingerprintOf(ball));
    // A figure in another column is another ball.
    expect(fingerprintOf({ ...EMPTY_BALL, clubPathDeg: 1 })).not.toBe(
      fingerprintOf({ ...EMPTY_BALL, faceAngleDeg: 1 }),
    );
  });

  it('is marked once for each time the lesson has it: two equal balls are two', () => {
    const rows = [row(1, 'header'), row(2, 'ball'), row(3, 'ball'), row(4, 'ball')];
    const marked = markKnown(rows, [null, 'a', 'a', 'b'], ['a']);
    expect(marked.map(({ fate }) => fate)).toEqual(['header', 'known', 'ball', 'ball']);
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
