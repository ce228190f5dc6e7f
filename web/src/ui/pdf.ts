import pdfMake from 'pdfmake/build/pdfmake';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { fontRuns } from './font-runs.ts';
import type { PdfFont } from './font-runs.ts';
import { FONT_FAMILIES, FONT_FILES, REST_FAMILY } from './pdf-fonts.ts';
import { saveFile } from './save-file.ts';

pdfMake.addVirtualFileSystem(FONT_FILES);
pdfMake.addFonts(FONT_FAMILIES);

const STYLES: TDocumentDefinitions['styles'] = {
  title: { font: 'Title', bold: true, fontSize: 22, margin: [0, 0, 0, 4] },
  heading: { font: 'Title', bold: true, fontSize: 14, margin: [0, 10, 0, 3] },
  soft: { color: '#51606b' },
};
/** Room round what is written, pt. */
const MARGIN_PT = { side: 48, end: 40 } as const;

/** How wide a page is written on, pt: A4 without its margins. */
const PAPER_PT = 595.28 - 2 * MARGIN_PT.side;
/** Drawings as shares of that width, the largest first: the first at which all stands on one page. */
const SHARES = [1, 0.85, 0.7, 0.58, 0.48] as const;

/** Returns content with every text set in the type that has its letters, and which types those are. */
function inOwnType(content: Content[]): { readonly set: Content[]; readonly used: Set<PdfFont> } {
  const used = new Set<PdfFont>();
  const setText = (text: string): unknown => {
    const runs = fontRuns(text);
    for (const { font } of runs) used.add(font);
    if (runs.length === 0) return '';
    const isPlain = runs.length === 1 && runs[0]!.font === 'Text';
    return isPlain ? runs[0]!.text : runs.map((run) => (run.font === 'Text' ? run.text : run));
  };
  const setNode = (node: unknown): unknown => {
    if (typeof node === 'string') return { text: setText(node) };
    if (Array.isArray(node)) return node.map(setNode);
    if (typeof node !== 'object' || node === null) return node;
    return Object.fromEntries(
      Object.entries(node).map(([key, value]: [string, unknown]) => {
        if (key === 'text' && typeof value === 'string') return [key, setText(value)];
        // A drawing says itself which type each of its words is in.
        if (key === 'svg' && String(value).includes('font-family="Rest"')) used.add('Rest');
        return [key, HOLDS.has(key) ? setNode(value) : value];
      }),
    );
  };
  return { set: setNode(content) as Content[], used };
}
/** What of a piece of content holds others. */
const HOLDS = new Set(['stack', 'columns', 'ul', 'ol', 'table', 'body']);

/** Fetches the writer's own type, for letters of other scripts. */
async function fetchRest(): Promise<void> {
  const { default: files } = await import('pdfmake/build/vfs_fonts');
  pdfMake.addVirtualFileSystem(files);
  pdfMake.addFonts({ Rest: REST_FAMILY });
}

/** Returns a document and how many pages it takes. */
async function written(title: string, content: Content[]): Promise<{ blob: Blob; pages: number }> {
  let pages = 0;
  const document: TDocumentDefinitions = {
    info: { title, creator: 'Loxos' },
    pageSize: 'A4',
    pageMargins: [MARGIN_PT.side, MARGIN_PT.end, MARGIN_PT.side, MARGIN_PT.end],
    defaultStyle: { font: 'Text', fontSize: 11.5, color: '#22303a', lineHeight: 1.15 },
    styles: STYLES,
    content,
    footer: (_page, count) => {
      pages = count;
      return '';
    },
  };
  return { blob: await pdfMake.createPdf(document).getBlob(), pages };
}

/**
 * Saves a one-column document as a PDF, its drawings as wide as they can be while it stays on one page; on more than one they are as
 * wide as the paper. Loaded only when asked for: it is large.
 */
export async function savePdf(
  name: string,
  title: string,
  contentOf: (drawingPt: number) => Content[],
): Promise<void> {
  let widest: Blob | null = null;
  for (const share of SHARES) {
    const { set, used } = inOwnType(contentOf(share * PAPER_PT));
    if (used.has('Rest')) await fetchRest();
    const { blob, pages } = await written(title, set);
    widest ??= blob;
    if (pages === 1) return saveFile(name, 'application/pdf', blob);
  }
  if (widest !== null) saveFile(name, 'application/pdf', widest);
}
