import { parseNumber } from '@bent-pail/core';

/** A typed text as a number, or an error whose sentence says why not and which field is meant. */
export function numberOf(text: string, what: string): number {
  const typed = parseNumber(text);
  if (typed.kind === 'number') return typed.value;
  if (typed.kind === 'ask')
    throw new Error(
      `${what}: is ${text} ${String(typed.asDecimal)} or ${String(typed.asThousands)}? Type it with a point or without.`,
    );
  throw new Error(`${what}: ${typed.sentence}`);
}
