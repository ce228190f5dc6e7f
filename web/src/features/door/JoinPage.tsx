import { useLocation } from 'react-router';
import { useLink, useTakeLink } from '../../api/entering.ts';
import type { OpenLink } from '../../api/entering.ts';
import { Notice } from '../../ui/Notice.tsx';
import { PASSWORD_HINT } from '../../ui/is-new-password.ts';
import { DoorForm } from './DoorForm.tsx';
import { DoorFrame } from './DoorFrame.tsx';
import { JoinValues, PasswordValues } from './door-values.ts';

const PASSWORD = {
  name: 'password',
  label: 'Password',
  hint: PASSWORD_HINT,
  type: 'password',
  autoComplete: 'new-password',
} as const;

const ROLE_WORDS = {
  owner: 'an owner',
  coach: 'a coach',
  assistant: 'an assistant',
} as const satisfies Record<OpenLink['role'], string>;

function Join({ token, link }: { token: string; link: OpenLink }) {
  const take = useTakeLink(token);
  const common = { isBusy: take.isPending, trouble: take.error };
  if (link.kind === 'reset')
    return (
      <DoorFrame title="Choose a new password">
        <p className="mb-4">
          For {link.name} at {link.academy}. Every browser signed in until now is signed out;
          passkeys and one-time codes are taken away.
        </p>
        <DoorForm
          {...common}
          values={PasswordValues}
          fields={[{ ...PASSWORD, label: 'New password' }]}
          label="Take this password"
          onSend={({ password }) => take.mutate({ password })}
        />
      </DoorFrame>
    );
  return (
    <DoorFrame title={`Join ${link.academy}`}>
      <p className="mb-4">
        {link.name}, you are invited as {ROLE_WORDS[link.role]}.
      </p>
      <DoorForm
        {...common}
        values={JoinValues}
        start={{ name: link.name }}
        fields={[
          { name: 'name', label: 'Your name', autoComplete: 'name' },
          { name: 'email', label: 'E-mail', type: 'email', autoComplete: 'username' },
          PASSWORD,
        ]}
        label="Join"
        onSend={(values) => take.mutate({ ...values })}
      />
    </DoorFrame>
  );
}

/** Where an invitation, or a link to a new password, leads. */
export function JoinPage() {
  const token = useLocation().hash.slice(1);
  const link = useLink(token);
  if (link.error !== null)
    return (
      <DoorFrame title="This link leads nowhere">
        <Notice>{link.error.message}</Notice>
      </DoorFrame>
    );
  if (link.data === undefined) return null;
  return <Join token={token} link={link.data} />;
}
