import { CAUTIONS, DOSE, layoutFor, tapeText } from '@loxos/core';
import type { Drill, StationFor } from '@loxos/core';
import type { Content } from 'pdfmake/interfaces';
import { stationPlan } from '../drawing/station-plan.ts';
import { svgText } from '../drawing/svg-text.ts';
import { savePdf } from './pdf.ts';

/** A station as paragraphs, its drawing among them. */
export function stationContent(drill: Drill, station: StationFor, unit: 'm' | 'yd'): Content[] {
  const layout = layoutFor(drill, station);
  const { shapes, box } = stationPlan(layout, station.hand);
  const drawn = layout.parts.some(({ kind }) => kind !== 'ball');
  return [
    { text: drill.name, style: 'heading' },
    drill.how,
    { text: `A good one: ${drill.good}`, margin: [0, 3, 0, 3] },
    ...(drawn
      ? [
          {
            svg: svgText(shapes, box),
            width: 250,
            alignment: 'center' as const,
            margin: [0, 6, 0, 6] as [number, number, number, number],
          },
        ]
      : []),
    ...(drill.steps === undefined ? [] : [{ ol: [...drill.steps] }]),
    ...(layout.tape.length === 0
      ? []
      : [
          {
            table: {
              widths: ['*', 'auto'],
              body: layout.tape.map(({ label, distanceM }) => [label, tapeText(distanceM, unit)]),
            },
            layout: 'lightHorizontalLines',
          },
        ]),
  ];
}

export const saveStationPdf = (
  drill: Drill,
  station: StationFor,
  unit: 'm' | 'yd',
): Promise<void> =>
  savePdf(`${drill.id}.pdf`, drill.name, [
    ...stationContent(drill, station, unit),
    { text: 'How much', style: 'heading' },
    { ol: [...DOSE.steps] },
    { text: 'Mind', style: 'heading' },
    { ul: [...drill.cautions, ...CAUTIONS] },
  ]);
