import { CAUTIONS } from '@loxos/core';
import type { Hand } from '@loxos/core';
import type { Content } from 'pdfmake/interfaces';
import type { PageContent } from '../api/client.ts';
import { IMPACT_VIEW, impactPlan } from '../drawing/impact-plan.ts';
import { svgText } from '../drawing/svg-text.ts';
import { savePdf } from '../ui/pdf.ts';
import { stationContent } from '../ui/station-pdf.ts';
import { dayText } from '../ui/day-text.ts';
import { plainText } from './RichText.tsx';

interface PageFor {
  readonly playerName: string;
  readonly academy: string;
  readonly date: string;
  readonly hand: Hand;
  readonly unit: 'm' | 'yd';
}

/** The player's page as a PDF. */
export function savePagePdf(page: PageContent, to: PageFor): Promise<void> {
  const { playerName, academy, date, hand, unit } = to;
  const content: Content[] = [
    { text: playerName, style: 'title' },
    { text: `${academy}, ${dayText(date)}`, style: 'soft', margin: [0, 0, 0, 8] },
    { ol: page.points, fontSize: 14 },
    ...(page.expect === undefined || page.expect === ''
      ? []
      : [{ text: page.expect, margin: [0, 4, 0, 0] } satisfies Content]),
    ...(page.words == null
      ? []
      : plainText(page.words).map((text): Content => ({ text, margin: [0, 4, 0, 0] }))),
  ];
  if (page.numbers.length > 0) {
    content.push({ text: 'Before and after', style: 'heading' });
    content.push({
      table: {
        headerRows: 1,
        widths: ['*', 'auto', 'auto', 'auto'],
        body: [
          ['What', 'Before', 'After', 'So far'],
          ...page.numbers.map((n) => [n.label, n.before, n.after, n.verdict]),
        ],
      },
      layout: 'lightHorizontalLines',
    });
  }
  if (page.slants.length > 0) {
    content.push({
      columns: page.slants.map((slant) => ({
        stack: [
          {
            svg: svgText(impactPlan({ hand, ...slant, startDirectionDeg: null }, 'letters'), [
              ...IMPACT_VIEW,
            ] as [number, number, number, number]),
            width: 190,
          },
          { text: slant.label, style: 'soft' },
        ],
      })),
      margin: [0, 8, 0, 0],
    });
  }
  for (const card of page.stations) content.push(...stationContent(card, unit));
  content.push({ text: 'Homework', style: 'heading' });
  content.push({ ul: page.homework.map(({ date: day, what }) => `${dayText(day)}: ${what}`) });
  content.push({ text: `Next look: ${dayText(page.nextLook)}`, bold: true, margin: [0, 8, 0, 8] });
  content.push({ ul: [...CAUTIONS], style: 'soft', fontSize: 9.5 });
  return savePdf(`${playerName}.pdf`, `${playerName}, ${dayText(date)}`, content);
}
