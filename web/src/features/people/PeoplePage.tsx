import { DEFAULT_DISPLAY_UNITS } from '@loxos/core';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  useAccount,
  useInvitations,
  useMay,
  usePeople,
  useWithdrawInvitation,
} from '../../api/account.ts';
import { Button } from '../../ui/Button.tsx';
import { HistoryList } from '../../ui/HistoryList.tsx';
import { Trouble } from '../../ui/Notice.tsx';
import { ShownLink } from '../../ui/ShownLink.tsx';
import { dayText } from '../../ui/day-text.ts';
import type { MadeLink } from './made-link.ts';
import { InviteForm } from './InviteForm.tsx';
import { PersonRow } from './PersonRow.tsx';
import { ROLE_SENTENCES } from './roles.ts';

function Invitations() {
  const invitations = useInvitations(true).data ?? [];
  const withdraw = useWithdrawInvitation();
  if (invitations.length === 0) return null;
  return (
    <section aria-label="Invited" className="mt-6">
      <h2 className="mb-2 text-xl">Invited, not yet here</h2>
      <ul className="space-y-2">
        {invitations.map(({ id, name, role, expiresAt }) => (
          <li key={id} className="flex flex-wrap items-center gap-3 panel px-4 py-2">
            <span className="mr-auto">
              <b>{name}</b>{' '}
              <span className="text-soft">
                as {role}, until {dayText(expiresAt)}
              </span>
            </span>
            <Button look="quiet" onClick={() => withdraw.mutate(id)}>
              Take back
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Who works at the academy, what each may do, and who is invited. */
export function PeoplePage() {
  const people = usePeople();
  const isOwner = useMay('own');
  const me = useAccount()?.id;
  const [made, setMade] = useState<MadeLink | null>(null);
  if (people.error !== null && people.data === undefined) return <Trouble error={people.error} />;
  return (
    <div className="mx-auto max-w-3xl px-4 py-5">
      <h1 className="text-2xl">People</h1>
      <ul className="mb-4 text-soft">
        {ROLE_SENTENCES.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
      <ul aria-label="People" className="space-y-2">
        {people.data?.map((person) => (
          <PersonRow
            key={person.id}
            person={person}
            isMe={person.id === me}
            isOwner={isOwner}
            onMade={setMade}
          />
        ))}
      </ul>
      {isOwner && (
        <>
          {made !== null && (
            <div className="mt-4">
              <ShownLink {...made} />
            </div>
          )}
          <InviteForm onMade={setMade} />
          <Invitations />
          <div className="mt-6 space-y-3">
            <Link to="/doors" className="inline-flex min-h-11 items-center font-semibold underline">
              Record of doors: who signed in, and what was taken out
            </Link>
            <HistoryList of="academy" units={DEFAULT_DISPLAY_UNITS} />
          </div>
        </>
      )}
    </div>
  );
}
