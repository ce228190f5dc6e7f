import pdfMake from 'pdfmake/build/pdfmake';
import vfs from 'pdfmake/build/vfs_fonts';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { saveFile } from './save-file.ts';

pdfMake.addVirtualFileSystem(vfs);

const STYLES: TDocumentDefinitions['styles'] = {
  title: { fontSize: 20, bold: true, margin: [0, 0, 0, 4] },
  heading: { fontSize: 14, bold: true, margin: [0, 10, 0, 3] },
  soft: { color: '#51606b' },
};

/** Saves a one-column document as a PDF. Loaded only when asked for: it is large. */
export async function savePdf(name: string, title: string, content: Content[]): Promise<void> {
  const document: TDocumentDefinitions = {
    info: { title, creator: 'Loxos' },
    pageSize: 'A4',
    pageMargins: [48, 44, 48, 44],
    defaultStyle: { fontSize: 11.5, color: '#22303a', lineHeight: 1.15 },
    styles: STYLES,
    content,
  };
  const blob = await pdfMake.createPdf(document).getBlob();
  saveFile(name, 'application/pdf', blob);
}
