import { figureWords, isQuantity } from '@loxos/core';
import type {
  BallQuantity,
  ColumnSaid,
  DisplayUnits,
  FileColumn,
  MeasuredBall,
  ColumnVerdict,
} from '@loxos/core';
import { Button } from '../../../../ui/Button.tsx';
import { ColumnSelects } from '../../../../ui/ColumnSelects.tsx';
import { sureWords } from '../../../../ui/column-words.ts';

/** What the other columns say of one, by the model. */
const VERDICTS: Readonly<Record<ColumnVerdict, string>> = {
  agrees: 'The other columns agree.',
  contradicts: '▲ The other columns contradict it.',
};

interface ColumnRowProps {
  readonly column: FileColumn;
  readonly verdict: ColumnVerdict | undefined;
  /** Its cells in the rows shown, as they came. */
  readonly cells: readonly string[];
  readonly balls: readonly MeasuredBall[];
  readonly units: DisplayUnits;
  readonly onSay: (said: ColumnSaid) => void;
}

/** Cells of a column with what each is read as. */
const EXAMPLES = 3;

/** Returns what a ball's row is read as under a column. */
function readWords({ meaning, unit }: FileColumn, ball: MeasuredBall, units: DisplayUnits): string {
  if (meaning === null) return '';
  if (meaning === 'club') return ball.club ?? 'no club known';
  if (meaning === 'hitAt') return ball.hitAt ?? 'no time';
  if (!isQuantity(meaning)) return '';
  if (unit === null) return 'in which unit?';
  const value = meaning in ball ? ball[meaning as BallQuantity] : null;
  return value === null || value === undefined
    ? 'none'
    : figureWords(meaning as BallQuantity, value, units);
}

function ColumnRow({ column, verdict, cells, balls, units, onSay }: ColumnRowProps) {
  const { header, meaning, unit, plus, plusFrom, unitFrom, turned, atStrike } = column;
  const name = header === '' ? `Column ${column.index + 1}` : header;
  const isShown = meaning !== null && meaning !== 'player' && meaning !== 'hand';
  // What the file says itself is not said for it: only what the coach said is.
  const said: ColumnSaid = {
    header,
    meaning,
    unit,
    plus: plusFrom === 'coach' ? plus : null,
    turned,
    atStrike,
  };
  // An answer that changed its figures, or left them as the others contradict them.
  const isChanged =
    turned === true || atStrike === true || (turned === false && verdict === 'contradicts');
  const say = (next: ColumnSaid): void => {
    const isOwn = unitFrom !== 'coach' && next.unit === unit;
    onSay(isOwn ? { ...next, unit: null } : next);
  };
  return (
    <li className="grid items-center gap-x-4 gap-y-1 border-t border-line py-2 lg:grid-cols-[minmax(0,14rem)_minmax(0,1fr)_minmax(0,30rem)]">
      <p className={`font-semibold break-words ${meaning === null ? 'text-soft' : ''}`}>{name}</p>
      <div>
        <ul className="flex flex-wrap gap-x-5 font-mono text-sm">
          {cells.slice(0, EXAMPLES).map((cell, at) => (
            <li key={at}>
              <span className="text-soft">{cell === '' ? '(empty)' : cell}</span>
              {isShown && balls[at] !== undefined && (
                <span className="whitespace-nowrap"> → {readWords(column, balls[at], units)}</span>
              )}
            </li>
          ))}
        </ul>
        <p className="text-sm text-soft">
          {sureWords(column)} {verdict !== undefined && VERDICTS[verdict]}
        </p>
        {isChanged && (
          <Button
            look="quiet"
            className="-ml-4"
            onClick={() => onSay({ ...said, turned: null, atStrike: null })}
          >
            Ask again
          </Button>
        )}
      </div>
      <ColumnSelects name={name} said={said} noUnit="unit?" onSay={say} />
    </li>
  );
}

interface ColumnTableProps {
  readonly columns: readonly FileColumn[];
  readonly verdicts: Readonly<Record<string, ColumnVerdict>>;
  readonly cells: readonly (readonly string[])[];
  readonly balls: readonly MeasuredBall[];
  readonly units: DisplayUnits;
  readonly onSay: (said: ColumnSaid) => void;
}

/** The columns of a file, each with real cells and what they are read as; what is wrong is put right here. */
export function ColumnTable({ columns, verdicts, cells, balls, units, onSay }: ColumnTableProps) {
  return (
    <ul aria-label="Columns of the file">
      {columns.map((column) => (
        <ColumnRow
          key={column.header === '' ? column.index : column.header}
          column={column}
          verdict={verdicts[column.header]}
          cells={cells.length === 0 ? column.examples : cells.map((row) => row[column.index] ?? '')}
          balls={balls}
          units={units}
          onSay={onSay}
        />
      ))}
    </ul>
  );
}
