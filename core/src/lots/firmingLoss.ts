import type { Working } from '../method';
import { ratioMethod } from '../shares';
import type { LotFigure } from './lotFigures';

/** Air that firming took, seen by a pair of runs in one vessel. */
export interface FirmingLoss {
  readonly depth: string;
  readonly looser: { readonly habit: string; readonly air: number };
  readonly firmer: { readonly habit: string; readonly air: number };
  readonly lost: number;
  readonly working: Working;
}

/** Habits from loose to hard; the method's words begin with one of them. */
const ORDER = ['loose', 'tapped', 'firmed', 'pressed'] as const;

/** A method parted into its vessel, its packing and the rest, as `12 cm vessel`, `tapped`, `drained 60 min`. */
function packingOf({ method }: LotFigure): { readonly depth: string; readonly habit: string; readonly rest: string } {
  const [depth = '', habit = '', ...rest] = method.split(', ');
  return { depth, habit, rest: rest.join(', ') };
}

const rank = (habit: string): number => ORDER.findIndex((one) => habit.startsWith(one));

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
      return b.depth === a.depth && b.rest === a.rest && rank(b.habit) > rank(a.habit) && rank(a.habit) >= 0;
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
