import {
  canHavePasskey,
  useMakePasskey,
  usePasskeys,
  useRemovePasskey,
} from '../../api/passkeys.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { SayAgain, isAskedAgain } from '../../ui/SayAgain.tsx';
import { browserWords } from '../../ui/browser-words.ts';
import { dayText } from '../../ui/day-text.ts';

/** The devices that sign one in by a finger, a face or a PIN, with nothing to remember. */
export function Passkeys() {
  const passkeys = usePasskeys();
  const make = useMakePasskey();
  const remove = useRemovePasskey();
  const again = isAskedAgain(make.error);
  const trouble = passkeys.error ?? (again ? null : make.error) ?? remove.error;
  return (
    <div className="space-y-3">
      <p className="text-soft">
        A passkey signs you in by your finger, your face or the device’s PIN. Nobody can guess it,
        or trick you into giving it away.
      </p>
      <ul aria-label="Your passkeys">
        {passkeys.data?.map(({ id, device, createdAt, usedAt }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-3 border-b border-line/60 py-1">
            <span className="mr-auto">
              <b>{browserWords(device)}</b>
              <span className="block text-soft">
                made {dayText(createdAt)},{' '}
                {usedAt === null ? 'not used yet' : `last used ${dayText(usedAt)}`}
              </span>
            </span>
            <Button disabled={remove.isPending} onClick={() => remove.mutate(id)}>
              Take it away
            </Button>
          </li>
        ))}
      </ul>
      {trouble !== null && <Notice>{trouble.message}</Notice>}
      {again ? (
        <SayAgain error={make.error} isBusy={make.isPending} onSay={make.mutate} />
      ) : canHavePasskey() ? (
        <Button disabled={make.isPending} onClick={() => make.mutate(undefined)}>
          Make a passkey on this device
        </Button>
      ) : (
        <p className="text-soft">
          At this address there can be none: a passkey needs https and a name, or localhost. Here
          the password signs you in.
        </p>
      )}
    </div>
  );
}
