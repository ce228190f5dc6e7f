/** The field that a password keeper knows somebody by. */
export const EMAIL = {
  name: 'email',
  label: 'E-mail',
  type: 'email',
  autoComplete: 'username',
} as const;
