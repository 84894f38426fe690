/** A sentence for the person at the keyboard, without a stack. */
export class Advice extends Error {}

const FOLDER_SAYS = {
  EACCES: 'it may not be written to',
  EPERM: 'it may not be written to',
  EROFS: 'it can only be read',
  ENOSPC: 'the disk is full',
  EDQUOT: 'the disk is full',
  ENOTDIR: 'a part of it is no folder',
  ENOENT: 'it cannot be made',
};

/** What to tell of an error: the sentence where it is meant for a person, else all of it. */
export function told(error) {
  if (error instanceof Advice) return error.message;
  const why = FOLDER_SAYS[error?.code];
  if (why !== undefined && typeof error.path === 'string')
    return `${error.path} cannot be used: ${why}. Start from a folder of your own, or name one for the data in BENT_PAIL_DATA.`;
  return error;
}
