/** Digits that a sentence gives a number: more than any scale shows, fewer than a sum in binary drags along. */
const SAID = Object.freeze({ digits: 7, decimals: 4, smallest: 0.01 });

/** A number as a sentence says it: 485.4, where the sum of 455.3 and 30.1 is 485.40000000000003. */
export function said(value: number): string {
  const short = Number(value.toPrecision(SAID.digits));
  return String(Math.abs(short) < SAID.smallest ? short : Number(short.toFixed(SAID.decimals)));
}
