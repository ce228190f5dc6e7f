import { MinLength } from 'class-validator';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { useCopiesState, useSealCopies, useTryCopy, useUnsealCopies } from '../../api/backups.ts';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { classValidatorResolver } from '../../ui/class-resolver.ts';
import { momentText } from '../../ui/day-text.ts';

class SealValues {
  @MinLength(16, { message: 'At least 16 characters, such as five words.' })
  passphrase = '';
}

function SealForm() {
  const seal = useSealCopies();
  const { register, handleSubmit, reset, formState } = useForm<SealValues>({
    resolver: classValidatorResolver(SealValues),
    defaultValues: { ...new SealValues() },
  });
  const send = ({ passphrase }: SealValues): void =>
    seal.mutate(passphrase, {
      onSuccess: () => {
        reset();
        toast('Copies are sealed, those there are too');
      },
    });
  return (
    <form
      noValidate
      aria-label="Seal the copies"
      className="space-y-2"
      onSubmit={(event) => void handleSubmit(send)(event)}
    >
      <p className="text-soft">
        Whoever finds a copy can read all of it. Sealed with a passphrase, nobody can without it.
        Write it down somewhere else: without this machine and without the passphrase, a sealed copy
        is lost.
      </p>
      <div className="max-w-md">
        <TextField
          label="Passphrase"
          hint="at least 16 characters, such as five words"
          type="password"
          autoComplete="new-password"
          error={formState.errors.passphrase?.message}
          {...register('passphrase')}
        />
      </div>
      {seal.error !== null && <Notice>{seal.error.message}</Notice>}
      <Button type="submit" disabled={seal.isPending}>
        {seal.isPending ? 'Sealing …' : 'Seal the copies'}
      </Button>
    </form>
  );
}

/** Whether copies are sealed, and whether the last one that was tried out could be put back. */
export function SealCopies() {
  const state = useCopiesState();
  const unseal = useUnsealCopies();
  const tryOut = useTryCopy();
  if (state.data === undefined) return null;
  const { isSealed, triedAt, trouble } = state.data;
  const error = unseal.error ?? tryOut.error;
  return (
    <div className="mt-4 space-y-3">
      {trouble !== null && triedAt !== null && (
        <Notice>
          The copy tried out {momentText(triedAt)} could not be put back: {trouble}
        </Notice>
      )}
      {error !== null && <Notice>{error.message}</Notice>}
      <p className="flex flex-wrap items-center gap-2">
        <span className="mr-auto">
          {triedAt === null
            ? 'No copy has been tried out yet; one is every month.'
            : trouble === null
              ? `The newest copy was tried out ${momentText(triedAt)}: it can be put back.`
              : 'Save another copy, and try that out.'}
        </span>
        <Button disabled={tryOut.isPending} onClick={() => tryOut.mutate(undefined)}>
          {tryOut.isPending ? 'Trying …' : 'Try the newest out'}
        </Button>
      </p>
      {isSealed ? (
        <p className="flex flex-wrap items-center gap-2">
          <span className="mr-auto">
            Copies are sealed with your passphrase, which is kept on this machine so that they are
            made by themselves.
          </span>
          <Button disabled={unseal.isPending} onClick={() => unseal.mutate(undefined)}>
            Seal no more
          </Button>
        </p>
      ) : (
        <SealForm />
      )}
    </div>
  );
}
