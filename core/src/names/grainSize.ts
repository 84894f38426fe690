const MM_OF = { mm: 1, cm: 10, in: 25.4, inch: 25.4, inches: 25.4, '"': 25.4 } as const;
const NUMBER = String.raw`\d+(?:[.,]\d+)?(?:\s*\/\s*\d+)?`;
const RANGE = new RegExp(String.raw`(${NUMBER})\s*(?:-|–|to|bis)\s*(${NUMBER})\s*(mm|cm|inches|inch|in\b|")`, 'i');
const SINGLE = new RegExp(
  String.raw`(?:(under|below|up to|over|above)\s+)?(${NUMBER})\s*(mm|cm|inches|inch|in\b|")`,
  'i',
);

/** How large the grains are said to be. */
export type SaidSize =
  | { readonly kind: 'mm'; readonly mm: number; readonly words: string }
  | { readonly kind: 'fine'; readonly words: string }
  | { readonly kind: 'coarse'; readonly words: string };

function numberIn(text: string): number {
  const [over = '', under] = text.split('/').map((part) => part.trim().replace(',', '.'));
  return under === undefined ? Number(over) : Number(over) / Number(under);
}

const FINE = /\b(?:medium[- ]fine|super[- ]?fine|extra[- ]?fine|fine|finely|small|mini|dusty|crumbly|powdery)\b/i;
const COARSE =
  /\b(?:medium[- ]coarse|super[- ]?coarse|extra[- ]?coarse|coarse|coarsely|large|big|chunky|jumbo|lumpy|nuggets?|chunks?|lumps?)\b/i;

/** The size that a name tells, in mm where it gives numbers; undefined where it tells none, or two. */
export function grainSize(text: string): SaidSize | undefined {
  const range = RANGE.exec(text);
  if (range !== null) {
    const [words, lo = '', hi = '', unit = 'mm'] = range;
    const factor = MM_OF[unit.toLowerCase() as keyof typeof MM_OF];
    // A range from nothing has its middle well below half of its end.
    const [from, to] = [numberIn(lo) * factor, numberIn(hi) * factor];
    return { kind: 'mm', mm: Math.sqrt(Math.max(from, to / 10) * to), words };
  }
  const single = SINGLE.exec(text);
  if (single !== null) {
    const [words, side, size = '', unit = 'mm'] = single;
    const mm = numberIn(size) * MM_OF[unit.toLowerCase() as keyof typeof MM_OF];
    const part = side === undefined ? 1 : /under|below|up to/i.test(side) ? 0.4 : 2;
    return { kind: 'mm', mm: mm * part, words };
  }
  const [fine, coarse] = [FINE.exec(text), COARSE.exec(text)];
  if (fine !== null && coarse !== null) return undefined;
  if (fine !== null) return { kind: 'fine', words: fine[0] };
  if (coarse !== null) return { kind: 'coarse', words: coarse[0] };
  return undefined;
}
