import { canonicalText } from '../content';
import type { Working } from '../method';
import { ratioMethod } from '../shares';
import { packingWords, type PackingHabit } from '../sheets';
import type { LotFigure } from './lotFigures';
import { methodKeyIn, vesselWords } from './methodKey';

/** Air that firming took, seen by a pair of runs in one vessel. */
export interface FirmingLoss {
  readonly depth: string;
  readonly looser: { readonly habit: string; readonly air: number };
  readonly firmer: { readonly habit: string; readonly air: number };
  readonly lost: number;
  readonly working: Working;
}

/** Habits from loose to hard. */
const ORDER: readonly PackingHabit[] = ['loose', 'tapped', 'firmed', 'pressed'];

interface Packed {
  readonly depth: string;
  readonly habit: string;
  /** Its place from loose to hard; −1 where packing is no part of the method. */
  readonly rank: number;
  /** The method but for its packing, to be compared. */
  readonly rest: string;
}

/** A method parted into its vessel, its packing and the rest. */
function packingOf({ methodKey }: LotFigure): Packed {
  const { packing, press_gcm2, ...rest } = methodKeyIn(methodKey);
  return {
    depth: rest.depths_cm === undefined ? '' : vesselWords(rest.depths_cm),
    habit:
      packing === undefined
        ? ''
        : packingWords({ packingHabit: packing, ...(press_gcm2 === undefined ? {} : { press_gcm2 }) }),
    rank: packing === undefined ? -1 : ORDER.indexOf(packing),
    rest: canonicalText(rest),
  };
}

/**
 * What firming costs: the newest pair of measured air spaces in the same vessel, drained the same time and packed
 * differently; undefined where there is no such pair, or where the firmer one has no less air.
 */
export function firmingLoss(figures: readonly LotFigure[]): FirmingLoss | undefined {
  const airs = figures.filter((figure) => figure.property === 'airSpace' && figure.origin === 'measured');
  for (const one of airs) {
    const a = packingOf(one);
    const other = airs.find((figure) => {
      const b = packingOf(figure);
      return b.rest === a.rest && b.rank > a.rank && a.rank >= 0;
    });
    if (other === undefined) continue;
    const b = packingOf(other);
    const lost = one.summary.mean - other.summary.mean;
    if (lost <= 0) continue;
    const input = { add: [one.summary.mean], take: [other.summary.mean] };
    return {
      depth: a.depth,
      looser: { habit: a.habit, air: one.summary.mean },
      firmer: { habit: b.habit, air: other.summary.mean },
      lost,
      working: ratioMethod.working('difference', input, {
        from: [
          { label: `air, ${a.habit}`, value: one.summary.mean, unit: '', working: one.working },
          { label: `air, ${b.habit}`, value: other.summary.mean, unit: '', working: other.working },
        ],
      }),
    };
  }
  return undefined;
}
