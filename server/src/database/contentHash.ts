import { createHash } from 'node:crypto';
import { canonicalText } from '@bent-pail/core';

/** Any value in short, whatever the order of its keys: the same content has the same hash, other content another. */
export function contentHash(value: unknown): string {
  return createHash('sha256').update(canonicalText(value)).digest('hex');
}
