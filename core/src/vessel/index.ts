/**
 * Vessels and pots: their shape, the share of volume below a level, their volume by water.
 * A straight container needs only its depth; a tapered one also its two diameters.
 * All lengths are inner lengths in cm, volumes in mL.
 */
export {
  CONTAINER,
  containerBelow,
  diameterAt,
  geometricVolume_mL,
  requireContainer,
  shareBelow,
  type Container,
} from './container';
export {
  fillVolume_mL,
  knownTare_g,
  vesselVolume_mL,
  type Filling,
  type JugFilling,
  type WaterFilling,
} from './fillVolume';
export { fillingDoubt, FILLING_DOUBT } from './fillingDoubt';
