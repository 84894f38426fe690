import type { ReadLine } from './asRead';

const OPTIONAL = /\(?\b(?:optional(?:ly)?|if (?:you (?:like|have it|want)|available|wanted|needed))\b\)?/g;
/** Why the other of two would be taken: "or (if you can't get it) perlite". It changes nothing of the line. */
const WHY_OTHER = /\(\s*(?:if|when|where)\b[^)]*\)|\bif (?:you )?(?:can'?t|cannot|don'?t|do not)\b[^,;]*$/g;

/** A name without the small words around it. */
export function nameOf(text: string): string {
  return text
    .replace(/^\s*(?:of it|of the|of|parts? of)\s+/, '')
    .replace(/^[\s:=,.-]+|[\s:=,.;@-]+$/g, '')
    .replace(
      /^(?:(?:i|we)\s+)?(?:and then|and|plus|with|then|add|mix(?: in| of)?|(?:a )?blend of|for (?:every|each)|take|use)\s+/,
      '',
    )
    .replace(/^either\s+/, '')
    .replace(/\s+on top$/, '')
    .trim();
}

export const mayBeLeftOut = (text: string): boolean => text.search(OPTIONAL) >= 0;

/** A text without the words that say it may be left out, or when another would do. */
export const required = (text: string): string =>
  text
    .replaceAll(OPTIONAL, ' ')
    .replaceAll(WHY_OTHER, ' ')
    .replaceAll(/\(\s*or\b([^)]*)\)/g, ' or$1')
    .replaceAll(/\s+/g, ' ')
    .trim();

/** A name with what else would do. */
export function named(text: string): Pick<ReadLine, 'name' | 'alternatives' | 'optional'> {
  const [name = '', ...alternatives] = nameOf(required(text))
    .replace(/^\(([^()]*)\)$/, '$1')
    .split(/\s+or\s+|\s*\/\s*/)
    .map(nameOf);
  return { name, alternatives, optional: mayBeLeftOut(text) };
}
