import { PLAIN_WANTED, RULED_OUT, SHAPES, isSaid } from '@loxos/core';
import type { RuledOut, Shape, Wanted } from '@loxos/core';
import { Segments } from './Segments.tsx';

interface WantedChoiceProps {
  readonly legend: string;
  readonly value: Wanted | null;
  /** What stands for no choice of one's own; left out, that nobody said. */
  readonly none?: string;
  readonly onChange: (wanted: Wanted | null) => void;
}

const SHAPE_OPTIONS = SHAPES.map((shape) => [shape, shape] as const);
const RULED_WORDS: Readonly<Record<RuledOut, string>> = {
  either: 'neither side',
  'never left': 'left',
  'never right': 'right',
};
const RULED_OPTIONS = RULED_OUT.map((ruled) => [ruled, RULED_WORDS[ruled]] as const);

/** The flight that is wanted, and which miss is ruled out. */
export function WantedChoice({ legend, value, none, onChange }: WantedChoiceProps) {
  const shapes: readonly (readonly [Shape | '', string])[] = [
    ['', none ?? 'not said'],
    ...SHAPE_OPTIONS,
  ];
  const isChosen = value !== null && isSaid(value);
  const setShape = (shape: Shape | ''): void => {
    if (shape === '') return onChange(none === undefined ? PLAIN_WANTED : null);
    // Another shape has another start mark: the usual one, until it is said.
    const { ruledOut } = value ?? {};
    onChange({ shape, isSaid: true, ...(ruledOut !== undefined && { ruledOut }) });
  };
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-2">
      <Segments<Shape | ''>
        legend={legend}
        value={isChosen ? value.shape : ''}
        options={shapes}
        onChange={setShape}
      />
      {isChosen && (
        <Segments<RuledOut>
          legend="Ruled out"
          value={value.ruledOut ?? 'either'}
          options={RULED_OPTIONS}
          onChange={(ruledOut) => onChange({ ...value, ruledOut })}
        />
      )}
    </div>
  );
}
