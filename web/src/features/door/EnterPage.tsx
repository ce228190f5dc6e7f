import { ownZone } from '@loxos/core';
import { useEffect, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { useDoor, useFound, useGoIn, useUseKey } from '../../api/entering.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { PASSWORD_HINT } from '../../ui/is-new-password.ts';
import { DoorForm } from './DoorForm.tsx';
import { DoorFrame } from './DoorFrame.tsx';
import { SignInForm } from './SignInForm.tsx';
import { EMAIL } from './door-fields.ts';
import { FoundValues } from './door-values.ts';

function FoundForm() {
  const found = useFound();
  return (
    <DoorFrame title="Found your academy">
      <p className="mb-4 text-soft">
        Everything you write down stays on this machine. You are its owner, and can invite others.
      </p>
      <DoorForm
        values={FoundValues}
        fields={[
          { name: 'academy', label: 'Name of the academy', autoComplete: 'organization' },
          { name: 'name', label: 'Your name', autoComplete: 'name' },
          EMAIL,
          {
            name: 'password',
            label: 'Password',
            hint: PASSWORD_HINT,
            type: 'password',
            autoComplete: 'new-password',
          },
        ]}
        label="Found the academy"
        isBusy={found.isPending}
        trouble={found.error}
        onSend={(values) => found.mutate({ ...values, zone: ownZone() })}
      />
    </DoorFrame>
  );
}

/** A key in the address signs in at once, and is used once. */
function Keyed({ keyText, onFail }: { keyText: string; onFail: () => void }) {
  const { mutate, error } = useUseKey();
  useEffect(() => mutate(keyText), [mutate, keyText]);
  return (
    <DoorFrame title={error === null ? 'Signing in …' : 'Not signed in'}>
      {error !== null && (
        <div className="space-y-4">
          <Notice>{error.message}</Notice>
          <Button look="main" onClick={onFail}>
            To the sign-in
          </Button>
        </div>
      )}
    </DoorFrame>
  );
}

/** Goes in with the session the browser has already; otherwise asks. */
function Door({ to }: { to: string }) {
  const door = useDoor();
  const { mutate, isError, isSuccess } = useGoIn(to);
  useEffect(() => mutate(undefined), [mutate]);
  if (door.error !== null)
    return (
      <DoorFrame title="Not yet">
        <Notice>{door.error.message}</Notice>
      </DoorFrame>
    );
  if (door.data === undefined || isSuccess || !isError) return null;
  if (!door.data.isFounded) return <FoundForm />;
  return <SignInForm to={to} isDemo={door.data.isDemo} />;
}

/** Signing in: with a key, in the demo by one button, or with e-mail and password; the first time, founding. */
export function EnterPage() {
  const [params] = useSearchParams();
  const { hash } = useLocation();
  const [isKeyTried, setKeyTried] = useState(false);
  const key = hash.slice(1);
  if (key !== '' && !isKeyTried) return <Keyed keyText={key} onFail={() => setKeyTried(true)} />;
  return <Door to={params.get('to') ?? '/'} />;
}
