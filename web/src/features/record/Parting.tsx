import { DateField } from '../../ui/DateField.tsx';
import { Button } from '../../ui/Button.tsx';

interface PartingProps {
  /** ISO day the second period begins at. */
  readonly day: string;
  /** Whether the coach chose it. */
  readonly isChosen: boolean;
  readonly onDay: (day: string | null) => void;
}

/** On which day the two periods that are laid beside each other part. */
export function Parting({ day, isChosen, onDay }: PartingProps) {
  return (
    <div className="flex flex-wrap items-end gap-2">
      <div className="w-64">
        <DateField label="The second period begins" value={day} onChange={onDay} />
      </div>
      {isChosen && (
        <Button look="quiet" onClick={() => onDay(null)}>
          As the record parts them
        </Button>
      )}
    </div>
  );
}
