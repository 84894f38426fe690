import type { LotRow } from '@bent-pail/contract';

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z\d]+/)
    .filter((word) => word.length > 1 || /\d/.test(word));

/** Plural and singular are one word here. */
const stem = (word: string): string => word.replace(/(?:es|s)$/, '');

/** What tips the scale between lots that share as many words. */
const LEADS = 0.05;
const TIE = 0.01;
const BATCH = 0.3;

/** How well a lot fits a name: shared words of the name over all words of it; a lot's code is as good as its name. */
function fit(name: string, lot: LotRow): number {
  const asked = wordsOf(name).map(stem);
  if (asked.length === 0) return 0;
  const best = [lot.name, ...lot.aliases, lot.code].map((known) => {
    const words = wordsOf(known).map(stem);
    const shared = asked.filter((word) => words.includes(word)).length;
    const leads = words[0] === asked[0] ? LEADS : 0;
    return shared / asked.length + leads + TIE * (shared / Math.max(1, words.length));
  });
  // A blend that happens to be called after its parts is rarely what is meant by one of them.
  return Math.max(...best) - (lot.origin.kind === 'batch' ? BATCH : 0);
}

/** Under this a lot is not offered: half of the words must be its. */
const LEAST_FIT = 0.5;

/** So far must a lot lead the lots of other materials, or it is asked which. */
const MARGIN = 0.04;

/**
 * The lot of the shelf that a written name most likely means; undefined where none is near, or where another material
 * answers to it as well: then somebody is asked. Newest lots come first.
 */
export function matchLot(names: readonly string[], lots: readonly LotRow[]): LotRow | undefined {
  for (const name of names) {
    const found = lots
      // Rejects and twigs are never what their parent's name means.
      .filter((lot) => lot.usable && lot.partedOff !== true)
      .map((lot) => ({ lot, score: fit(name, lot) }))
      .filter(({ score }) => score >= LEAST_FIT)
      .sort((a, b) => b.score - a.score);
    const [best] = found;
    if (best === undefined) continue;
    const other = found.find(({ lot }) => lot.materialId !== best.lot.materialId);
    if (other === undefined || best.score - other.score >= MARGIN) return best.lot;
  }
  return undefined;
}
