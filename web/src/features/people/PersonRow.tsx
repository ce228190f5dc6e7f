import { useState } from 'react';
import { useChangePerson, useReset } from '../../api/account.ts';
import type { Person, Role } from '../../api/account.ts';
import { Button } from '../../ui/Button.tsx';
import { Confirm } from '../../ui/Confirm.tsx';
import { SelectField } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import type { MadeLink } from './made-link.ts';
import { ROLE_OPTIONS } from './roles.ts';

interface PersonRowProps {
  readonly person: Person;
  readonly isMe: boolean;
  readonly isOwner: boolean;
  readonly onMade: (made: MadeLink) => void;
}

interface RoleOfProps {
  readonly person: Person;
  readonly isOwner: boolean;
  readonly onChange: (role: Role) => void;
}

function RoleOf({ person: { name, role, mayEnter }, isOwner, onChange }: RoleOfProps) {
  if (!isOwner) return <span className="text-soft">{role}</span>;
  if (!mayEnter) return null;
  return (
    <span className="w-36">
      <SelectField
        label={`${name} is`}
        isLabelHidden
        options={ROLE_OPTIONS}
        value={role}
        onChange={(event) => onChange(event.target.value as Role)}
      />
    </span>
  );
}

function Named({ person, isMe }: Pick<PersonRowProps, 'person' | 'isMe'>) {
  const { name, email, mayEnter } = person;
  return (
    <span className="mr-auto">
      <b className="text-lg">{name}</b>
      {isMe && <span className="text-soft"> (you)</span>}{' '}
      {email !== undefined && <span className="block text-soft">{email}</span>}
      {!mayEnter && <span className="block font-semibold text-look">▲ may not sign in</span>}
    </span>
  );
}

/** Somebody, and for an owner what they may do. */
export function PersonRow({ person, isMe, isOwner, onMade }: PersonRowProps) {
  const { id, name, mayEnter } = person;
  const change = useChangePerson();
  const reset = useReset();
  const [isAsked, setAsked] = useState(false);
  const trouble = change.error ?? reset.error;
  const makeLink = (): void =>
    reset.mutate(id, {
      onSuccess: ({ token }) =>
        onMade({
          link: `${window.location.origin}/join#${token}`,
          what: `For ${name}, to choose a new password within a day. It is shown only now.`,
        }),
    });
  return (
    <li className="panel px-4 py-2">
      <div className="flex flex-wrap items-center gap-3">
        <Named person={person} isMe={isMe} />
        <RoleOf
          person={person}
          isOwner={isOwner}
          onChange={(next) => change.mutate({ id, role: next })}
        />
        {isOwner && !isMe && mayEnter && (
          <>
            <Button onClick={makeLink} aria-label={`New password for ${name}`}>
              New password
            </Button>
            <Button look="quiet" onClick={() => setAsked(true)} aria-label={`Send ${name} away`}>
              Send away
            </Button>
          </>
        )}
        {isOwner && !mayEnter && (
          <Button
            onClick={() => change.mutate({ id, mayEnter: true })}
            aria-label={`Let ${name} in again`}
          >
            Let in again
          </Button>
        )}
      </div>
      {trouble !== null && <Notice>{trouble.message}</Notice>}
      <Confirm
        open={isAsked}
        title={`Send ${name} away?`}
        what="They are signed out everywhere at once and cannot sign in. What they wrote stays. You can let them in again."
        yes="Send away"
        no="Leave it as it is"
        usual="no"
        onYes={() => change.mutate({ id, mayEnter: false })}
        onClose={() => setAsked(false)}
      />
    </li>
  );
}
