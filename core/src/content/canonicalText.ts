const isObject = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Any value as JSON text with the keys of every object in order, so that the same content has the same text: whatever
 * order it was written in, and whatever a store made of that order. What JSON leaves out (undefined) is left out.
 */
export function canonicalText(value: unknown): string {
  return JSON.stringify(value, (_, part: unknown) =>
    isObject(part) ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1))) : part,
  );
}

/** Whether two values say the same, whatever the order of their keys. */
export function sameContent(a: unknown, b: unknown): boolean {
  return canonicalText(a) === canonicalText(b);
}
