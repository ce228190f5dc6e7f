import { ownZone } from '@loxos/core';
import { useEffect, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { useDemo, useDoor, useFound, useGoIn, useSignIn, useUseKey } from '../../api/entering.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { PASSWORD_HINT } from '../../ui/is-new-password.ts';
import { DoorForm } from './DoorForm.tsx';
import { DoorFrame } from './DoorFrame.tsx';
import { FoundValues, SignInValues } from './door-values.ts';

const EMAIL = {
  name: 'email',
  label: 'E-mail',
  type: 'email',
  autoComplete: 'username',
} as const;

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

function SignInForm({ to, isDemo }: { to: string; isDemo: boolean }) {
  const signIn = useSignIn(to);
  const demo = useDemo(to);
  return (
    <DoorFrame title={isDemo ? 'Look around' : 'Sign in'}>
      {isDemo && (
        <div className="mb-5 border-b border-line pb-5">
          <p className="mb-3">
            This is the demo: an invented academy with invented people. Nothing to type.
          </p>
          <Button
            look="main"
            className="w-full"
            disabled={demo.isPending}
            onClick={() => demo.mutate(undefined)}
          >
            Go in as the owner of the demo
          </Button>
          {demo.error !== null && <Notice>{demo.error.message}</Notice>}
        </div>
      )}
      <DoorForm
        values={SignInValues}
        fields={[
          EMAIL,
          {
            name: 'password',
            label: 'Password',
            type: 'password',
            autoComplete: 'current-password',
          },
        ]}
        label="Sign in"
        isBusy={signIn.isPending}
        trouble={signIn.error}
        onSend={(values) => signIn.mutate({ ...values })}
      />
      <details className="mt-4 text-soft">
        <summary className="min-h-11 cursor-pointer py-2.5">Forgotten your password?</summary>
        The owner of the academy makes you a link to a new one, under People. An owner who has
        forgotten theirs gets one on the machine that holds the data, as the README says.
      </details>
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
