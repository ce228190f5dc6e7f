import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { useAccount } from '../../api/account.ts';
import { hasLock, useMakePasskey, usePasskeys } from '../../api/passkeys.ts';
import { Button } from '../../ui/Button.tsx';

/** By whom, and that they were asked in this browser and said no. */
const saidNoKey = (userId: string): string => `loxos.no-passkey.${userId}`;

function Invitation({ onNo }: { onNo: () => void }) {
  const passkeys = usePasskeys();
  const make = useMakePasskey();
  if (passkeys.data?.length !== 0) return null;
  return (
    <div
      role="group"
      aria-label="Passkey"
      className="flex flex-wrap items-center gap-2 rounded-lg bg-wash px-3 py-1.5"
    >
      <span className="mr-auto min-w-0">
        {make.error === null ? (
          'Sign in with your finger or face on this device, with no password?'
        ) : (
          <>
            <span className="text-look">▲</span> {make.error.message}{' '}
            <Link to="/account" className="font-semibold underline">
              Your account
            </Link>
          </>
        )}
      </span>
      <Button
        disabled={make.isPending}
        onClick={() =>
          make.mutate(undefined, {
            onSuccess: () => toast('This device signs you in from now on'),
          })
        }
      >
        Make a passkey
      </Button>
      <Button look="quiet" onClick={onNo}>
        Not here
      </Button>
    </div>
  );
}

/** Invites whoever has no passkey to make one, where this device can: until they say no in this browser. */
export function PasskeyInvitation() {
  const me = useAccount();
  const can = useQuery({ queryKey: ['device', 'lock'], queryFn: hasLock });
  const [saidNo, setSaidNo] = useState(false);
  if (me === null || can.data !== true || saidNo) return null;
  if (localStorage.getItem(saidNoKey(me.id)) !== null) return null;
  const no = (): void => {
    localStorage.setItem(saidNoKey(me.id), 'yes');
    setSaidNo(true);
  };
  return <Invitation onNo={no} />;
}
