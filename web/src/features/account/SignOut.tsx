import { LogOut } from 'lucide-react';
import { useState } from 'react';
import { answerOf, api, queryClient } from '../../api/client.ts';
import { forgetAccount } from '../../api/who.ts';
import { dropAllTyped } from '../../ui/typed.ts';
import { emptyLogDb } from '../../sync/log-db.ts';
import { useLog } from '../../sync/log.ts';
import { Button } from '../../ui/Button.tsx';
import { Confirm } from '../../ui/Confirm.tsx';
import { Notice } from '../../ui/Notice.tsx';

/** Signs this browser out and leaves nothing of the academy in it. */
async function signOut(): Promise<void> {
  await answerOf(api.DELETE('/api/sessions/this'));
  queryClient.clear();
  await emptyLogDb().catch(() => undefined);
  dropAllTyped();
  forgetAccount();
  window.location.replace('/enter');
}

/** Signs out; asks first where something is not stored yet. */
export function SignOut() {
  const unsent = useLog((state) => state.entries.length);
  const [isAsked, setAsked] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const go = (): void => {
    signOut().catch((error: unknown) =>
      setTrouble(error instanceof Error ? error.message : String(error)),
    );
  };
  return (
    <div>
      <Button onClick={() => (unsent > 0 ? setAsked(true) : go())}>
        <LogOut aria-hidden size={16} /> Sign out
      </Button>
      {trouble !== null && <Notice>{trouble}</Notice>}
      <Confirm
        open={isAsked}
        title="Sign out and lose what is not stored?"
        what={`${unsent === 1 ? 'One change' : `${unsent} changes`} made here never reached the academy. Signing out empties this browser.`}
        yes="Sign out and lose it"
        no="Stay signed in"
        usual="no"
        onYes={go}
        onClose={() => setAsked(false)}
      />
    </div>
  );
}
