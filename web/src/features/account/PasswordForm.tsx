import { classValidatorResolver } from '../../ui/class-resolver.ts';
import { IsNotEmpty } from 'class-validator';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { useChangePassword } from '../../api/account.ts';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/Field.tsx';
import { IsNewPassword, PASSWORD_HINT } from '../../ui/is-new-password.ts';
import { Notice } from '../../ui/Notice.tsx';

class PasswordChange {
  @IsNotEmpty({ message: 'Write the password you have now.' })
  password = '';

  @IsNewPassword()
  next = '';
}

/** A new password; every other browser is signed out. */
export function PasswordForm() {
  const change = useChangePassword();
  const { register, handleSubmit, reset, formState } = useForm<PasswordChange>({
    resolver: classValidatorResolver(PasswordChange),
    defaultValues: { ...new PasswordChange() },
  });
  const send = ({ password, next }: PasswordChange): void =>
    change.mutate(
      { password, next },
      {
        onSuccess: () => {
          reset();
          toast('The password is changed; every other browser is signed out');
        },
      },
    );
  return (
    <form
      noValidate
      aria-label="Password"
      className="grid items-start gap-3 sm:grid-cols-2"
      onSubmit={(event) => void handleSubmit(send)(event)}
    >
      <TextField
        label="Password until now"
        type="password"
        autoComplete="current-password"
        error={formState.errors.password?.message}
        {...register('password')}
      />
      <TextField
        label="New password"
        hint={PASSWORD_HINT}
        type="password"
        autoComplete="new-password"
        error={formState.errors.next?.message}
        {...register('next')}
      />
      {change.error !== null && <Notice>{change.error.message}</Notice>}
      <div>
        <Button type="submit" disabled={change.isPending}>
          Change the password
        </Button>
      </div>
    </form>
  );
}
