import type { PageContent } from '@loxos/core';
import { toast } from 'sonner';
import type { PageFor } from '../page/page-pdf.ts';

/** Saves a page as PDF, with a writer that is fetched for it. */
export function savePdf(content: PageContent, to: PageFor): void {
  void import('../page/page-pdf.ts')
    .then(({ savePagePdf }) => savePagePdf(content, to))
    .catch(() => toast.error('The PDF could not be made: try again.'));
}
