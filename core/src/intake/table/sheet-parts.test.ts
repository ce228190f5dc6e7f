import { strToU8, zipSync } from 'fflate';
import { seededRandom } from '../../maths/random.ts';
import { tries } from '../../testing/players.ts';
import { parseLaunchFile } from '../parse.ts';
import { readFileBytes } from '../file.ts';

// The least that is a spreadsheet: ECMA-376 part 1, §18.2 and §18.3 (from memory).
const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
const OFFICE = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
const WORKBOOK = `<?xml version="1.0"?><workbook xmlns="${MAIN}" xmlns:r="${OFFICE}"><sheets><sheet name="A" sheetId="1" r:id="rId1"/></sheets></workbook>`;
const LINKS = `<?xml version="1.0"?><Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${OFFICE}/worksheet" Target="worksheets/sheet1.xml"/><Relationship Id="rId2" Type="${OFFICE}/sharedStrings" Target="sharedStrings.xml"/></Relationships>`;
const TEXTS = `<?xml version="1.0"?><sst xmlns="${MAIN}"><si><t>Club</t></si><si><r><rPr><b/></rPr><t>Fa</t></r><r><t xml:space="preserve">ce</t></r></si><si><t>7i</t></si></sst>`;

const sheetOf = (rows: string): string =>
  `<?xml version="1.0"?><worksheet xmlns="${MAIN}"><dimension ref="A1:XFD1048576"/><sheetData>${rows}</sheetData></worksheet>`;
const zipOf = (sheet: string): Uint8Array =>
  zipSync({
    'xl/workbook.xml': strToU8(WORKBOOK),
    'xl/_rels/workbook.xml.rels': strToU8(LINKS),
    'xl/sharedStrings.xml': strToU8(TEXTS),
    'xl/worksheets/sheet1.xml': strToU8(sheet),
  });
const HEAD =
  '<row r="1" spans="1:2"><c r="A1" s="0" t="s"><v>0</v></c><c r="B1" t="s"><v>1</v></c></row>';
const BALL = '<row r="2"><c r="A2" t="s"><v>2</v></c><c r="B2"><f>1+0.5</f><v>1.5</v></c></row>';
const cell = (ref: string): string => `<c r="${ref}"><v>1</v></c>`;

/** The faces read, or why there are none. */
async function facesOf(bytes: Uint8Array): Promise<readonly (number | null)[] | string> {
  const reading = await readFileBytes(bytes);
  if (reading.outcome === 'refused') return reading.reason;
  return parseLaunchFile(reading.table, { hand: 'right' }).balls.map((ball) => ball.faceAngleDeg);
}
const facesIn = (rows: string) => facesOf(zipOf(sheetOf(rows)));

describe('a spreadsheet', () => {
  it('is read by its cells, whatever else stands in its parts', async () => {
    expect(await facesIn(HEAD + BALL)).toEqual([1.5]);
    // Under a prefix, with comments and a cell that only looks like something.
    const prefixed = (HEAD + BALL).replace(/<(\/?)(row|c|v|f)\b/g, '<$1x:$2');
    const dressed = sheetOf(`<!-- <row r="9"> -->${prefixed}`).replaceAll(
      'sheetData',
      'x:sheetData',
    );
    expect(await facesOf(zipOf(dressed))).toEqual([1.5]);
  });

  it.each([
    ['the last cell there is', `<row r="1048576">${cell('XFD1048576')}</row>`],
    ['the last row there is', `<row r="1048576">${cell('A1048576')}</row>`],
    ['a cell of those taken, far from all others', `<row r="59999">${cell('GR59999')}</row>`],
    ['a row beyond all rows', '<row r="30000000"><c><v>1</v></c></row>'],
    ['a row without end', `<row r="999999999999999">${cell('A999999999999999')}</row>`],
  ])('is read without a stray figure in %s', async (_, stray) => {
    expect(await facesIn(HEAD + BALL + stray)).toEqual([1.5]);
  });

  it('is refused in a sentence where more is beyond what is taken, or no package should read it', async () => {
    const far = Array.from(
      { length: 9 },
      (_, i) => `<row r="${70_000 + i}">${cell(`A${70_000 + i}`)}</row>`,
    );
    expect(await facesIn(HEAD + BALL + far.join(''))).toMatch(
      /more than 60000 rows.*split the file/,
    );
    const wide = Array.from({ length: 300 }, (_, i) => `<c t="s"><v>${i % 2}</v></c>`).join('');
    expect(await facesIn(`<row r="1">${wide}</row>`)).toMatch(/^Row 1 has more than 200 columns/);
    expect(await facesIn(`<row ${'a="a='.repeat(400_000)}>`)).toMatch(
      /cannot be read: save it again/,
    );
    // A few cells, and twelve million between them: as many as nobody types by accident.
    const apart = ['GR59999', 'GQ59998', 'GP59997', 'GO59996'].map(
      (ref) => `<row r="${ref.slice(2)}">${cell(ref)}</row>`,
    );
    expect(await facesIn(HEAD + BALL + apart.join(''))).toMatch(/too large/);
  });

  it('is read or refused, never thrown over, however its sheet is broken', async () => {
    const random = seededRandom(21);
    const whole = sheetOf(HEAD + BALL.repeat(3));
    const bits = [
      '<',
      '>',
      '"',
      '</row>',
      '<row r="7">',
      '<c r="ZZ9">',
      '<v>',
      '&',
      '9'.repeat(20),
      '<!--',
      '',
    ];
    for (let i = 0; i < tries(150, 5000); i++) {
      let sheet = whole;
      for (let k = 0; k < 1 + (i % 4); k++) {
        const at = Math.floor(random() * sheet.length);
        const cut = Math.floor(random() * 12);
        sheet =
          sheet.slice(0, at) + bits[Math.floor(random() * bits.length)]! + sheet.slice(at + cut);
      }
      const read = await facesOf(zipOf(sheet));
      if (typeof read === 'string') expect(read).toMatch(/\.$/);
      else expect(read.length).toBeLessThanOrEqual(10);
    }
  });
});

describe('JSON', () => {
  const keys = (count: number, before = 'key'): Record<string, number> =>
    Object.fromEntries(Array.from({ length: count }, (_, i) => [`${before}${i}`, i]));
  const faces = (value: unknown) => facesOf(strToU8(JSON.stringify(value)));

  it('of more names than there are figures is refused, and said why', async () => {
    const many = /more than 200 figures, the most taken\. Export fewer columns\./;
    expect(await faces([keys(250_000)])).toMatch(many);
    expect(await faces({ balls: [{ face: 1 }, keys(250_000)] })).toMatch(many);
    expect(await faces(Array.from({ length: 50 }, (_, i) => keys(50, `b${i}_`)))).toMatch(many);
    const lists = Object.fromEntries(Object.entries(keys(250_000)).map(([k, v]) => [k, [v]]));
    expect(await faces(lists)).toMatch(many);
    expect(await faces(keys(250_000))).toMatch(/holds no list of balls/);
  });
});
