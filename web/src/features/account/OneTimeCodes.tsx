import { IsNotEmpty, Matches } from 'class-validator';
import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useCodes, useConfirmCodes, useEndCodes, useOfferCodes } from '../../api/codes.ts';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { SayAgain, isAskedAgain } from '../../ui/SayAgain.tsx';
import { classValidatorResolver } from '../../ui/class-resolver.ts';
import { copyText } from '../../ui/copy-text.ts';

class CodeValues {
  @Matches(/^\s*(?:\d\s*){6}$/, { message: 'Write the six figures the app shows.' })
  code = '';
}
class EndValues {
  @IsNotEmpty({ message: 'Write your password.' })
  password = '';
}

/** Recovery codes, told once. */
function Told({ codes, onDone }: { codes: readonly string[]; onDone: () => void }) {
  return (
    <div role="status" className="space-y-3 rounded-lg border-2 border-ink p-3">
      <p>
        One-time codes are on. Without your phone, each of these signs you in once, with your
        password. They are shown only now: write them down, and keep them off the phone.
      </p>
      <ul aria-label="Recovery codes" className="grid grid-cols-2 gap-x-4 font-mono sm:grid-cols-3">
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
      <div className="flex gap-2">
        <Button onClick={() => void copyText(codes.join('\n'), 'The codes are copied')}>
          Copy
        </Button>
        <Button look="main" onClick={onDone}>
          I have them
        </Button>
      </div>
    </div>
  );
}

/** The phone's app reads the secret; its first code turns them on. */
function TurnOn({ onDone }: { onDone: (codes: readonly string[]) => void }) {
  const offer = useOfferCodes();
  const confirm = useConfirmCodes();
  const { register, handleSubmit, formState } = useForm<CodeValues>({
    resolver: classValidatorResolver(CodeValues),
    defaultValues: { ...new CodeValues() },
  });
  if (offer.data === undefined)
    return (
      <>
        {isAskedAgain(offer.error) ? (
          <SayAgain error={offer.error} isBusy={offer.isPending} onSay={offer.mutate} />
        ) : (
          <>
            {offer.error !== null && <Notice>{offer.error.message}</Notice>}
            <Button disabled={offer.isPending} onClick={() => offer.mutate(undefined)}>
              Turn one-time codes on
            </Button>
          </>
        )}
      </>
    );
  const { uri, secret } = offer.data;
  const send = ({ code }: CodeValues): void =>
    confirm.mutate(code, { onSuccess: ({ codes }) => onDone(codes) });
  return (
    <form
      noValidate
      aria-label="One-time codes"
      className="flex flex-wrap items-start gap-4"
      onSubmit={(event) => void handleSubmit(send)(event)}
    >
      <span className="shrink-0 rounded bg-white p-2">
        <QRCodeSVG value={uri} size={144} title="The secret as a code to scan" />
      </span>
      <div className="min-w-0 flex-1 basis-60 space-y-3">
        <p>
          Scan it with the app for one-time codes on your phone, or type{' '}
          <span className="font-mono">{secret.match(/.{1,4}/g)?.join(' ')}</span> there. Then write
          what it shows.
        </p>
        <TextField
          label="Six figures"
          inputMode="numeric"
          autoComplete="one-time-code"
          error={formState.errors.code?.message}
          {...register('code')}
        />
        {confirm.error !== null && <Notice>{confirm.error.message}</Notice>}
        <Button type="submit" look="main" disabled={confirm.isPending}>
          Turn them on
        </Button>
      </div>
    </form>
  );
}

function TurnOff({ left }: { left: number }) {
  const end = useEndCodes();
  const { register, handleSubmit, formState } = useForm<EndValues>({
    resolver: classValidatorResolver(EndValues),
    defaultValues: { ...new EndValues() },
  });
  return (
    <form
      noValidate
      aria-label="One-time codes"
      className="space-y-3"
      onSubmit={(event) => void handleSubmit(({ password }) => end.mutate(password))(event)}
    >
      <p>
        On: your password asks for a code of your phone too. {left} of 10 recovery codes{' '}
        {left === 1 ? 'is' : 'are'} left{left < 4 && '; turn them off and on again for new ones'}.
      </p>
      <div className="max-w-sm">
        <TextField
          label="Your password, to turn them off"
          type="password"
          autoComplete="current-password"
          error={formState.errors.password?.message}
          {...register('password')}
        />
      </div>
      {end.error !== null && <Notice>{end.error.message}</Notice>}
      <Button type="submit" disabled={end.isPending}>
        Turn them off
      </Button>
    </form>
  );
}

/** A code of a phone besides the password, for who keeps one. */
export function OneTimeCodes() {
  const state = useCodes();
  const [codes, setCodes] = useState<readonly string[] | null>(null);
  if (state.error !== null && state.data === undefined)
    return <Notice>{state.error.message}</Notice>;
  if (codes !== null) return <Told codes={codes} onDone={() => setCodes(null)} />;
  if (state.data === undefined) return null;
  if (state.data.isOn) return <TurnOff left={state.data.left} />;
  return (
    <div className="space-y-3">
      <p className="text-soft">
        Whoever learns your password cannot sign in with it alone. A passkey needs none.
      </p>
      <TurnOn onDone={setCodes} />
    </div>
  );
}
