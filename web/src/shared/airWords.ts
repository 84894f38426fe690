/** Air of a drained container in words: under the first limit it is airless, and so on up. */
const AIR_WORDS = [
  { under: 0.1, word: 'nearly airless when wet' },
  { under: 0.2, word: 'close, and slow to dry' },
  { under: 0.35, word: 'airy, and steady' },
  { under: 1.01, word: 'very open, and quick to dry' },
] as const;

export function airWord(air: number): string {
  return AIR_WORDS.find((one) => air < one.under)?.word ?? 'open';
}

export const percent = (share: number): string => `${String(Math.round(100 * share))} %`;
