import { CAUTIONS, DOSE, isPathPeg, tapeText } from '@loxos/core';
import type { Layout, LengthUnit, StationCard } from '@loxos/core';
import { Suspense, lazy } from 'react';
import { stationPlan } from '../drawing/station-plan.ts';
import { Figure } from './Figure.tsx';
import { PegHandles } from './PegHandles.tsx';
import { useIsNarrow } from './use-narrow.ts';

interface StationViewProps {
  readonly card: StationCard;
  readonly unit: LengthUnit;
  readonly files?: boolean;
  /** Takes the path a dragged peg asks for, degrees in-to-out; without it nothing can be dragged. */
  readonly onPath?: ((pathDeg: number) => void) | undefined;
  readonly onPathEnd?: (() => void) | undefined;
}

/** Fetched where there are files: a player's page has none of it. */
const StationPdfButton = lazy(async () => ({
  default: (await import('./StationPdfButton.tsx')).StationPdfButton,
}));

/** What there is to tape out: on the drawing too, here to read off one by one. */
function Tape({ layout, unit }: { layout: Layout; unit: LengthUnit }) {
  return (
    <dl
      aria-label="Distances to tape out"
      className="grid grid-cols-[1fr_auto] content-start gap-x-4 gap-y-0.5"
    >
      {layout.tape.map(({ label, distanceM }) => (
        <div key={label} className="contents">
          <dt className="first-letter:uppercase">{label}</dt>
          <dd className="text-right font-mono font-semibold">{tapeText(distanceM, unit)}</dd>
        </div>
      ))}
    </dl>
  );
}

function Dose({ dose }: Pick<StationCard, 'dose'>) {
  return (
    <details>
      <summary className="min-h-9 cursor-pointer font-semibold">How much</summary>
      <ol className="list-decimal pl-6">
        {dose.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <p className="text-soft">
        Move on at {DOSE.moveOnAt} good of {DOSE.setOf}, step back at under {DOSE.stepBackUnder}{' '}
        (common practice).
      </p>
    </details>
  );
}

/** A station: drawn large and to scale, with what to tape out, how it goes, how much and what to mind. */
export function StationView({ card, unit, files = true, onPath, onPathEnd }: StationViewProps) {
  const { name, how, good, steps, dose, cautions, hand, layout } = card;
  const plan = stationPlan(layout, hand, unit, useIsNarrow('phone') ? 'narrow' : 'wide');
  const isDragged = onPath !== undefined && layout.parts.some(isPathPeg);
  return (
    <div className="flex flex-col gap-3">
      <p className="text-lg max-sm:order-1">{how}</p>
      <Figure
        shapes={plan.shapes}
        box={plan.box}
        title={`${name} from above, for a ${hand}-hander`}
        caption={`From above, to scale, the target up.${isDragged ? ' Drag a peg: the path it asks for follows.' : ''}`}
        file={files ? card.drillId : null}
        drawingClass="max-h-[58vh] w-full"
      >
        {isDragged && (
          <PegHandles
            layout={layout}
            plan={plan}
            hand={hand}
            onPath={onPath}
            onPathEnd={onPathEnd}
          />
        )}
      </Figure>
      {steps.length > 0 && (
        <ol className="list-decimal space-y-1 pl-8 max-sm:order-1">
          {steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      )}
      <p className="max-sm:order-1">
        <b>A good one:</b> {good}
      </p>
      <div className="grid gap-3 max-sm:order-1 sm:grid-cols-2">
        <Tape layout={layout} unit={unit} />
        <div>
          {steps.length === 0 && dose.length > 0 && <Dose dose={dose} />}
          <ul className="text-sm text-soft">
            {[...cautions, ...CAUTIONS].map((caution) => (
              <li key={caution}>▲ {caution}</li>
            ))}
          </ul>
        </div>
      </div>
      {files && (
        <div className="max-sm:order-1">
          <Suspense>
            <StationPdfButton card={card} unit={unit} />
          </Suspense>
        </div>
      )}
    </div>
  );
}
