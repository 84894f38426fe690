import { ValidateBy } from 'class-validator';
import { COMMON_PASSWORDS } from './commonPasswords';

/** What makes a password hard enough to guess. */
export const PASSWORD = Object.freeze({ least: 10, most: 200, differing: 5 });

/** What is wrong with a password that somebody chooses, as a sentence; undefined where it will do. */
export function passwordRefusal(password: unknown): string | undefined {
  if (typeof password !== 'string' || password.trim() === '') return 'Choose a password.';
  if (password.length > PASSWORD.most) return `Choose a password of at most ${String(PASSWORD.most)} characters.`;
  if (password.trim().length < PASSWORD.least)
    return `Choose a password of at least ${String(PASSWORD.least)} characters; spaces at its ends do not count.`;
  if (new Set(password).size < PASSWORD.differing)
    return `Choose a password of at least ${String(PASSWORD.differing)} different characters.`;
  if (COMMON_PASSWORDS.has(password.trim().toLowerCase()))
    return 'This is one of the passwords that are tried first; choose another.';
  return undefined;
}

/** A password that somebody chooses. */
export const IsNewPassword = (): PropertyDecorator =>
  ValidateBy({
    name: 'isNewPassword',
    validator: {
      validate: (value) => passwordRefusal(value) === undefined,
      defaultMessage: (about) => passwordRefusal(about?.value) ?? '',
    },
  });
