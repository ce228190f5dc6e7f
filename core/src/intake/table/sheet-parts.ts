/**
 * The parts of a spreadsheet, made plain before the package that reads them builds any row: only rows and cells that hold
 * something, each tag with the attributes that count (ECMA-376 part 1, §18.3, from memory). Goes over each part once.
 */
import { strFromU8, strToU8 } from 'fflate';
import { INTAKE_LIMITS, tooManyColumns, tooManyRows } from './limits.ts';

/** A sheet made plain, or why it is not read. */
type PlainSheet =
  | { readonly outcome: 'plain'; readonly xml: string }
  | { readonly outcome: 'refused'; readonly reason: string };

/** Cells that stand beyond what is taken: so few were typed there by accident, and are passed over. */
const STRAY_CELLS = 3;
/** Cells from the first to the last row and column: the package fills the gaps between. */
const MOST_AREA = 3_000_000;
/** Letters of a tag's attributes: what is longer is no cell. */
const MOST_LETTERS = 1_000;
/** The same of the first tag of a part, which names its namespaces. */
const ROOT_LETTERS = 4_000;

export const NOT_READABLE =
  'This spreadsheet cannot be read: save it again, or as CSV, and drop that.';
export const TOO_LARGE = 'This spreadsheet is too large. Export fewer balls, or as CSV.';

interface Tag {
  readonly name: string;
  readonly isEnd: boolean;
  readonly isEmpty: boolean;
  readonly attributes: string;
  /** Where the text after it begins, and where that ends. */
  readonly from: number;
  readonly to: number;
}

const SPACE = 32;
const COLON = 58;

/** Where the name of a tag stands, without the prefix of its namespace: it ends at the first white space. */
function nameIn(xml: string, begin: number, stop: number) {
  let from = begin;
  let to = begin;
  for (; to < stop; to++) {
    const code = xml.charCodeAt(to);
    if (code <= SPACE) break;
    if (code === COLON && from === begin) from = to + 1;
  }
  return { from, to };
}

/** Returns the tags of a part one after the other, with the text behind each; comments and declarations are passed over. */
function* tagsOf(xml: string, begin: number, end: number): Generator<Tag> {
  let open = xml.indexOf('<', begin);
  while (open >= 0 && open < end) {
    const isComment = xml.startsWith('<!--', open);
    const close = isComment ? xml.indexOf('-->', open) + 2 : xml.indexOf('>', open);
    if (close <= open) return;
    const next = xml.indexOf('<', close);
    const to = next < 0 ? end : Math.min(next, end);
    const first = xml[open + 1];
    if (first !== '!' && first !== '?') {
      const isEnd = first === '/';
      const isEmpty = xml[close - 1] === '/';
      const stop = isEmpty ? close - 1 : close;
      const named = nameIn(xml, open + (isEnd ? 2 : 1), stop);
      const name = xml.slice(named.from, named.to);
      const attributes = named.to === stop ? '' : xml.slice(named.to, stop);
      yield { name, isEnd, isEmpty, attributes, from: close + 1, to };
    }
    open = next;
  }
}

const ROW_NUMBER = /\sr\s*=\s*["'](\d{1,15})["']/;
const REFERENCE = /\sr\s*=\s*["']([A-Za-z]{1,6})(\d{1,15})["']/;
const TYPE = /\st\s*=\s*["']([a-zA-Z]{1,12})["']/;
const STYLE = /\ss\s*=\s*["'](\d{1,6})["']/;

const columnOf = (letters: string): number =>
  [...letters.toUpperCase()].reduce((sum, letter) => 26 * sum + letter.charCodeAt(0) - 64, 0);
function lettersOf(column: number): string {
  const letters: string[] = [];
  for (let left = column; left > 0; left = Math.floor((left - 1) / 26))
    letters.unshift(String.fromCharCode(65 + ((left - 1) % 26)));
  return letters.join('');
}
/** Letters of the columns that are taken, by their number: each is asked for once a row. */
const LETTERS: readonly string[] = Array.from({ length: INTAKE_LIMITS.columns + 1 }, (_, column) =>
  lettersOf(column),
);

/** What stands within a cell: its value, or its text in one run or more. */
const WITHIN_CELL: ReadonlySet<string> = new Set(['v', 'is', 'r', 'rPh', 't']);
const WITHIN_TEXTS: ReadonlySet<string> = new Set(['si', 'r', 'rPh', 't']);
/** Tags whose text counts; between the others there is only white space. */
const HOLDS_TEXT: ReadonlySet<string> = new Set(['v', 't']);

/** Returns a tag without its attributes, with the text it holds. */
function bare(xml: string, { name, isEnd, isEmpty, from, to }: Tag): string {
  if (isEnd) return `</${name}>`;
  if (isEmpty) return `<${name}/>`;
  return `<${name}>${HOLDS_TEXT.has(name) ? xml.slice(from, to) : ''}`;
}

interface Place {
  row: number;
  column: number;
}
interface Cell extends Readonly<Place> {
  readonly xml: string;
}

/** Returns the last row and the last column that hold something, each with how many cells it has. */
function edgesOf(cells: readonly Cell[]) {
  const edge = { row: 0, inRow: 0, column: 0, inColumn: 0 };
  for (const { row, column } of cells) {
    if (row > edge.row) Object.assign(edge, { row, inRow: 0 });
    if (column > edge.column) Object.assign(edge, { column, inColumn: 0 });
    if (row === edge.row) edge.inRow += 1;
    if (column === edge.column) edge.inColumn += 1;
  }
  return edge;
}

/** Returns the cells without the few that stand so far from all others that the gaps between are too large; null where they are not few. */
function withoutStrays(cells: readonly Cell[], most: number): readonly Cell[] | null {
  let left = cells;
  for (let dropped = 0; ; dropped++) {
    const { row, inRow, column, inColumn } = edgesOf(left);
    if (row * column <= MOST_AREA) return left;
    if (dropped === most || Math.min(inRow, inColumn) > 1) return null;
    left = left.filter((cell) => (inRow === 1 ? cell.row !== row : cell.column !== column));
  }
}

/** Gathers the cells that hold something, row by row. */
class Gathered {
  private readonly cells: Cell[] = [];
  private far = 0;
  private farLine = '';

  /** Puts a cell in its place, or counts it among those beyond what is taken. */
  put({ row, column }: Place, attributes: string, content: string): void {
    const { lines, columns } = INTAKE_LIMITS;
    if (row > lines || column > columns) {
      this.far += 1;
      this.farLine ||= row > lines ? tooManyRows() : tooManyColumns(row);
      return;
    }
    const type = TYPE.exec(attributes)?.[1];
    const style = STYLE.exec(attributes)?.[1];
    const xml = `<c r="${LETTERS[column]}${row}"${type === undefined ? '' : ` t="${type}"`}${style === undefined ? '' : ` s="${style}"`}>${content}</c>`;
    this.cells.push({ row, column, xml });
  }

  sheet(): PlainSheet {
    if (this.far > STRAY_CELLS) return { outcome: 'refused', reason: this.farLine };
    const cells = withoutStrays(this.cells, STRAY_CELLS - this.far);
    if (cells === null) return { outcome: 'refused', reason: TOO_LARGE };
    const pieces: string[] = [];
    let open = 0;
    for (const { row, xml } of cells) {
      if (row !== open) pieces.push(open === 0 ? '' : '</row>', `<row r="${row}">`);
      open = row;
      pieces.push(xml);
    }
    const rows = `${pieces.join('')}${open === 0 ? '' : '</row>'}`;
    return {
      outcome: 'plain',
      xml: `<worksheet><sheetData>${rows}</sheetData></worksheet>`,
    };
  }
}

/** Returns a sheet with nothing but its cells that hold something, and those far from all others left out. */
function plainSheet(xml: string): PlainSheet {
  const begin = xml.search(/<(?:[A-Za-z]+:)?sheetData[\s>]/);
  const found = new Gathered();
  if (begin < 0) return found.sheet();
  const ended = /<\/(?:[A-Za-z]+:)?sheetData\s*>/.exec(xml.slice(begin));
  const end = ended === null ? xml.length : begin + ended.index;
  const at: Place = { row: 0, column: 0 };
  // A cell of nothing but tags is empty.
  let cell: { attributes: string; content: string; holds: boolean } | null = null;
  for (const tag of tagsOf(xml, begin, end)) {
    const { name, isEnd, isEmpty, attributes } = tag;
    if (attributes.length > MOST_LETTERS) return { outcome: 'refused', reason: NOT_READABLE };
    if (name === 'row' && !isEnd) {
      at.row = Number(ROW_NUMBER.exec(attributes)?.[1] ?? at.row + 1);
      at.column = 0;
    } else if (name === 'c' && !isEnd) {
      const reference = REFERENCE.exec(attributes);
      at.column = reference === null ? at.column + 1 : columnOf(reference[1]!);
      if (reference !== null) at.row = Number(reference[2]);
      cell = isEmpty ? null : { attributes, content: '', holds: false };
    } else if (name === 'c' && cell !== null) {
      if (cell.holds) found.put(at, cell.attributes, cell.content);
      cell = null;
    } else if (cell !== null && WITHIN_CELL.has(name)) {
      cell.content += bare(xml, tag);
      cell.holds ||= !isEnd && !isEmpty && HOLDS_TEXT.has(name) && tag.to > tag.from;
    }
  }
  return found.sheet();
}

/** Returns the shared texts of a spreadsheet without what they look like; null where no package should read them. */
function plainTexts(xml: string): string | null {
  const pieces: string[] = [];
  for (const tag of tagsOf(xml, 0, xml.length)) {
    if (tag.attributes.length > MOST_LETTERS) return null;
    if (WITHIN_TEXTS.has(tag.name)) pieces.push(bare(xml, tag));
  }
  return `<sst>${pieces.join('')}</sst>`;
}

/** Returns whether every tag of a small part is short enough to be read as it is. */
function isShortTagged(xml: string): boolean {
  let most = ROOT_LETTERS;
  for (const { attributes } of tagsOf(xml, 0, xml.length)) {
    if (attributes.length > most) return false;
    most = MOST_LETTERS;
  }
  return true;
}

/** Parts beside the sheets and their texts that are larger say nothing of the cells, bytes: pictures of charts, themes. */
const SMALL_BYTES = 2_000_000;

/** A spreadsheet as its plain parts, to be read by a package, or why it is not. */
export type PlainParts =
  | { readonly outcome: 'plain'; readonly parts: Readonly<Record<string, Uint8Array>> }
  | { readonly outcome: 'refused'; readonly reason: string };

/** Returns the parts of a spreadsheet made plain; parts that say nothing of its cells are left out. */
export function plainParts(parts: Readonly<Record<string, Uint8Array>>): PlainParts {
  const plain: Record<string, Uint8Array> = {};
  for (const [name, bytes] of Object.entries(parts)) {
    const xml = strFromU8(bytes);
    if (/<(?:[A-Za-z]+:)?sheetData[\s>]/.test(xml)) {
      const sheet = plainSheet(xml);
      if (sheet.outcome === 'refused') return sheet;
      plain[name] = strToU8(sheet.xml);
    } else if (/<(?:[A-Za-z]+:)?sst[\s>]/.test(xml)) {
      const texts = plainTexts(xml);
      if (texts === null) return { outcome: 'refused', reason: NOT_READABLE };
      plain[name] = strToU8(texts);
    } else if (bytes.length <= SMALL_BYTES && isShortTagged(xml)) plain[name] = bytes;
  }
  return { outcome: 'plain', parts: plain };
}
