import type { Ask, Drill, StationAsk } from '@loxos/core';
import { Dial } from './Dial.tsx';

const ASK_LABELS: Readonly<Record<Ask, readonly [label: string, unit: string]>> = {
  pathDeg: ['Path asked for', '° in-to-out'],
  faceDeg: ['Face asked for', '° open'],
  startDeg: ['Start mark', '° to the push side'],
};
const NAMES = Object.keys(ASK_LABELS) as Ask[];

/** The angles a drill can be laid by; none of a drill that is always laid alike. */
export const dialsOf = ({ asks }: Pick<Drill, 'asks'>) =>
  NAMES.flatMap((name) => {
    const range = asks[name];
    return range === undefined || range.min === range.max ? [] : [{ name, ...range }];
  });

/** A dial for each angle the station of a drill can be laid by. */
export function AskDials({
  drill,
  ask,
  onTurn,
  onAsk,
}: {
  readonly drill: Pick<Drill, 'asks'>;
  readonly ask: StationAsk;
  /** While a figure is turned, and once it is left. */
  readonly onTurn: (ask: StationAsk) => void;
  readonly onAsk?: (ask: StationAsk) => void;
}) {
  return dialsOf(drill).map(({ name, min, max }) => (
    <Dial
      key={name}
      label={ASK_LABELS[name][0]}
      value={ask[name]}
      min={min}
      max={max}
      step={0.5}
      unit={ASK_LABELS[name][1]}
      onChange={(value) => onTurn({ ...ask, [name]: value })}
      {...(onAsk !== undefined && {
        onCommit: (value: number) => onAsk({ ...ask, [name]: value }),
      })}
    />
  ));
}
