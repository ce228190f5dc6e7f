import { CAUTIONS, tapeText } from '@loxos/core';
import type { LengthUnit, StationCard } from '@loxos/core';
import type { Content } from 'pdfmake/interfaces';
import { stationPlan } from '../drawing/station-plan.ts';
import { svgText } from '../drawing/svg-text.ts';
import { savePdf } from './pdf.ts';

/** Returns a station as paragraphs, its drawing among them. */
export function stationContent(card: StationCard, unit: LengthUnit): Content[] {
  const { name, how, good, steps, layout, hand } = card;
  const { shapes, box } = stationPlan(layout, hand, unit);
  return [
    { text: name, style: 'heading' },
    how,
    { text: `A good one: ${good}`, margin: [0, 3, 0, 3] },
    {
      svg: svgText(shapes, box),
      width: 300,
      alignment: 'center' as const,
      margin: [0, 6, 0, 6] as [number, number, number, number],
    },
    ...(steps.length === 0 ? [] : [{ ol: [...steps] }]),
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

export const saveStationPdf = (card: StationCard, unit: LengthUnit): Promise<void> =>
  savePdf(`${card.drillId}.pdf`, card.name, [
    ...stationContent(card, unit),
    ...(card.dose.length === 0
      ? []
      : [{ text: 'How much', style: 'heading' }, { ol: [...card.dose] }]),
    { text: 'Mind', style: 'heading' },
    { ul: [...card.cautions, ...CAUTIONS] },
  ]);
