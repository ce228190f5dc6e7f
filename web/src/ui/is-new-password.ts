import { PASSWORD_LENGTH, passwordTrouble } from '@loxos/core';
import { ValidateBy } from 'class-validator';

/** What stands beside a field for a new password. */
export const PASSWORD_HINT = `at least ${PASSWORD_LENGTH.min} characters`;

const sentence = (words: string): string => `${words[0]!.toUpperCase()}${words.slice(1)}.`;

/** A password that may be chosen; what else the server asks of it needs the name and the e-mail. */
export const IsNewPassword = (): PropertyDecorator =>
  ValidateBy({
    name: 'isNewPassword',
    validator: {
      validate: (value) => typeof value === 'string' && passwordTrouble(value) === null,
      defaultMessage: (args) => sentence(passwordTrouble(String(args?.value ?? '')) ?? ''),
    },
  });
