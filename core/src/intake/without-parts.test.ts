import { parseLaunchFile, tableOf } from './parse.ts';
import { withoutParts } from './without-parts.ts';

const TEXT = [
  'Session of Ada Reed and Ben Stone',
  'Player,Club,Face,Path,Note',
  'Ada Reed,7i,1,-3,"a, b"',
  'Ben Stone,7i,2,-2,',
  'Ben Stone,7i,wide,-2,',
  'Ada Reed,7i,far,-1,',
  'Cy Moss,7i,4,-1,',
].join('\n');
const OPTIONS = { hand: 'right' } as const;

describe('a file without one of its players', () => {
  const lessened = withoutParts(tableOf(TEXT), OPTIONS, (key) => key === 'benstone||')!;

  it('has nothing of theirs, and everything else on the line it was on', () => {
    expect(lessened.text).not.toMatch(/Ben|Stone/);
    expect(lessened.taken).toEqual(new Set([1, 4, 5]));
    const read = parseLaunchFile(lessened.text, { ...OPTIONS, parts: ['adareed||'] });
    expect(read.rows.filter(({ fate }) => fate !== 'blank').map((r) => [r.line, r.fate])).toEqual([
      [2, 'header'],
      [3, 'ball'],
      [6, 'rejected'],
      [7, 'other'],
    ]);
    expect(read.balls).toMatchObject([{ faceAngleDeg: 1, clubPathDeg: -3 }]);
    expect(lessened.text).toContain('"a, b"');
  });

  it('keeps what is of somebody whose name begins alike', () => {
    const text = 'Player,Club,Face,Path\nJo,7i,1,-3\nJon Smith,7i,2,-2\nJon Smith,7i,wide,-2\n';
    const less = withoutParts(tableOf(text), OPTIONS, (key) => key === 'jo||')!;
    expect(less.taken).toEqual(new Set([2]));
  });

  it('is the file itself where it has nothing of them', () => {
    expect(withoutParts(tableOf(TEXT), OPTIONS, (key) => key === 'dorafox||')).toBeNull();
    expect(withoutParts(tableOf(TEXT), OPTIONS, () => false)).toBeNull();
  });
});
