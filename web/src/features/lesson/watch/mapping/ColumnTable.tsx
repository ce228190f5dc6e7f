import { infoOf } from '@loxos/core';
import type {
  BallQuantity,
  ColumnMeaning,
  ColumnSaid,
  DisplayUnits,
  FileColumn,
  MeasuredBall,
  Side,
  Unit,
} from '@loxos/core';
import { figureWords } from '../../../../sync/words.ts';
import { SelectField } from '../../../../ui/Field.tsx';
import { MEANINGS, isQuantity, plusOptions, sureWords } from '../../../../ui/column-words.ts';

interface ColumnRowProps {
  readonly column: FileColumn;
  /** Its cells in the rows shown, as they came. */
  readonly cells: readonly string[];
  readonly balls: readonly MeasuredBall[];
  readonly units: DisplayUnits;
  readonly onSay: (said: ColumnSaid) => void;
}

/** Cells of a column with what each is read as. */
const EXAMPLES = 3;

/** What a ball's row is read as under a column. */
function readWords({ meaning, unit }: FileColumn, ball: MeasuredBall, units: DisplayUnits): string {
  if (meaning === null) return '';
  if (meaning === 'club') return ball.club ?? 'no club known';
  if (meaning === 'hitAt') return ball.hitAt ?? '';
  if (!isQuantity(meaning)) return '';
  if (unit === null) return 'in which unit?';
  const value = meaning in ball ? ball[meaning as BallQuantity] : null;
  return value === null || value === undefined
    ? 'none'
    : figureWords(meaning as BallQuantity, value, units);
}

function ColumnRow({ column, cells, balls, units, onSay }: ColumnRowProps) {
  const { header, meaning, unit, plus, plusFrom, unitFrom } = column;
  const name = header === '' ? `Column ${column.index + 1}` : header;
  const base = { header, turned: column.turned };
  const choices = isQuantity(meaning) ? infoOf(meaning).units : [];
  const pluses = plusOptions(meaning);
  const isShown = meaning !== null && meaning !== 'player' && meaning !== 'hand';
  const said = {
    unit: unitFrom === 'coach' ? unit : null,
    plus: plusFrom === 'coach' ? plus : null,
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
        <p className="text-sm text-soft">{sureWords(column)}</p>
      </div>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        <SelectField
          label={`What “${name}” holds`}
          isLabelHidden
          options={MEANINGS}
          value={meaning ?? ''}
          onChange={({ target }) =>
            onSay({
              header,
              meaning: target.value === '' ? null : (target.value as ColumnMeaning),
            })
          }
        />
        {choices.length > 0 && (
          <SelectField
            label={`Unit of “${name}”`}
            isLabelHidden
            options={[['', 'unit?'] as const, ...choices.map((one) => [one, one] as const)]}
            value={unit ?? ''}
            onChange={({ target }) =>
              onSay({
                ...base,
                ...said,
                meaning,
                unit: target.value === '' ? null : (target.value as Unit),
              })
            }
          />
        )}
        {pluses.length > 0 && (
          <SelectField
            label={`Plus in “${name}” is`}
            isLabelHidden
            options={pluses.map(([value, label]) => [value, `plus: ${label}`] as const)}
            value={said.plus ?? ''}
            onChange={({ target }) =>
              onSay({
                header,
                meaning,
                unit: said.unit,
                plus: target.value === '' ? null : (target.value as Side),
              })
            }
          />
        )}
      </div>
    </li>
  );
}

interface ColumnTableProps {
  readonly columns: readonly FileColumn[];
  readonly cells: readonly (readonly string[])[];
  readonly balls: readonly MeasuredBall[];
  readonly units: DisplayUnits;
  readonly onSay: (said: ColumnSaid) => void;
}

/** The columns of a file, each with real cells and what they are read as; what is wrong is put right here. */
export function ColumnTable({ columns, cells, balls, units, onSay }: ColumnTableProps) {
  return (
    <ul aria-label="Columns of the file">
      {columns.map((column) => (
        <ColumnRow
          key={column.header === '' ? column.index : column.header}
          column={column}
          cells={cells.map((row) => row[column.index] ?? '')}
          balls={balls}
          units={units}
          onSay={onSay}
        />
      ))}
    </ul>
  );
}
