import { CAUTIONS, DOSE, layoutFor, tapeText } from '@loxos/core';
import type { Drill, StationFor } from '@loxos/core';
import { FileDown, Image } from 'lucide-react';
import { toast } from 'sonner';
import { Drawing } from '../drawing/Drawing.tsx';
import { stationPlan } from '../drawing/station-plan.ts';
import { svgText } from '../drawing/svg-text.ts';
import { Button } from './Button.tsx';
import { saveFile } from './save-file.ts';

interface StationViewProps {
  readonly drill: Drill;
  readonly station: StationFor;
  readonly unit: 'm' | 'yd';
  readonly files?: boolean;
}

/** A station: drawn to scale, with what to tape out, how it goes, how much and what to mind. */
export function StationView({ drill, station, unit, files = true }: StationViewProps) {
  const layout = layoutFor(drill, station);
  const plan = stationPlan(layout, station.hand);
  const drawn = layout.parts.some(({ kind }) => kind !== 'ball');
  const savePdf = (): void => {
    void import('./station-pdf.ts')
      .then(({ saveStationPdf }) => saveStationPdf(drill, station, unit))
      .catch(() => toast.error('The PDF could not be made: try again.'));
  };
  return (
    <div className="grid gap-4 sm:grid-cols-[minmax(0,18rem)_1fr]">
      {drawn ? (
        <figure className="self-start rounded-xl border border-line bg-sheet p-2">
          <Drawing
            shapes={plan.shapes}
            box={plan.box}
            title={`${drill.name} from above, for a ${station.hand}-hander`}
            className="w-full"
          />
          <figcaption className="text-sm text-soft">From above, to scale, the target up</figcaption>
        </figure>
      ) : drill.steps !== undefined ? (
        <ol className="list-decimal space-y-1 rounded-xl border border-line bg-sheet p-4 pl-8">
          {drill.steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      ) : (
        <p className="self-start rounded-xl border border-line bg-sheet p-4 text-soft">
          Nothing to lay out: a ball and room to swing.
        </p>
      )}
      <div className="space-y-2">
        <p className="text-lg">{drill.how}</p>
        <p>
          <b>A good one:</b> {drill.good}
        </p>
        {layout.tape.length > 0 && (
          <dl
            aria-label="Distances to tape out"
            className="grid grid-cols-[1fr_auto] gap-x-4 gap-y-0.5"
          >
            {layout.tape.map(({ label, distanceM }) => (
              <div key={label} className="contents">
                <dt>{label}</dt>
                <dd className="text-right font-mono font-semibold">{tapeText(distanceM, unit)}</dd>
              </div>
            ))}
          </dl>
        )}
        {drill.steps === undefined && (
          <details>
            <summary className="min-h-9 cursor-pointer font-semibold">How much</summary>
            <ol className="list-decimal pl-6">
              {DOSE.steps.map((step) => (
                <li key={step}>{step}</li>
              ))}
            </ol>
            <p className="text-soft">
              Move on at {DOSE.moveOnAt} good of {DOSE.setOf}, step back at under{' '}
              {DOSE.stepBackUnder} (common practice). A feel is larger than the real change.
            </p>
          </details>
        )}
        <ul className="text-sm text-soft">
          {[...drill.cautions, ...CAUTIONS].map((caution) => (
            <li key={caution}>▲ {caution}</li>
          ))}
        </ul>
        {files && (
          <div className="flex flex-wrap gap-2">
            {drawn && (
              <Button
                onClick={() =>
                  saveFile(`${drill.id}.svg`, 'image/svg+xml', svgText(plan.shapes, plan.box))
                }
              >
                <Image aria-hidden size={16} /> SVG
              </Button>
            )}
            <Button onClick={savePdf}>
              <FileDown aria-hidden size={16} /> One page, PDF
            </Button>
          </div>
        )}
      </div>
    </div>
  );
}
