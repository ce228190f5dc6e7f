import type { Hand } from '../../line/hand.ts';
import type { DayOrder } from '../day.ts';
import type { ColumnMapping } from '../columns/layout.ts';
import type { Decimal } from '../number.ts';
import type { ClubSaid } from './questions.ts';
import type { SignRule } from '../columns/value.ts';

/** What is said with a launch file. */
export interface IntakeOptions {
  /** The player's hand; without it I-O and O-I cannot be read. */
  readonly hand?: Hand | null;
  /** The player's name: a file that names somebody else asks. */
  readonly player?: string | null;
  /** What plus and minus mean for a left-hander; without it the file's signs are asked about. */
  readonly signs?: SignRule;
  /** What columns are, by header text; unnamed columns are recognised. */
  readonly mapping?: Readonly<Record<string, ColumnMapping>>;
  readonly decimal?: Decimal;
  /** What club of the bag each was that the file calls something else. */
  readonly clubs?: readonly ClubSaid[];
  /** Whether it is to be shown column by column: what the columns say of each other is told as well. */
  readonly isShown?: boolean;
  /** When the lesson is that the balls are for, as ISO 8601; a file of another day says so. */
  readonly lessonAt?: string;
  /** What stands first in days of three numbers; without it a file that could be read either way asks. */
  readonly dayOrder?: DayOrder;
  /** Keys of the parts of the file that are meant; without them a file of several asks. */
  readonly parts?: readonly string[];
}
