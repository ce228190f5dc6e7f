import { CAUTIONS } from '@loxos/core';
import type { Hand } from '@loxos/core';
import type { Content } from 'pdfmake/interfaces';
import type { PageContent } from '@loxos/core';
import { IMPACT_VIEW, impactPlan } from '../drawing/impact-plan.ts';
import { RECORD_CHART_BOX, recordChart } from '../drawing/record-chart.ts';
import { svgText } from '../drawing/svg-text.ts';
import { labelRuns } from '../ui/font-runs.ts';
import { savePdf } from '../ui/pdf.ts';
import { stationContent } from '../ui/station-pdf.ts';
import { dayText } from '../ui/day-text.ts';
import { RECORD_CAPTION } from './RecordSection.tsx';
import { plainText } from './RichText.tsx';
import { headingsOf } from './headings.ts';

export interface PageFor {
  readonly playerName: string;
  readonly academy: string;
  readonly date: string;
  readonly hand: Hand;
  readonly unit: 'm' | 'yd';
}

/** How wide the chart of the record and a slant are, as shares of a drawing of a station, and within which bounds, pt. */
const RECORD = { share: 0.68, leastPt: 210 } as const;
const SLANT = { share: 0.45, mostPt: 190, leastPt: 130 } as const;
const heading = (text: string): Content => ({ text, style: 'heading' });
const below = (text: string): Content => ({ text, margin: [0, 4, 0, 0] });

const expectOf = ({ expect = '' }: PageContent): Content[] =>
  expect === '' ? [] : [below(expect)];

function pointsOf(page: PageContent): Content[] {
  const { points, words, period } = page;
  return [
    ...(points.length === 0 ? [] : [{ ol: [...points], fontSize: 14 } satisfies Content]),
    ...(period == null ? expectOf(page) : []),
    ...(words == null ? [] : plainText(words).map(below)),
  ];
}

function recordOf(page: PageContent, { hand, unit }: PageFor, drawingPt: number): Content[] {
  const { record } = page;
  if (record == null) return [];
  const chart = recordChart({ ...record, hand, unit });
  const stack: Content[] = [
    heading(headingsOf(page).record),
    ...record.words.map(below),
    ...(chart.length === 0
      ? []
      : [
          {
            svg: svgText(chart, RECORD_CHART_BOX, labelRuns),
            width: Math.max(RECORD.leastPt, RECORD.share * drawingPt),
          } satisfies Content,
          { text: RECORD_CAPTION, style: 'soft' } satisfies Content,
        ]),
    ...(record.goals.length === 0
      ? []
      : [
          { text: 'What you are working towards', bold: true, margin: [0, 6, 0, 2] } as Content,
          { ul: [...record.goals] },
        ]),
  ];
  return [{ stack, unbreakable: true }];
}

function numbersOf(page: PageContent): Content[] {
  if (page.numbers.length === 0) return [];
  const { numbers, before, after, verdict } = headingsOf(page);
  return [
    {
      stack: [
        heading(numbers),
        {
          table: {
            headerRows: 1,
            widths: ['*', 'auto', 'auto', 'auto'],
            body: [
              ['What', before, after, verdict],
              ...page.numbers.map((n) => [n.label, n.before, n.after, n.verdict]),
            ],
          },
          layout: 'lightHorizontalLines',
        },
      ],
      unbreakable: true,
    },
  ];
}

function slantsOf({ slants }: PageContent, { hand }: PageFor, drawingPt: number): Content[] {
  if (slants.length === 0) return [];
  const [x, y, width, height] = IMPACT_VIEW;
  const columns = slants.map((slant) => ({
    stack: [
      {
        svg: svgText(
          impactPlan({ hand, ...slant, startDirectionDeg: null }, 'letters'),
          [x, y, width, height],
          labelRuns,
        ),
        width: Math.min(SLANT.mostPt, Math.max(SLANT.leastPt, SLANT.share * drawingPt)),
      },
      { text: slant.label, style: 'soft' },
    ],
  }));
  return [{ columns, margin: [0, 8, 0, 0], unbreakable: true }];
}

const homeworkOf = ({ homework }: PageContent): Content[] =>
  homework.length === 0
    ? []
    : [
        {
          stack: [
            heading('Homework'),
            { ul: homework.map(({ date, what }) => `${dayText(date)}: ${what}`) },
          ],
          unbreakable: true,
        },
      ];

/** The player's page or report as a PDF. */
export function savePagePdf(page: PageContent, to: PageFor): Promise<void> {
  const { playerName, academy, date, unit } = to;
  const isReport = page.period != null;
  const { next } = headingsOf(page);
  const contentOf = (drawingPt: number): Content[] => [
    { text: playerName, style: 'title' },
    { text: `${academy}, ${dayText(date)}`, style: 'soft', margin: [0, 0, 0, 8] },
    ...(isReport ? recordOf(page, to, drawingPt) : pointsOf(page)),
    ...numbersOf(page),
    ...slantsOf(page, to, drawingPt),
    ...(isReport ? expectOf(page) : []),
    ...(isReport && page.points.length > 0 ? [heading(next)] : []),
    ...(isReport ? pointsOf(page) : []),
    ...page.stations.map((card) => stationContent(card, unit, drawingPt)),
    ...homeworkOf(page),
    ...(isReport ? [] : recordOf(page, to, drawingPt)),
    {
      stack: [
        { text: `Next look: ${dayText(page.nextLook)}`, bold: true, margin: [0, 8, 0, 8] },
        { ul: [...CAUTIONS], style: 'soft', fontSize: 9.5 },
      ],
      unbreakable: true,
    },
  ];
  const name = isReport ? `${playerName} report.pdf` : `${playerName}.pdf`;
  return savePdf(name, `${playerName}, ${dayText(date)}`, contentOf);
}
