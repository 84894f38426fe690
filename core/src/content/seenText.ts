/**
 * What shows nothing, or turns the order of what stands around it: control characters, soft hyphens, spaces without
 * width, marks that set or override a direction, fillers, tags. Two names that read alike would not be alike by them,
 * and one of them could turn a page around. NUL is left for whoever refuses it, lines and tabs are what was typed.
 */
const UNSEEN = /[\p{Cc}\u00ad\u115f\u1160\u180e\u200b\u202a-\u202e\u2060-\u206f\u3164\ufeff\uffa0\ufff9-\ufffb]/gu;
const LEFT = '\0\t\n\r';

/** Joiners and marks of direction, which Persian, the scripts of India and joined pictures are written with. */
const BESIDE_LATIN = /(?<=^|[\p{Script=Latin}\p{N}\p{P}\s])[\u061c\u200c-\u200f]+/gu;

/** Invisible tags; the flags of Wales, Scotland and England are written with them. */
const TAGS = /(?<!\u{1f3f4}[\u{e0020}-\u{e007f}]*)[\u{e0000}-\u{e007f}]/gu;

/** A text without what nobody can see in it. */
export const seenText = (text: string): string =>
  text
    .replaceAll(UNSEEN, (one) => (LEFT.includes(one) ? one : ''))
    .replaceAll(BESIDE_LATIN, '')
    .replaceAll(TAGS, '');

/** Every text of a value, as {@link seenText}; what is no text stays as it is. */
export function seenTexts(value: unknown): unknown {
  if (typeof value === 'string') return seenText(value);
  if (Array.isArray(value)) return value.map(seenTexts);
  if (typeof value !== 'object' || value === null || Object.getPrototypeOf(value) !== Object.prototype) return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, seenTexts(one)]));
}
