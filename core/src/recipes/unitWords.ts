import type { RecipeUnit } from './units';

/** How a unit is said of more than one. */
export const UNIT_WORDS: Readonly<Record<RecipeUnit, string>> = Object.freeze({
  part: 'parts',
  percent: '% by volume',
  L: 'L',
  mL: 'mL',
  m3: 'm³',
  gal: 'gal',
  qt: 'qt',
  cuft: 'cu ft',
  cuyd: 'cu yd',
  cup: 'cups',
  scoop: 'scoops',
  bucket: 'buckets',
  barrow: 'barrows',
  bag: 'bags',
  handful: 'handfuls',
  spoon: 'spoons',
  gPerL: 'g/L',
  rest: 'the rest',
});
