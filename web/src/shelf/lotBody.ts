import { parseNumber } from '@bent-pail/core';
import type { LotFieldValues } from './LotFields';

/** A typed number, or the text itself so that the server says at the field what is wrong with it. */
function typedNumber(text: string, what: string): number | undefined {
  if (text.trim() === '') return undefined;
  const typed = parseNumber(text);
  if (typed.kind === 'number') return typed.value;
  if (typed.kind === 'ask') {
    throw new Error(
      `${what}: is ${text} ${String(typed.asDecimal)} or ${String(typed.asThousands)}? Type it with a point, or without.`,
    );
  }
  throw new Error(`${what}: ${typed.sentence}`);
}

/** Filled fields of a lot as the server takes them; empty ones are left out. */
export function lotBody(values: LotFieldValues): Record<string, string | number> {
  const { source, grade, boughtOn, state } = values;
  const texts = Object.entries({ source, grade, boughtOn, state }).filter(([, text]) => text.trim() !== '');
  const price = typedNumber(values.price, 'Price');
  const packVolume_L = typedNumber(values.packVolume_L, 'Pack');
  return {
    ...Object.fromEntries(texts),
    ...(price === undefined ? {} : { price }),
    ...(packVolume_L === undefined ? {} : { packVolume_L }),
  };
}
