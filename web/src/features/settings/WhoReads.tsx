import { PERSONAL_READERS } from '@loxos/core';
import type { PersonalReaders } from '@loxos/core';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useAccount, useChangeAcademy, useMay } from '../../api/account.ts';
import { Panel } from '../../ui/Panel.tsx';
import { SelectField } from '../../ui/Field.tsx';

const WORDS: Readonly<Record<PersonalReaders, string>> = {
  coaches: 'Every coach',
  'own-coach': 'The player’s own coach alone',
};

/** Who reads body notes and what players write back. */
export function WhoReads() {
  const isOwner = useMay('own');
  const readers = useAccount()?.personalFor;
  const change = useChangeAcademy();
  const client = useQueryClient();
  if (!isOwner || readers === undefined) return null;
  return (
    <Panel name="Who reads what" isTitled className="mt-6 space-y-2">
      <SelectField
        label="Body notes and what players write back are read by"
        options={PERSONAL_READERS.map((one) => [one, WORDS[one]] as const)}
        value={readers}
        error={change.error?.message}
        onChange={({ target }) =>
          change.mutate(
            { personalFor: target.value as PersonalReaders },
            { onSuccess: () => void client.invalidateQueries() },
          )
        }
      />
      <p className="text-soft">
        Everybody else sees only which parts of the body to mind. On the day of a lesson every coach
        reads and writes how the body feels. Of a player who is nobody’s, every coach reads all. An
        owner’s archives and copies hold everything.{' '}
        <Link to="/kept" className="font-semibold underline">
          What is kept
        </Link>
      </p>
    </Panel>
  );
}
