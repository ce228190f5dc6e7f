import { zipSync } from 'fflate';
import { parseLaunchFile } from './parse.ts';
import type { IntakeOptions } from './questions/options.ts';
import { readFileBytes } from './file.ts';
import { sheetTable } from './table/sheet.ts';

const bytesOf = (text: string): Uint8Array => Uint8Array.from(Buffer.from(text));
const readAs = async (bytes: Uint8Array, options: IntakeOptions = { hand: 'right' }) => {
  const reading = await readFileBytes(bytes);
  return reading.outcome === 'refused' ? reading.reason : parseLaunchFile(reading.table, options);
};
const facesOf = async (bytes: Uint8Array): Promise<unknown> => {
  const read = await readAs(bytes);
  return typeof read === 'string' ? read : read.balls.map(({ faceAngleDeg }) => faceAngleDeg);
};

describe('bytes of a text', () => {
  const TEXT = 'Club,Face (°)\n7i,1.5\n';
  const utf16 = (isLittle: boolean): Uint8Array => {
    const bytes = new Uint8Array(TEXT.length * 2);
    const view = new DataView(bytes.buffer);
    [...TEXT].forEach((letter, at) => view.setUint16(at * 2, letter.charCodeAt(0), isLittle));
    return bytes;
  };

  it('are read in UTF-8, in UTF-16 without its mark, and in Latin-1', async () => {
    expect(await facesOf(bytesOf(TEXT))).toEqual([1.5]);
    expect(await facesOf(utf16(true))).toEqual([1.5]);
    expect(await facesOf(utf16(false))).toEqual([1.5]);
    const latin = Uint8Array.from(TEXT, (letter) => letter.charCodeAt(0));
    expect(await facesOf(latin)).toEqual([1.5]);
  });

  it('are read in the older encoding under which their names are known', async () => {
    // クラブ,フェース角 in Shift JIS (JIS X 0208, from memory).
    const head = [
      [0x83, 0x4e, 0x83, 0x89, 0x83, 0x75, 0x2c],
      [0x83, 0x74, 0x83, 0x46, 0x81, 0x5b, 0x83, 0x58, 0x8a, 0x70, 0x0a],
    ].flat();
    expect(await facesOf(Uint8Array.from([...head, ...bytesOf('7I,1.5\n')]))).toEqual([1.5]);
  });

  it('that are no text are refused, saying what to do', async () => {
    expect(await facesOf(Uint8Array.of(1, 0, 0, 0, 2, 0, 0, 3))).toMatch(/not a text file. Export/);
    expect(await facesOf(new Uint8Array())).toBe('The file is empty.');
    expect(await facesOf(Uint8Array.of(0xd0, 0xcf, 0x11, 0xe0, 1))).toMatch(/old kind. Save it as/);
  });
});

describe('packed bytes', () => {
  it('that hold no spreadsheet are refused', async () => {
    expect(await facesOf(zipSync({ 'a.csv': bytesOf('Club,Face') }))).toMatch(/no spreadsheet/);
    expect(await facesOf(zipSync({ 'academy.jsonl': bytesOf('{}') }))).toMatch(/at Settings/);
  });

  it('that unfold to far more than they are are refused before they are unfolded', async () => {
    const zip = zipSync({
      'xl/workbook.xml': bytesOf('x'),
      'xl/a.xml': new Uint8Array(130_000_000),
    });
    expect(zip.length).toBeLessThan(1_000_000);
    expect(await facesOf(zip)).toMatch(/too large/);
  });
});

describe('a spreadsheet’s cells', () => {
  const HEAD = ['Time', 'Club', 'Face'];
  const at = new Date('2026-11-02T10:05:00Z');

  it('are texts: a date keeps its time, a number its digits', () => {
    const { rows } = sheetTable([{ name: 'A', cells: [HEAD, [at, '7i', 0.1 + 0.2], [null]] }]);
    expect(rows.map(({ cells }) => cells)).toEqual([
      HEAD,
      ['2026-11-02 10:05:00', '7i', '0.30000000000000004'],
      [''],
    ]);
  });

  it('written as texts are read by their marks', () => {
    const table = sheetTable([
      {
        name: 'A',
        cells: [
          ['Club', 'Face'],
          ['7i', '1,5'],
          ['7i', '-2,5'],
        ],
      },
    ]);
    expect(parseLaunchFile(table).balls.map((ball) => ball.faceAngleDeg)).toEqual([1.5, -2.5]);
  });

  it('under merged heads are named by the head above them', () => {
    const cells = [
      ['Club', null, 'Ball', null],
      ['Type', 'Path', 'Speed', 'Direction'],
      ['', 'deg', 'mph', 'deg'],
      ['7i', -3.4, 100, 0.3],
    ];
    const { balls, questions } = parseLaunchFile(sheetTable([{ name: 'A', cells }]));
    expect(questions).toEqual([]);
    expect(balls[0]).toMatchObject({ clubPathDeg: -3.4, startDirectionDeg: 0.3 });
    expect(balls[0]!.ballSpeedMps).toBeCloseTo(44.704, 9);
  });
});

describe('JSON', () => {
  it.each([
    [
      'a list of rows',
      [
        ['Club', 'Face'],
        ['7i', 1.5],
      ],
    ],
    ['balls with what holds for all', { player: 'Ada', balls: [{ club: '7i', faceAngle: 1.5 }] }],
    ['figures that lie deeper', [{ club: { name: '7i' }, club_data: { face_angle_deg: 1.5 } }]],
  ])('%s', async (_, value) => {
    expect(await facesOf(bytesOf(JSON.stringify(value)))).toEqual([1.5]);
  });

  it.each(['{}', '[]', '[1, 2]', '{"face": [1]}', '"text"', '{"a": {"b": {"c": 1}}}'])(
    '%s is refused in words, or asks',
    async (text) => {
      const read = await readAs(bytesOf(text));
      if (typeof read === 'string') expect(read).toMatch(/JSON/);
      else expect(read.questions.length).toBeGreaterThan(0);
    },
  );
});
