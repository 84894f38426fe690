/**
 * The one error that the core throws for a caller's mistake.
 * `code` is also the first word of the message; `path` names the field as `replicates[1].dry_g`.
 */
export type CoreErrorCode = 'invalid' | 'unknown' | 'missing';

export class CoreError extends Error {
  readonly code: CoreErrorCode;
  readonly path: string;
  /** What is wrong and what would be right, without code and path. */
  readonly sentence: string;

  constructor(code: CoreErrorCode, path: string, sentence: string) {
    super(`${code} ${path}: ${sentence}`);
    this.name = 'CoreError';
    this.code = code;
    this.path = path;
    this.sentence = sentence;
  }
}

/** What a person reads of it: the sentence with a capital and a stop, without code and path. */
export function spoken({ sentence }: CoreError): string {
  const stop = /[.?!]$/.test(sentence) ? '' : '.';
  return `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}${stop}`;
}

/** Throws an `invalid` error; the sentence says what was wrong and what would be right. */
export function refuse(path: string, sentence: string): never {
  throw new CoreError('invalid', path, sentence);
}

/** A bug in the core, never a caller's mistake: nobody catches it locally. */
export function invariant(condition: boolean, what: string): asserts condition {
  if (!condition) throw new Error(`broken invariant: ${what}`);
}
