import type { LengthUnit, StationCard } from '@loxos/core';
import { FileDown } from 'lucide-react';
import { toast } from 'sonner';
import { Button } from './Button.tsx';

/** The station on one page. */
export function StationPdfButton({ card, unit }: { card: StationCard; unit: LengthUnit }) {
  const save = (): void => {
    void import('./station-pdf.ts')
      .then(({ saveStationPdf }) => saveStationPdf(card, unit))
      .catch(() => toast.error('The PDF could not be made: try again.'));
  };
  return (
    <div className="flex flex-wrap gap-2">
      <Button onClick={save}>
        <FileDown aria-hidden size={16} /> One page, PDF
      </Button>
    </div>
  );
}
