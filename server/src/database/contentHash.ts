import { createHash } from 'node:crypto';

const isObject = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Any value in short, whatever the order of its keys: the same content has the same hash, other content another. */
export function contentHash(value: unknown): string {
  const inOrder = JSON.stringify(value, (_, part: unknown) =>
    isObject(part) ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1))) : part,
  );
  return createHash('sha256').update(inOrder).digest('hex');
}
