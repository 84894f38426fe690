import type { CoreErrorCode } from '@bent-pail/core';

/** What a person reads when an input cannot be used. */
export interface CalcError {
  readonly code: CoreErrorCode;
  readonly message: string;
  readonly path: string;
}
