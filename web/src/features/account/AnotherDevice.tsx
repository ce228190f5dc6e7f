import { useKey } from '../../api/account.ts';
import { Button } from '../../ui/Button.tsx';
import { SayAgain, isAskedAgain } from '../../ui/SayAgain.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { ShownLink } from '../../ui/ShownLink.tsx';

/** Signs in on the tablet at the mat by a code, with nothing to type. */
export function AnotherDevice() {
  const key = useKey();
  return (
    <div className="mt-3 space-y-3">
      {isAskedAgain(key.error) ? (
        <SayAgain error={key.error} isBusy={key.isPending} onSay={key.mutate} />
      ) : (
        <Button disabled={key.isPending} onClick={() => key.mutate(undefined)}>
          Sign in on another device
        </Button>
      )}
      {key.error !== null && !isAskedAgain(key.error) && <Notice>{key.error.message}</Notice>}
      {key.data !== undefined && (
        <ShownLink
          link={`${window.location.origin}/enter#${key.data.token}`}
          what="Scan it with the other device within ten minutes. It signs you in there, once."
        />
      )}
    </div>
  );
}
