import type { DeskBlend } from '@bent-pail/contract';

/** Words around a blend's name that are none of it. */
const AROUND = new Set(['the', 'our', 'my', 'a', 'of', 'mix', 'blend', 'mixture', 'compost']);

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z\d]+/)
    .map((word) => word.replace(/s$/, ''))
    .filter((word) => word !== '' && !AROUND.has(word));

/**
 * The kept blend that a written name is, word for word: "our Camellia tub mix". A blend is matched before materials are,
 * but only whole: "tub" alone may be any of them.
 */
export function matchBlend(name: string, blends: readonly DeskBlend[]): DeskBlend | undefined {
  const asked = wordsOf(name).sort().join(' ');
  if (asked === '') return undefined;
  const found = blends.filter((blend) => wordsOf(blend.name).sort().join(' ') === asked);
  return found.length === 1 ? found[0] : undefined;
}
