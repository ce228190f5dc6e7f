import { IsEmail, IsNotEmpty, MaxLength, MinLength } from 'class-validator';

/** As the server takes them. */
const PASSWORD_LENGTH = 10;
const PASSWORD_TROUBLE = `Use at least ${PASSWORD_LENGTH} characters; a few words in a row are good.`;
const EMAIL_TROUBLE = 'Write an e-mail address, such as coach@example.org.';
const NAME_TROUBLE = 'Write your name.';
const MOST = 80;

export class SignInValues {
  @IsEmail({}, { message: EMAIL_TROUBLE })
  email = '';

  @IsNotEmpty({ message: 'Write your password.' })
  password = '';
}

export class PasswordValues {
  @MinLength(PASSWORD_LENGTH, { message: PASSWORD_TROUBLE })
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
