import { QueryFailedError } from 'typeorm';

interface DatabaseSays {
  readonly code?: string;
  readonly column?: string;
  readonly constraint?: string;
  readonly detail?: string;
  readonly message: string;
}

/** Why the database takes no row, in a sentence, with the column where it names one; undefined where it is no refusal. */
export function whyRefused(error: unknown): { readonly column?: string; readonly why: string } | undefined {
  if (!(error instanceof QueryFailedError)) return undefined;
  const { code = '', column, constraint, detail, message } = error.driverError as DatabaseSays;
  const named = /^Key \(([^)]*)\)=\(([^)]*)\)/.exec(detail ?? '');
  const at = column ?? named?.[1];
  const where = at === undefined ? {} : { column: at };
  switch (code) {
    case '23503':
      return { ...where, why: `It rests on ${named?.[2] ?? 'something'}, which is neither in the file nor here.` };
    case '23505':
      return { ...where, why: `Another row here has the same ${named?.[1] ?? 'key'}: ${named?.[2] ?? ''}.` };
    case '23502':
      return { ...where, why: 'This must be said.' };
    case '23514':
      return { why: `It breaks the rule ${(constraint ?? '').replaceAll('_', ' ')}.` };
    case 'P0001':
      return { why: 'What is kept of this kind stands; it cannot be changed.' };
    default:
      return /^2[23]/.test(code) ? { ...where, why: `It cannot be read: ${message}.` } : undefined;
  }
}

/** Whether two waited for each other, and this one was let go. */
export const isDeadlock = (error: unknown): boolean =>
  error instanceof QueryFailedError && (error.driverError as DatabaseSays).code === '40P01';
