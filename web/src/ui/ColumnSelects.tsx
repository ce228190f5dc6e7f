import { infoOf, isQuantity } from '@loxos/core';
import type { ColumnMeaning, ColumnSaid, Side, Unit } from '@loxos/core';
import { SelectField } from './Field.tsx';
import { MEANINGS, plusOptions } from './column-words.ts';

interface ColumnSelectsProps {
  /** What the column is called on the screen. */
  readonly name: string;
  /** What is said of it, or read of it where nothing is. */
  readonly said: ColumnSaid;
  /** What stands for a unit that nobody said. */
  readonly noUnit: string;
  readonly onSay: (said: ColumnSaid) => void;
}

/** What a column holds, its unit and what plus is in it, each to be said otherwise. */
export function ColumnSelects({ name, said, noUnit, onSay }: ColumnSelectsProps) {
  const { header, meaning, unit = null, plus = null } = said;
  const units = isQuantity(meaning) ? infoOf(meaning).units : [];
  const pluses = plusOptions(meaning);
  return (
    <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
      <SelectField
        label={`What “${name}” holds`}
        isLabelHidden
        options={MEANINGS}
        value={meaning ?? ''}
        onChange={({ target: { value } }) =>
          onSay({ header, meaning: value === '' ? null : (value as ColumnMeaning) })
        }
      />
      {units.length > 0 && (
        <SelectField
          label={`Unit of “${name}”`}
          isLabelHidden
          options={[['', noUnit], ...units.map((one) => [one, one] as const)]}
          value={unit ?? ''}
          onChange={({ target: { value } }) =>
            onSay({ ...said, unit: value === '' ? null : (value as Unit) })
          }
        />
      )}
      {pluses.length > 0 && (
        <SelectField
          label={`Plus in “${name}” is`}
          isLabelHidden
          options={pluses.map(([value, label]) => [value, `plus: ${label}`] as const)}
          value={plus ?? ''}
          onChange={({ target: { value } }) =>
            // What plus is goes over signs that were turned.
            onSay({ ...said, turned: null, plus: value === '' ? null : (value as Side) })
          }
        />
      )}
    </div>
  );
}
