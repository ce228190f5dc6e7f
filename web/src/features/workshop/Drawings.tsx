import { fromSi } from '@loxos/core';
import type { SimulatedShot } from '@loxos/core';
import { FLIGHT_BOX, flightPlan } from '../../drawing/flight-plan.ts';
import type { PlanFlight } from '../../drawing/flight-plan.ts';
import { SIDE_BOX, sidePlan } from '../../drawing/side-plan.ts';
import { speedUnitFor } from '../../app/workshop-state.ts';
import type { Moved, WorkshopState } from '../../app/workshop-state.ts';
import { Figure } from '../../ui/Figure.tsx';
import { PlanEditor } from './PlanEditor.tsx';
import type { Shots, Which } from './shots.ts';

const FLIGHT_VIEW = [
  -FLIGHT_BOX.width / 2,
  -(FLIGHT_BOX.height - FLIGHT_BOX.bottom),
  FLIGHT_BOX.width,
  FLIGHT_BOX.height,
] as const;

/** Returns a flight for the plan, its word on the side away from the other one. */
const planned = (id: Which, shot: SimulatedShot, other?: SimulatedShot): PlanFlight => {
  const { carryM, offlineM, path } = shot.flight;
  const flight = { ballId: id, carryM, offlineM, track: path };
  if (other === undefined) return flight;
  return { ...flight, label: id, labelSide: offlineM < other.flight.offlineM ? 'left' : 'right' };
};

const bothOf = ({ now, wanted }: Shots): PlanFlight[] =>
  wanted === null
    ? [planned('now', now.shot)]
    : [planned('now', now.shot, wanted.shot), planned('wanted', wanted.shot, now.shot)];

interface DrawingsProps {
  readonly state: WorkshopState;
  readonly moved: Moved;
  readonly shots: Shots;
  readonly active: Which;
  /** What the flight does, in words. */
  readonly words: string;
  readonly onMove: (changes: Partial<Moved>) => void;
}

/** The slant to be dragged, and the flight from above and from the side. */
export function Drawings({ state, moved, shots, active, words, onMove }: DrawingsProps) {
  const { wanted } = shots;
  const { shot } = (active === 'wanted' ? wanted : null) ?? shots.now;
  const other = active === 'wanted' ? shots.now : wanted;
  const { launch } = shot;
  const speed = speedUnitFor(state.length);
  const sides = [
    ...(wanted === null || other === null
      ? []
      : [{ track: other.shot.flight.path, chosen: false }]),
    { track: shot.flight.path, chosen: true },
  ];
  return (
    <section aria-label="Drawings" className="grid content-start gap-3 sm:grid-cols-2">
      <figure className="contain-content panel p-2">
        <PlanEditor
          hand={state.hand}
          faceAngleDeg={moved.faceAngleDeg}
          clubPathDeg={moved.clubPathDeg}
          startDirectionDeg={launch.startDirectionDeg}
          onMove={(field, value) => onMove({ [field]: value })}
        />
        <figcaption className="text-sm text-soft">
          Drag the bar and the needle; arrows move them too
        </figcaption>
      </figure>
      <Figure
        shapes={flightPlan(bothOf(shots), active, state.length).shapes}
        box={FLIGHT_VIEW}
        title={`From above: ${words}`}
        caption="From above"
        file="flight-from-above"
        drawingClass="max-h-[46vh] w-full"
      />
      <Figure
        shapes={sidePlan(sides, state.length)}
        box={[0, 0, SIDE_BOX.width, SIDE_BOX.height]}
        title="From the side"
        caption={
          <>
            From the side{wanted !== null && '; the other delivery dashed'}. Ball{' '}
            {fromSi(launch.ballSpeedMps, speed).toFixed(0)} {speed}, launch{' '}
            {launch.launchAngleDeg.toFixed(1)}°, spin {launch.spinRateRpm.toFixed(0)} rev/min
          </>
        }
        file="flight-from-the-side"
        className="sm:col-span-2"
      />
    </section>
  );
}
