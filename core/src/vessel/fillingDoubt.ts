import { geometricVolume_mL, type Container } from './container';
import { fillVolume_mL, vesselVolume_mL, type Filling } from './fillVolume';

/** How far a filling may lie from what is known of the vessel before it is asked about, as a share of that. */
export const FILLING_DOUBT = Object.freeze({
  /** From the mean of the fillings before: a careful filling repeats within 1 %. */
  fromOthers: 0.03,
  /** From the inner dimensions: lips and rounded corners take a few per cent. */
  fromShape: 0.15,
});

const mL = (volume_mL: number): string => `${volume_mL.toFixed(0)} mL`;

/**
 * Why a new filling of a vessel is to be looked at again, as a sentence; undefined where it fits what is known.
 *
 * Compared with the mean volume of `before` (mL, by water), or where there is none with the volume from the inner
 * dimensions of `shape` (cm). Where neither is known nothing can be said. Throws what `fillVolume_mL` throws.
 * Example: 1050 mL before, now 1 g of water: "1 mL by this filling, 1050 mL by the 2 before."
 */
export function fillingDoubt(
  filling: Filling,
  before: readonly Filling[],
  shape: Container | undefined,
): string | undefined {
  const volume = fillVolume_mL(filling);
  const others = vesselVolume_mL(before);
  if (others !== undefined) {
    if (Math.abs(volume - others) <= FILLING_DOUBT.fromOthers * others) return undefined;
    const who = before.length === 1 ? 'the one before' : `the ${String(before.length)} before`;
    return `${mL(volume)} by this filling, ${mL(others)} by ${who}.`;
  }
  const drawn = shape === undefined ? undefined : geometricVolume_mL(shape);
  if (drawn === undefined || Math.abs(volume - drawn) <= FILLING_DOUBT.fromShape * drawn) return undefined;
  return `${mL(volume)} by this filling, ${mL(drawn)} by its inner dimensions.`;
}
