import { useState } from 'react';
import { ApiError } from '../../api/client.ts';
import { useDemo, usePasskeyEntry, useSignIn } from '../../api/entering.ts';
import { canHavePasskey } from '../../api/passkeys.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { DoorForm } from './DoorForm.tsx';
import { DoorFrame } from './DoorFrame.tsx';
import { EMAIL } from './door-fields.ts';
import { SignInValues } from './door-values.ts';

const PASSWORD = {
  name: 'password',
  label: 'Password',
  type: 'password',
  autoComplete: 'current-password',
} as const;
const CODE = {
  name: 'code',
  label: 'Code of your phone, or a recovery code',
  autoComplete: 'one-time-code',
} as const;

/** Returns whether the password was right, and a code is asked for besides. */
const asksForCode = (error: Error | null): boolean =>
  error instanceof ApiError && error.fields.some(({ field }) => field === 'code');

/** The way in with nothing to type. */
function ByPasskey({ to, isMain }: { to: string; isMain: boolean }) {
  const enter = usePasskeyEntry(to);
  return (
    <div className="mb-4 space-y-4">
      <Button
        look={isMain ? 'main' : 'plain'}
        className="w-full"
        disabled={enter.isPending}
        onClick={() => enter.mutate(undefined)}
      >
        Sign in with a passkey
      </Button>
      {enter.error !== null && <Notice>{enter.error.message}</Notice>}
      <p className="border-t border-line pt-4 text-soft">Or with your password:</p>
    </div>
  );
}

/** Signing in: the demo by one button, anybody by a passkey, or with e-mail and password. */
export function SignInForm({ to, isDemo }: { to: string; isDemo: boolean }) {
  const signIn = useSignIn(to);
  const demo = useDemo(to);
  const needsCode = asksForCode(signIn.error);
  const [isCodeAsked, setCodeAsked] = useState(false);
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
      {canHavePasskey() && <ByPasskey to={to} isMain={!isDemo} />}
      <DoorForm
        values={SignInValues}
        fields={[EMAIL, PASSWORD, ...(isCodeAsked || needsCode ? [CODE] : [])]}
        label="Sign in"
        look={canHavePasskey() && !isDemo ? 'plain' : 'main'}
        isBusy={signIn.isPending}
        trouble={signIn.error}
        onSend={({ email, password, code }) => {
          if (needsCode) setCodeAsked(true);
          signIn.mutate({ email, password, ...(code !== '' && { code }) });
        }}
      />
      <details className="mt-4 text-soft">
        <summary className="min-h-11 cursor-pointer py-2.5">Forgotten your password?</summary>
        The owner of the academy makes you a link to a new one, under People. An owner who has
        forgotten theirs gets one on the machine that holds the data, as the README says.
      </details>
    </DoorFrame>
  );
}
