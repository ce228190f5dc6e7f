import { INTAKE_LIMITS, tooMuch } from './limits.ts';
import { parseLaunchFile } from '../parse.ts';

const HEADER = 'Club,Face angle (deg),Club path (deg)\n';
const { lines, columns } = INTAKE_LIMITS;

describe('what is more than is taken at once', () => {
  it('says how many lines are, and what to do', () => {
    const rows = '7i,1,2\n'.repeat(lines - 1);
    expect(tooMuch(HEADER + rows)).toBeNull();
    expect(tooMuch(`${HEADER}${rows}7i,1,2`)).toMatch(/more than 60000 lines.*split the file/);
  });

  it('says which line is too wide', () => {
    const wide = `7i${','.repeat(columns)}`;
    expect(tooMuch(HEADER + wide)).toMatch(/^Line 2 has more than 200 columns/);
    expect(tooMuch(HEADER + wide.slice(1, -1))).toBeNull();
  });

  it.each(['\n', '\r\n', '\r'])('counts lines that end in %j', (end) => {
    expect(tooMuch(`x${end}`.repeat(lines + 2))).not.toBeNull();
    expect(tooMuch(`x${end}`.repeat(10))).toBeNull();
  });

  it('five million line ends are not lines, and not an answer of their own', () => {
    expect(tooMuch('\n'.repeat(5_000_000))).toBeNull();
    expect(tooMuch(`${'\n'.repeat(5_000_000)}x`)).not.toBeNull();
  });

  it('a name of column beyond all names is none, however it is written', () => {
    const { columns: found } = parseLaunchFile(`${'('.repeat(60_000)},Face angle (deg)\n1,2\n`);
    expect(found.map(({ meaning }) => meaning)).toEqual([null, 'faceAngleDeg']);
  });
});

describe('a stray quotation mark', () => {
  const fates = (text: string) =>
    parseLaunchFile(text, { signs: 'target' }).rows.map(({ line, fate }) => `${line} ${fate}`);

  it('left open costs its own line, and no other', () => {
    const text = `${HEADER}7i,1,2\n7i,"3,4\n7i,5,6\n7i,7,8\n`;
    expect(fates(text)).toEqual([
      '1 header',
      '2 ball',
      '3 rejected',
      '4 ball',
      '5 ball',
      '6 blank',
    ]);
    expect(parseLaunchFile(text).rows[2]!.reason).toMatch(/opened and not closed/);
  });

  it('closed by another further down swallows nothing unseen', () => {
    const text = `${HEADER}7i,1,2\n"7i,3,4\n7i",5,6\n7i,7,8\n`;
    const rows = fates(text);
    expect(rows).toContain('2 ball');
    expect(rows).toContain('5 ball');
    expect(rows.filter((row) => row.endsWith('rejected'))).toEqual(['3 rejected']);
    expect(rows).toContain('4 ball');
  });

  it('a name quoted over two lines in a sound file is still one cell', () => {
    const text = `"Club\nname",Face angle (deg),Club path (deg)\n7i,1,2\n`;
    const { balls, columns: found } = parseLaunchFile(text, { signs: 'target' });
    expect(balls).toHaveLength(1);
    expect(found[0]!.header).toBe('Club name');
  });
});
