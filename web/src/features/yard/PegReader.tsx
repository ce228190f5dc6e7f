import { askWithin, handSign, pathOfPegDeg } from '@loxos/core';
import type { Drill, Hand, Layout } from '@loxos/core';
import { useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { Dial } from '../../ui/Dial.tsx';
import { isPathPeg, offPathM } from '../../ui/PegHandles.tsx';

interface PegReaderProps {
  readonly drill: Drill;
  readonly layout: Layout;
  readonly hand: Hand;
  /** Lays the station for a path, degrees in-to-out. */
  readonly onPath: (pathDeg: number) => void;
}

const CM = 100;
const toHalf = (value: number): number => Math.round(2 * value) / 2 + 0;

/** One of the pegs of this drill, laid by eye: what path it asks for, and the whole station laid by it. */
export function PegReader({ drill, layout, hand, onPath }: PegReaderProps) {
  const pegs = layout.parts.filter(isPathPeg);
  // One of a channel says nothing by itself.
  const peg = pegs.filter((one) => offPathM(one, pegs) === 0).at(-1);
  const [alongCm, setAlong] = useState(toHalf(Math.abs(peg?.alongM ?? 0) * CM));
  const [outCm, setOut] = useState(toHalf((peg?.rightM ?? 0) * CM * handSign(hand)));
  if (peg === undefined) return null;
  const way = peg.alongM < 0 ? -1 : 1;
  const path = pathOfPegDeg(alongCm, outCm * way);
  const laid = askWithin(drill, { pathDeg: toHalf(path), faceDeg: 0, startDeg: 0 }).pathDeg;
  const isWithin = Math.abs(laid - path) <= 0.5;
  return (
    <section aria-label="A peg you laid" className="panel p-3">
      <h2 className="text-lg first-letter:uppercase">{peg.label}, as you laid it</h2>
      <Dial
        label={way < 0 ? 'Behind the ball' : 'Ahead of the ball'}
        value={alongCm}
        min={5}
        max={CM}
        step={1}
        unit="cm"
        onChange={setAlong}
      />
      <Dial
        label="Outside the line, minus is inside"
        value={outCm}
        min={-40}
        max={40}
        step={0.5}
        unit="cm"
        onChange={setOut}
      />
      <p>
        asks for a path of <b>{Math.abs(path).toFixed(1)}°</b>{' '}
        {path < 0 ? 'out-to-in' : path > 0 ? 'in-to-out' : 'along the line'}.
        {!isWithin && ` ${drill.name} is not laid for that.`}
      </p>
      {isWithin && <Button onClick={() => onPath(laid)}>Lay the rest by it</Button>}
    </section>
  );
}
