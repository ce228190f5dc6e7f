import { usePeople } from '../api/account.ts';
import { Segments } from './Segments.tsx';
import { useWhose } from './use-is-mine.ts';

const OPTIONS = [
  ['all', 'All'],
  ['mine', 'Mine'],
] as const;

/** Whose players are shown; where one coaches alone there is nothing to choose. */
export function Whose() {
  const { whose, show } = useWhose();
  const coaches = usePeople().data?.filter(({ role }) => role !== 'assistant') ?? [];
  if (coaches.length < 2) return null;
  return (
    <Segments
      legend="Whose players"
      isLegendHidden
      value={whose}
      options={OPTIONS}
      onChange={show}
    />
  );
}
