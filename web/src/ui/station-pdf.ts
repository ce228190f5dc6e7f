import { CAUTIONS, tapeText } from '@loxos/core';
import type { LengthUnit, StationCard } from '@loxos/core';
import type { Content, CustomTableLayout } from 'pdfmake/interfaces';
import { stationPlan } from '../drawing/station-plan.ts';
import { svgText } from '../drawing/svg-text.ts';
import { labelRuns } from './font-runs.ts';
import { savePdf } from './pdf.ts';

/** As tall as a drawing is at most, pt: what is to be read stands on the same page. */
const TALLEST_PT = 430;

/** Drawings less wide than this are drawn as for a phone: the words are not smaller on a small one, pt. */
const NARROW_PT = 360;

function drawingOf({ layout, hand }: StationCard, unit: LengthUnit, drawingPt: number): Content {
  const size = drawingPt < NARROW_PT ? 'narrow' : 'wide';
  const { shapes, box } = stationPlan(layout, hand, unit, size);
  const width = Math.min(drawingPt, (TALLEST_PT * box[2]) / box[3]);
  const svg = svgText(shapes, box, labelRuns);
  return { svg, width, alignment: 'center', margin: [0, 4, 0, 6] };
}

/** A thin line between rows, and none beside them. */
const ROWS: CustomTableLayout = {
  hLineWidth: (line, { table }) => (line === 0 || line === table.body.length ? 0 : 0.7),
  vLineWidth: () => 0,
  hLineColor: () => '#c5bda9',
  paddingLeft: () => 0,
};

function tapeOf({ layout }: StationCard, unit: LengthUnit): Content[] {
  if (layout.tape.length === 0) return [];
  const body = layout.tape.map(({ label, distanceM }) => [
    label,
    { text: tapeText(distanceM, unit), noWrap: true },
  ]);
  return [{ table: { widths: ['*', 'auto'], body }, layout: ROWS }];
}

/** How much of the width the drawing has where words stand beside it. */
const BESIDE = 0.62;

/** Returns a station as paragraphs that stay together, its drawing among them, what to tape beside it. */
export function stationContent(card: StationCard, unit: LengthUnit, drawingPt: number): Content {
  const { name, how, good, steps } = card;
  const width = BESIDE * drawingPt;
  return {
    stack: [
      { text: name, style: 'heading' },
      how,
      {
        columns: [
          { width, stack: [drawingOf(card, unit, width)] },
          {
            width: '*',
            stack: [
              { text: `A good one: ${good}`, margin: [0, 6, 0, 6] },
              ...tapeOf(card, unit),
              ...(steps.length === 0 ? [] : [{ ol: [...steps] }]),
            ],
          },
        ],
        columnGap: 16,
      },
    ],
    unbreakable: true,
  };
}

const SIDE_BY_SIDE = { columnGap: 24, margin: [0, 8, 0, 0] as [number, number, number, number] };
const heading = (text: string): Content => ({ text, style: 'heading', margin: [0, 0, 0, 3] });

/** Saves a station on a page of its own: the drawing as large as the page lets it be, below it what to tape, how much and what to mind. */
export const saveStationPdf = (card: StationCard, unit: LengthUnit): Promise<void> =>
  savePdf(`${card.drillId}.pdf`, card.name, (drawingPt) => [
    { text: card.name, style: 'title' },
    { text: card.how, fontSize: 13 },
    drawingOf(card, unit, drawingPt),
    { text: `A good one: ${card.good}`, fontSize: 13 },
    ...(card.steps.length === 0 ? [] : [{ ol: [...card.steps] }]),
    {
      columns: [
        {
          stack: [
            ...(card.layout.tape.length === 0 ? [] : [heading('Tape out')]),
            ...tapeOf(card, unit),
          ],
        },
        {
          stack: card.dose.length === 0 ? [] : [heading('How much'), { ol: [...card.dose] }],
        },
      ],
      ...SIDE_BY_SIDE,
    },
    {
      stack: [heading('Mind'), { ul: [...card.cautions, ...CAUTIONS] }],
      fontSize: 10,
      margin: [0, 10, 0, 0],
    },
  ]);
