import { classValidatorResolver } from '../../ui/class-resolver.ts';
import { IsIn, IsNotEmpty, MaxLength } from 'class-validator';
import { useForm } from 'react-hook-form';
import { useInvite } from '../../api/account.ts';
import type { Role } from '../../api/account.ts';
import { Button } from '../../ui/Button.tsx';
import { SelectField, TextField } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import type { MadeLink } from './made-link.ts';
import { ROLE_OPTIONS } from './roles.ts';

class InviteValues {
  @IsNotEmpty({ message: 'Write who it is for.' })
  @MaxLength(80, { message: 'At most 80 letters.' })
  name = '';

  @IsIn(ROLE_OPTIONS.map(([role]) => role))
  role: Role = 'coach';
}

/** Makes a link for somebody to join by. */
export function InviteForm({ onMade }: { onMade: (made: MadeLink) => void }) {
  const invite = useInvite();
  const { register, handleSubmit, reset, formState } = useForm<InviteValues>({
    resolver: classValidatorResolver(InviteValues),
    defaultValues: { ...new InviteValues() },
  });
  const send = ({ name, role }: InviteValues): void =>
    invite.mutate(
      { name, role },
      {
        onSuccess: ({ token }) => {
          onMade({
            link: `${window.location.origin}/join#${token}`,
            what: `For ${name}, to join within two weeks. It is shown only now.`,
          });
          reset();
        },
      },
    );
  return (
    <form
      noValidate
      aria-label="Invite somebody"
      className="mt-6 flex flex-wrap items-end gap-3"
      onSubmit={(event) => void handleSubmit(send)(event)}
    >
      <div className="min-w-0 flex-1 basis-52">
        <TextField
          label="Invite somebody"
          hint="their name"
          autoComplete="off"
          error={formState.errors.name?.message}
          {...register('name')}
        />
      </div>
      <div className="w-36">
        <SelectField label="as" options={ROLE_OPTIONS} {...register('role')} />
      </div>
      <Button type="submit" look="main" disabled={invite.isPending}>
        Make the link
      </Button>
      {invite.error !== null && <Notice>{invite.error.message}</Notice>}
    </form>
  );
}
