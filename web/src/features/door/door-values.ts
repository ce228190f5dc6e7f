import { IsEmail, IsNotEmpty, MaxLength } from 'class-validator';
import { IsNewPassword } from '../../ui/is-new-password.ts';

const MOST = 80;
const EMAIL_TROUBLE = 'Write an e-mail address, such as coach@example.org.';
const NAME_TROUBLE = 'Write your name.';

export class SignInValues {
  @IsEmail({}, { message: EMAIL_TROUBLE })
  email = '';

  @IsNotEmpty({ message: 'Write your password.' })
  password = '';

  /** Of the phone, or a recovery code; asked for where they are on. */
  code = '';
}

export class PasswordValues {
  @IsNewPassword()
  password = '';
}

export class JoinValues extends PasswordValues {
  @IsNotEmpty({ message: NAME_TROUBLE })
  @MaxLength(MOST)
  name = '';

  @IsEmail({}, { message: EMAIL_TROUBLE })
  email = '';
}

export class FoundValues extends JoinValues {
  @IsNotEmpty({ message: 'Write the academy’s name.' })
  @MaxLength(MOST)
  academy = '';
}
