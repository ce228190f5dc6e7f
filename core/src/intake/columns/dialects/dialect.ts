import type { Unit } from '../../../units/units.ts';
import type { ColumnMeaning } from '../meaning.ts';
import type { Side } from '../../side.ts';

/**
 * How the files of one language write things. All of it is plain usage of the words, no one source's. Names are compared
 * without case, accents, spaces and marks; a name that begins with `~` is a vague one: another column that says the same
 * thing plainly is taken before it.
 */
export interface Dialect {
  readonly language: string;
  /** Names of columns, separated by commas. */
  readonly names: Readonly<Partial<Record<ColumnMeaning, string>>>;
  /** Words for a side, in a cell or in a column's name; single letters hold only in files of this language. */
  readonly sides: Readonly<Partial<Record<Side, string>>>;
  /** Words of a row that sums others up, wherever they stand. */
  readonly averages: string;
  /** Words of a row that is nobody's ball where they label it, and may be a remark elsewhere. */
  readonly summaries: string;
  /** Names of columns that are known and not needed. */
  readonly unused: string;
  /** Words that make of a column's name something else than the ball's own figure. */
  readonly notThisBall: string;
  /** Words that say a column is where the ball came to rest: its side is not the carry's. */
  readonly atRest: string;
  readonly plus: string;
  readonly minus: string;
  readonly units: Readonly<Partial<Record<Unit, string>>>;
  /** What stands where nothing was measured. */
  readonly missing: string;
}
