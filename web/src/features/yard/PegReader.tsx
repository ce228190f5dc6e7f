import {
  convert,
  fromSi,
  handSign,
  isPathPeg,
  laidForDeg,
  offPathM,
  pathOverDeg,
  pegWords,
} from '@loxos/core';
import type { Drill, Hand, Layout, LengthUnit } from '@loxos/core';
import { useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { Dial } from '../../ui/Dial.tsx';

interface PegReaderProps {
  readonly drill: Drill;
  readonly layout: Layout;
  readonly hand: Hand;
  readonly unit: LengthUnit;
  /** Lays the station for a path, degrees in-to-out. */
  readonly onPath: (pathDeg: number) => void;
}

/** The small unit of a tape, how far a peg is laid in it and to which step. */
const TAPES = {
  m: { unit: 'cm', along: { min: 5, max: 100, step: 1 }, out: { min: -40, max: 40, step: 0.5 } },
  yd: { unit: 'in', along: { min: 2, max: 40, step: 0.5 }, out: { min: -16, max: 16, step: 0.1 } },
} as const;

/** One of the pegs of this drill, laid by eye: what path it asks for, and the whole station laid by it. */
export function PegReader({ drill, layout, hand, unit, onPath }: PegReaderProps) {
  const pegs = layout.parts.filter(isPathPeg);
  // One of a channel says nothing by itself.
  const peg = pegs.filter((one) => offPathM(one, pegs) === 0).at(-1);
  const [alongM, setAlong] = useState(Math.abs(peg?.alongM ?? 0));
  const [outM, setOut] = useState((peg?.rightM ?? 0) * handSign(hand));
  if (peg === undefined) return null;
  const isBehind = peg.alongM < 0;
  const tape = TAPES[unit];
  const spot = { alongM: isBehind ? -alongM : alongM, rightM: outM * handSign(hand) };
  const pathDeg = pathOverDeg(spot, hand);
  const laid = laidForDeg(drill, pathDeg);
  return (
    <section aria-label="A peg you laid" className="panel p-3">
      <h2 className="text-lg first-letter:uppercase">{peg.label}, as you laid it</h2>
      <Dial
        label={isBehind ? 'Behind the ball' : 'Ahead of the ball'}
        {...tape.along}
        unit={tape.unit}
        value={fromSi(alongM, tape.unit)}
        onChange={(along) => setAlong(convert(along, tape.unit, 'm'))}
      />
      <Dial
        label="Outside the line, minus is inside"
        {...tape.out}
        unit={tape.unit}
        value={fromSi(outM, tape.unit)}
        onChange={(out) => setOut(convert(out, tape.unit, 'm'))}
      />
      <p>{pegWords(pathDeg, laid === null ? drill.name : null)}</p>
      {laid !== null && <Button onClick={() => onPath(laid)}>Lay the rest by it</Button>}
    </section>
  );
}
