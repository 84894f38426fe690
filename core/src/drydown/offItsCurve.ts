import type { Check } from '../errors';

interface Weighed {
  readonly at_d: number;
  readonly mass_g: number;
  readonly weighed_g: number;
}

/** How far off a weighing is asked about, as a share of the water that the drained pot holds. */
const OFF = 0.06;
/** Within so many days after a watering a weighing tells how the pot filled, later how it dries. */
const FILLED_d = 0.5;

/** What to look at where the last weighings lie off the pot's curve. */
export function offItsCurve(
  weighed: readonly Weighed[],
  waterings: readonly { readonly at_d: number }[],
  full_mL: number,
): Check[] {
  const last = weighed.at(-1);
  if (weighed.length < 4 || last === undefined) return [];
  const off = (last.weighed_g - last.mass_g) / full_mL;
  if (Math.abs(off) < OFF) return [];
  const watered_d = waterings.findLast(({ at_d }) => at_d <= last.at_d)?.at_d;
  const isFresh = watered_d !== undefined && last.at_d - watered_d < FILLED_d;
  const percent = (100 * Math.abs(off)).toFixed(0);
  const said = (code: string, message: string): Check[] => [{ code, severity: 'caution', message }];
  if (off > 0)
    return isFresh
      ? said(
          'stays-wet',
          `It is heavier by ${percent} % of its water than it drains to: look whether its holes are free.`,
        )
      : said(
          'slow',
          `It dries slower than it did, by ${percent} % of its water: look at the roots, and whether its holes are free.`,
        );
  return isFresh
    ? said(
        'fills-badly',
        `It took up less than it holds, by ${percent} % of its water: dry medium sheds water, and full roots leave none room. Water it twice, or from below.`,
      )
    : said(
        'fast',
        `It dries faster than it did, by ${percent} % of its water: roots may have filled the pot, or its place has changed.`,
      );
}
