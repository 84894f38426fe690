/**
 * Shares and rates: a part over a whole, grams in a litre, seedlings in a litre.
 * Most protocols by hand and eye end in one of these.
 * What is taken off (a tare, a blank) is named, never hidden in the reading.
 */
export { ratio, ratioMethod, type RatioInput } from './ratio';
