import { describeChange, describeShot, fromSi, headOf, simulateShot } from '@loxos/core';
import type { SimulatedShot } from '@loxos/core';
import { Copy, Link2 } from 'lucide-react';
import { Tabs } from 'radix-ui';
import { useCallback, useMemo, useState } from 'react';
import { toast } from 'sonner';
import { FLIGHT_BOX, flightPlan } from '../../drawing/flight-plan.ts';
import type { PlanFlight } from '../../drawing/flight-plan.ts';
import { SIDE_BOX, sidePlan } from '../../drawing/side-plan.ts';
import { Button } from '../../ui/Button.tsx';
import { Air, Dials, MoveDial, Setting } from './Controls.tsx';
import { Figure } from '../../ui/Figure.tsx';
import { HowItWorks } from './HowItWorks.tsx';
import { BagPanel, LanePanel, SchoolsPanel, SplitPanel } from './panels.tsx';
import { PlanEditor } from './PlanEditor.tsx';
import { StrikeFace } from './StrikeFace.tsx';
import { useWorkshop } from './use-workshop.ts';
import {
  DIALS,
  clubOf,
  deliveryOf,
  flightOf,
  movedBy,
  speedUnitFor,
} from '../../app/workshop-state.ts';
import type { Moved } from '../../app/workshop-state.ts';

const PATH_POINTS = 40;
const FLIGHT_VIEW = [
  -FLIGHT_BOX.width / 2,
  -(FLIGHT_BOX.height - FLIGHT_BOX.bottom),
  FLIGHT_BOX.width,
  FLIGHT_BOX.height,
] as const;
const TAB =
  'min-h-11 border-b-3 border-transparent px-3 font-semibold hover:border-line data-[state=active]:border-look';
const PANELS = [
  ['split', 'Split'],
  ['bag', 'Bag'],
  ['schools', 'Schools'],
  ['lane', 'Lane'],
  ['how', 'How'],
] as const;

type Which = 'now' | 'wanted';

/** A flight for the plan, its word on the side away from the other one. */
const planned = (id: Which, shot: SimulatedShot, other?: SimulatedShot): PlanFlight => {
  const { carryM, offlineM, path } = shot.flight;
  const flight = { ballId: id, carryM, offlineM, track: path };
  if (other === undefined) return flight;
  return { ...flight, label: id, labelSide: offlineM < other.flight.offlineM ? 'left' : 'right' };
};

/** Move a delivery by hand and see the flight; a second one beside it; what it costs, club by club. */
export function WorkshopPage() {
  const [state, move] = useWorkshop();
  const [which, setWhich] = useState<Which>('now');
  const active: Which = state.wanted === null ? 'now' : which;
  const moved = active === 'wanted' && state.wanted !== null ? state.wanted : state.now;
  const units = {
    length: state.length,
    speed: speedUnitFor(state.length),
    angle: 'letters',
  } as const;
  const shots = useMemo(() => {
    const head = headOf(clubOf(state));
    const fly = (of: Moved) => {
      const delivery = deliveryOf(state, of);
      return {
        delivery,
        shot: simulateShot(delivery, head, { ...flightOf(state), pathPoints: PATH_POINTS }),
      };
    };
    return { now: fly(state.now), wanted: state.wanted === null ? null : fly(state.wanted) };
  }, [state]);
  const shown = active === 'wanted' && shots.wanted !== null ? shots.wanted : shots.now;
  const onMove = useCallback(
    (changes: Partial<Moved>): void =>
      move((now) => ({ ...now, [active]: movedBy(now, now[active] ?? now.now, changes) })),
    [move, active],
  );
  const compare = (): void => {
    move((now) => ({ ...now, wanted: now.wanted === null ? now.now : null }));
    setWhich('wanted');
  };
  const share = (): void => {
    void navigator.clipboard.writeText(window.location.href).then(
      () => toast('The address of this what-if is copied'),
      () =>
        toast.error('The browser did not let the address be copied: take it from the address bar.'),
    );
  };
  const both =
    shots.wanted === null
      ? [planned('now', shots.now.shot)]
      : [
          planned('now', shots.now.shot, shots.wanted.shot),
          planned('wanted', shots.wanted.shot, shots.now.shot),
        ];
  const plan = flightPlan(both, active, state.length);
  const sides = [
    ...(shots.wanted === null
      ? []
      : [{ track: (active === 'now' ? shots.wanted : shots.now).shot.flight.path, chosen: false }]),
    { track: shown.shot.flight.path, chosen: true },
  ];
  const words = describeShot(shown.delivery, shown.shot, units);
  return (
    <div className="mx-auto max-w-[1400px] px-4 py-3">
      <div className="mb-2 flex flex-wrap items-start gap-2">
        <div className="min-w-80 flex-1" aria-live="polite">
          <h1 className="sr-only">Workshop</h1>
          <p className="text-[1.2rem] leading-snug">{words}</p>
          {shots.wanted !== null && (
            <p className="text-lg">{describeChange(shots.now, shots.wanted, units)}</p>
          )}
        </div>
        {state.wanted !== null && (
          <div role="group" aria-label="Which delivery to move" className="flex">
            {(['now', 'wanted'] as const).map((id) => (
              <Button
                key={id}
                look={active === id ? 'main' : 'plain'}
                aria-pressed={active === id}
                onClick={() => setWhich(id)}
              >
                {id === 'now' ? 'Now' : 'Wanted'}
              </Button>
            ))}
          </div>
        )}
        <Button onClick={compare}>
          <Copy aria-hidden size={16} />{' '}
          {state.wanted === null ? 'Set a wanted beside it' : 'Drop the wanted'}
        </Button>
        <Button onClick={share}>
          <Link2 aria-hidden size={16} /> Copy the address
        </Button>
      </div>
      <div className="grid gap-4 lg:grid-cols-[19rem_minmax(0,1fr)_minmax(0,25rem)]">
        <section aria-label="Delivery" className="contain-layout space-y-2">
          <Setting hand={state.hand} clubId={state.clubId} length={state.length} move={move} />
          <Dials hand={state.hand} length={state.length} moved={moved} onMove={onMove} />
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-5"
              checked={state.isLoftHeld}
              onChange={({ target }) => move((now) => ({ ...now, isLoftHeld: target.checked }))}
            />
            Hold the loft when the face turns
          </label>
          <StrikeFace
            hand={state.hand}
            kind={clubOf(state).kind}
            strikeToeMm={moved.strikeToeMm}
            strikeHighMm={moved.strikeHighMm}
            onMove={onMove}
          />
          <div className="grid grid-cols-2 gap-3">
            {(['strikeToeMm', 'strikeHighMm'] as const).map((field) => (
              <MoveDial
                key={field}
                field={field}
                label={field === 'strikeToeMm' ? 'Toe' : 'High'}
                value={moved[field]}
                min={DIALS[field].min}
                max={DIALS[field].max}
                step={1}
                unit="mm"
                onMove={onMove}
              />
            ))}
          </div>
          <Air
            windMps={state.windMps}
            windFromDeg={state.windFromDeg}
            temperatureC={state.temperatureC}
            altitudeM={state.altitudeM}
            move={move}
          />
        </section>
        <section aria-label="Drawings" className="grid content-start gap-3 sm:grid-cols-2">
          <figure className="contain-content panel p-2">
            <PlanEditor
              hand={state.hand}
              faceAngleDeg={moved.faceAngleDeg}
              clubPathDeg={moved.clubPathDeg}
              startDirectionDeg={shown.shot.launch.startDirectionDeg}
              onMove={(field, value) => onMove({ [field]: value })}
            />
            <figcaption className="text-sm text-soft">
              Drag the bar and the needle; arrows move them too
            </figcaption>
          </figure>
          <Figure
            shapes={plan.shapes}
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
                From the side{state.wanted !== null && '; the other delivery dashed'}. Ball{' '}
                {fromSi(shown.shot.launch.ballSpeedMps, units.speed).toFixed(0)} {units.speed},
                launch {shown.shot.launch.launchAngleDeg.toFixed(1)}°, spin{' '}
                {shown.shot.launch.spinRateRpm.toFixed(0)} rev/min
              </>
            }
            file="flight-from-the-side"
            className="sm:col-span-2"
          />
        </section>
        <Tabs.Root defaultValue="split" className="contain-content panel p-3 self-start">
          <Tabs.List
            aria-label="What it means"
            className="mb-2 flex flex-wrap border-b border-line"
          >
            {PANELS.map(([id, label]) => (
              <Tabs.Trigger key={id} value={id} className={TAB}>
                {label}
              </Tabs.Trigger>
            ))}
          </Tabs.List>
          <Tabs.Content value="split">
            <SplitPanel state={state} delivery={shown.delivery} />
          </Tabs.Content>
          <Tabs.Content value="bag">
            <BagPanel state={state} delivery={shown.delivery} />
          </Tabs.Content>
          <Tabs.Content value="schools">
            <SchoolsPanel state={state} delivery={shown.delivery} />
          </Tabs.Content>
          <Tabs.Content value="lane">
            <LanePanel state={state} delivery={shown.delivery} />
          </Tabs.Content>
          <Tabs.Content value="how">
            <HowItWorks state={state} />
          </Tabs.Content>
        </Tabs.Root>
      </div>
    </div>
  );
}
