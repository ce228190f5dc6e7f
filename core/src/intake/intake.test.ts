import { parseLaunchFile } from './parse.ts';
import type { IntakeOptions } from './questions/options.ts';

const parse = (text: string, options: IntakeOptions = { hand: 'right' }) =>
  parseLaunchFile(text, options);
const lines = (...rows: string[]): string => rows.join('\n');

describe('dialects', () => {
  it('reads commas with units in the names of the columns', () => {
    const { balls, rows, questions } = parse(
      lines(
        'Club,Club Speed (mph),Club Path (deg),Face Angle (deg),Carry (yd)',
        '7 Iron,80,-3.5,1.0,150',
      ),
    );
    expect(questions).toEqual([]);
    expect(balls).toHaveLength(1);
    expect(balls[0]).toMatchObject({
      club: '7-iron',
      clubPathDeg: -3.5,
      faceAngleDeg: 1,
      faceToPathDeg: 4.5,
    });
    expect(balls[0]!.clubSpeedMps).toBeCloseTo(80 * 0.44704, 9);
    expect(balls[0]!.carryM).toBeCloseTo(150 * 0.9144, 9);
    expect(rows.map((row) => row.fate)).toEqual(['header', 'ball']);
  });

  it('reads semicolons, decimal commas, a row of units, a byte-order mark and side letters', () => {
    const { balls, questions, decimal } = parse(
      lines(
        '\ufeffClub;Club path;Face angle;Ball speed;Offline',
        ';deg;deg;km/h;m',
        '6 iron;3,6 O-I;1,2 R;180,0;5,5 L',
      ),
    );
    expect(questions).toEqual([]);
    expect(decimal).toBe('comma');
    expect(balls[0]).toMatchObject({ clubPathDeg: -3.6, faceAngleDeg: 1.2, offlineM: -5.5 });
    expect(balls[0]!.ballSpeedMps).toBeCloseTo(50, 9);
  });

  it('reads tabs, quoted fields and a preamble', () => {
    const { balls, rows } = parse(
      lines(
        'Session 4',
        '',
        'Club\tFace Angle\tClub Path\tNotes',
        '"Driver"\t"2.0"\t-1\t"said ""hm""\nover two lines"',
        'Dr\t1\t1\t',
      ),
    );
    expect(balls).toHaveLength(2);
    expect(rows.map(({ line, fate }) => [line, fate])).toEqual([
      [1, 'preamble'],
      [2, 'blank'],
      [3, 'header'],
      [4, 'ball'],
      [6, 'ball'],
    ]);
  });

  it('turns I-O and O-I with the hand', () => {
    const file = lines('Club path,Face angle', '4 I-O,1 R', '2 O-I,1 L');
    const paths = (hand: 'right' | 'left') =>
      parse(file, { hand }).balls.map((ball) => ball.clubPathDeg);
    expect(paths('right')).toEqual([4, -2]);
    expect(paths('left')).toEqual([-4, 2]);
  });

  it('makes spin rate and axis of back and side spin', () => {
    const { balls } = parse(lines('Back spin,Side spin,Face angle', '3000,-4000,1'));
    expect(balls[0]!.spinRateRpm).toBeCloseTo(5000, 9);
    expect(balls[0]!.spinAxisTiltDeg).toBeCloseTo(-53.1301, 3);
  });

  it('keeps strike offsets in millimetres, whatever the file’s unit', () => {
    const { balls } = parse(lines('Impact X (cm),Impact Y (mm),Face', '0.6 T,3,1', '1.2 H,-4,1'));
    expect(balls.map((b) => b.strikeToeMm)).toEqual([6, -12]);
    expect(balls.map((b) => b.strikeHighMm)).toEqual([3, -4]);
  });

  it('leaves out averages and other summaries', () => {
    const { balls, rows } = parse(
      lines('Club,Face,Path', '7i,1,2', 'Average,1,2', 'Std. Dev.,0,0'),
    );
    expect(balls).toHaveLength(1);
    expect(rows.slice(2).map((row) => row.fate)).toEqual(['summary', 'summary']);
  });
});

describe('rows that cannot be read', () => {
  it('are refused with the column and why, and the rest is kept', () => {
    const { balls, rows } = parse(
      lines(
        'Face angle,Club path,Carry (m)',
        '1,2,150',
        'wide,2,150',
        '1,2,4000',
        '1,2,150,9,9',
        '1,5 I,150',
      ),
    );
    expect(balls).toHaveLength(1);
    expect(rows.map((row) => row.fate)).toEqual([
      'header',
      'ball',
      'rejected',
      'rejected',
      'rejected',
      'rejected',
    ]);
    expect(rows[2]!.reason).toBe('Column “Face angle”: "wide" is not a number.');
    expect(rows[3]!.reason).toContain('Column “Carry (m)”: "4000" m is outside');
    expect(rows[4]!.reason).toContain('5 cells under 3 column names');
    expect(rows[5]!.reason).toContain('Column “Club path”');
  });

  it('are refused when face, path and face to path contradict each other', () => {
    const { balls, rows } = parse(lines('Face,Path,Face to path', '2,-3,5', '2,-3,-5'));
    expect(balls).toHaveLength(1);
    expect(rows[2]!.reason).toContain('contradicts itself');
  });

  it('take a dash or a blank as no figure, not as a fault', () => {
    const { balls } = parse(lines('Face,Path,Carry (m)', '1,-,', 'n/a,2,140'));
    expect(balls.map((b) => [b.faceAngleDeg, b.clubPathDeg, b.carryM])).toEqual([
      [1, null, null],
      [null, 2, 140],
    ]);
  });
});

describe('what is asked, never guessed', () => {
  it('a unit the file does not say', () => {
    const file = lines('Ball speed,Face', '50,1');
    const { questions } = parse(file);
    expect(questions).toHaveLength(1);
    expect(questions[0]).toMatchObject({ kind: 'unit', headers: ['Ball speed'] });
    const mapping = { 'Ball speed': { meaning: 'ballSpeedMps', unit: 'm/s' } } as const;
    const answered = parse(file, { hand: 'right', mapping });
    expect(answered.questions).toEqual([]);
    expect(answered.balls[0]!.ballSpeedMps).toBe(50);
  });

  it('what plus means for a left-hander, and only for one', () => {
    const file = lines('Face,Path,Start direction', '2,-3,1');
    expect(parse(file, { hand: 'right' }).questions).toEqual([]);
    expect(parse(file, { hand: 'left' }).questions).toMatchObject([{ kind: 'signs' }]);
    const read = (signs: 'target' | 'hand-club' | 'hand-all') => {
      const [b] = parse(file, { hand: 'left', signs }).balls;
      return [b!.faceAngleDeg, b!.clubPathDeg, b!.startDirectionDeg];
    };
    expect(read('target')).toEqual([2, -3, 1]);
    expect(read('hand-club')).toEqual([-2, 3, 1]);
    expect(read('hand-all')).toEqual([-2, 3, -1]);
  });

  it('a comma that could be decimal or thousands', () => {
    const file = lines('Spin rate;Face', '6,500;1');
    expect(parse(file).questions).toMatchObject([
      { kind: 'decimal', text: expect.stringContaining('6,500') },
    ]);
    expect(parse(file, { hand: 'right', decimal: 'dot' }).balls[0]!.spinRateRpm).toBe(6500);
  });

  it('what the columns are, when none is known', () => {
    const { questions, balls } = parse(lines('Alpha,Beta', '1,2'));
    expect(balls).toEqual([]);
    expect(questions).toMatchObject([{ kind: 'columns' }]);
  });
});
