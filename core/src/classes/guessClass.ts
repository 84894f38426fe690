import { MEDIA_CLASSES, type MediaClass } from './mediaClasses';

const words = (text: string): string[] => text.toLowerCase().match(/[a-z]{3,}/g) ?? [];

/**
 * The class that a typed name most likely means, or undefined: never a silent identity, only a proposal.
 * Scores shared words with each class's id and label; a tie goes to the first of the table.
 * Example: guessClass("Coarse pumice") is pumice-coarse; guessClass("the grey stuff") is undefined.
 */
export function guessClass(name: string): MediaClass | undefined {
  const typed = words(name);
  let best: MediaClass | undefined;
  let bestScore = 0;
  for (const mediaClass of MEDIA_CLASSES) {
    const idWords = words(mediaClass.id);
    const labelWords = words(mediaClass.label);
    // The first word of an id names the stuff itself; without it the others (fine, coarse) say nothing.
    const stuff = idWords[0] as string;
    if (!typed.includes(stuff)) continue;
    const score =
      typed.filter((word) => idWords.includes(word)).length * 2 +
      typed.filter((word) => labelWords.includes(word)).length;
    if (score > bestScore) {
      best = mediaClass;
      bestScore = score;
    }
  }
  return best;
}
