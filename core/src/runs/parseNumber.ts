/** What a typed text means as a number. */
export type TypedNumber =
  | { readonly kind: 'number'; readonly value: number }
  /** A comma that could part thousands or decimals: ask. */
  | { readonly kind: 'ask'; readonly asDecimal: number; readonly asThousands: number }
  | { readonly kind: 'refused'; readonly sentence: string };

/**
 * Reads a number as people type it at the bench.
 *
 * "12,5" is 12.5 and "1 152.3" is 1152.3; "1,234" could be either, so it is asked about; anything else is refused with
 * a sentence. Thin and plain spaces between thousands are taken out.
 */
export function parseNumber(text: string): TypedNumber {
  const tight = text
    .trim()
    .replace(/[\s\u2009\u202f\u00a0]/g, '')
    .replace(/^\u2212/, '-');
  if (tight === '') return { kind: 'refused', sentence: 'Type a number.' };
  if (/^-?\d{1,3},\d{3}$/.test(tight) && !/^-?0,/.test(tight)) {
    return { kind: 'ask', asDecimal: Number(tight.replace(',', '.')), asThousands: Number(tight.replace(',', '')) };
  }
  const plain = /^-?\d{1,3}(,\d{3})+\.\d+$/.test(tight) ? tight.replaceAll(',', '') : tight.replace(',', '.');
  if (!/^-?(\d+\.?\d*|\.\d+)$/.test(plain)) {
    return { kind: 'refused', sentence: `“${text.trim()}” is not a number; write it as 12.5 or 12,5.` };
  }
  return { kind: 'number', value: Number(plain) };
}
