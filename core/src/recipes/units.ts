/** What an amount of a recipe is counted in. */
export type RecipeUnit =
  | 'part'
  | 'percent'
  | 'L'
  | 'mL'
  | 'm3'
  | 'gal'
  | 'qt'
  | 'cuft'
  | 'cuyd'
  | 'cup'
  | 'scoop'
  | 'bucket'
  | 'barrow'
  | 'bag'
  | 'handful'
  | 'spoon'
  | 'gPerL'
  | 'rest';

/** Volume of a unit, L, where it has one of its own; scoops, buckets and bags have the size of whoever holds them. */
export const LITRES_OF: Readonly<Partial<Record<RecipeUnit, number>>> = Object.freeze({
  L: 1,
  mL: 0.001,
  m3: 1000,
  // US measures: 231 cubic inches a gallon.
  gal: 3.785411784,
  qt: 0.946352946,
  cuft: 28.316846592,
  cuyd: 764.554857984,
  cup: 0.2365882365,
});

/** Spellings of units; the longer ones first, so that "parts" is not read as "p" and "arts". */
export const UNIT_SPELLINGS: readonly (readonly [RegExp, RecipeUnit])[] = [
  // "g a L" needs its spaces, or every gallon would be grams to the litre.
  [/^(?:g|grams?|gm)(?:\s*\/\s*|\s+(?:per|a|in a|to the|to a)\s+)(?:l|litres?|liters?)\b/, 'gPerL'],
  [/^kg(?:\s*\/\s*|\s+(?:per|to the|to a)\s+)(?:m3|m³|cubic met(?:re|er))/, 'gPerL'],
  [/^(?:cubic f(?:ee|oo)t|cu\.?\s?ft\.?|ft3|ft³|cf)(?=\s|$|[,.)])/, 'cuft'],
  [/^(?:cubic yards?|cu\.?\s?yds?\.?|yd3|yd³)(?=\s|$|[,.)])/, 'cuyd'],
  [/^(?:cubic met(?:re|er)s?|m3|m³)(?=\s|$|[,.)])/, 'm3'],
  [/^(?:(?:parts?|pts?|measures?|vols?|volumes?)\b)(?: by volume\b)?/, 'part'],
  [/^(?:%|percent\b|per cent\b|pct\b)(?:\s*(?:by volume|v\/v|vol\.?))?/, 'percent'],
  [/^(?:millilitres?|milliliters?|ml)\b/, 'mL'],
  [/^(?:litres?|liters?|ltrs?|l)\b/, 'L'],
  [/^(?:gallons?|gals?)\b/, 'gal'],
  [/^(?:quarts?|qts?)\b/, 'qt'],
  [/^cups?\b/, 'cup'],
  [/^(?:scoops?|scoopfuls?|shovels?|shovelfuls?)\b/, 'scoop'],
  [/^(?:buckets?|bucketfuls?|pails?)\b/, 'bucket'],
  [/^(?:barrows?|wheelbarrows?|barrowloads?)\b/, 'barrow'],
  [/^(?:bags?|sacks?)\b/, 'bag'],
  [/^(?:handfuls?|fistfuls?)\b/, 'handful'],
  [/^(?:tablespoons?|teaspoons?|tbsps?|tsps?|spoons?|spoonfuls?)\b/, 'spoon'],
];
