import { priceBoard, type BoardLine, type PricedPack } from '../prices';

export interface ShopDeskInput {
  /** Two or three packs as they are printed. */
  readonly packs: readonly PricedPack[];
  readonly need_L?: number;
}

export interface ShopVerdict {
  readonly lines: readonly BoardLine[];
  /** The cheapest real litre by the label. */
  readonly take: BoardLine;
  /** By how much it is cheaper than the next, as a share of the next; absent where it stands alone. */
  readonly cheaperBy?: number;
  /** Whether the next may cost the same once both are poured out. */
  readonly isLevel: boolean;
  /** It is no longer the cheapest if it is short of its label by more than this share, the next being full. */
  readonly turnsAt?: number;
}

/**
 * Which of a few packs to take by the label alone, and what would change that.
 *
 * Packs by the price of a litre as printed, with the bands of packs that nobody opened (`LABEL_SPREAD`); level where the
 * bands of the first two overlap. Throws what `priceBoard` refuses.
 * Example: 8 for 40 L beside 10 for 40 L is cheaper by a fifth, until it holds under 32 L.
 */
export function shopDesk({ packs, need_L }: ShopDeskInput): ShopVerdict {
  const { lines } = priceBoard({ packs, ...(need_L === undefined ? {} : { need_L }) });
  const [take, next] = lines;
  if (take === undefined) throw new Error('a board of packs has lines');
  if (next === undefined) return { lines, take, isLevel: false };
  const share = 1 - take.pricePerL / next.pricePerL;
  return { lines, take, cheaperBy: share, isLevel: next.band[0] <= take.band[1], turnsAt: share };
}
