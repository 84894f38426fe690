import { refuse, requireNotNegative, requirePositive, said } from '../errors';
import { maybe, number, object, type InputOf } from '../method';
import { CONTAINER, shareBelow } from '../vessel';

/** The vessel of a saturate-drain-dry run: volume to its fill line, and its inner shape. */
export const POROSITY_VESSEL = object({ volume_mL: number('to the fill line'), ...CONTAINER.properties });
export type PorosityVessel = InputOf<typeof POROSITY_VESSEL>;

/** Weighings of one replicate. */
export const POROSITY_REPLICATE = object({
  tare_g: number('vessel and mesh'),
  filled_g: maybe(number()),
  saturated_g: number(),
  drained_g: number(),
  dryTray_g: number('0 where the dry mass is worked out already'),
  dry_g: number('with the tray'),
  settledDepth_cm: maybe(number('after draining, else when saturated')),
  drained_mL: maybe(number('collected')),
});
export type PorosityReplicate = InputOf<typeof POROSITY_REPLICATE>;

/** Results of one replicate; what could not be had is absent, and a check says why. */
export interface PorosityFigures {
  readonly mediumVolume_mL: number;
  readonly totalPorosity: number;
  readonly containerCapacity: number;
  readonly airSpace: number;
  readonly bulkDensity_gcc: number;
  readonly particleDensity_gcc?: number;
  readonly gravimetricWater_gg: number;
  readonly asReceivedMoisture?: number;
  readonly shrinkage: number;
}

const MASSES = ['tare_g', 'dryTray_g', 'saturated_g', 'drained_g', 'dry_g'] as const;

/** Refuses masses that no bench can give, naming the field. Paths are only written where something is refused. */
export function requireMasses(r: PorosityReplicate, index: number, vesselHeight_cm: number): void {
  const at = (field: keyof PorosityReplicate): string => `replicates[${String(index)}].${field}`;
  for (const field of MASSES) {
    if (!(r[field] >= 0 && r[field] < Infinity)) requireNotNegative(at(field), r[field], 'g');
  }
  if (r.saturated_g <= r.tare_g) {
    refuse(at('saturated_g'), `${said(r.saturated_g)} g must be above the tare of ${said(r.tare_g)} g`);
  }
  if (r.drained_g > r.saturated_g) {
    const sentence = `${said(r.drained_g)} g drained cannot be above ${said(r.saturated_g)} g saturated; weigh both again`;
    refuse(at('drained_g'), sentence);
  }
  if (r.dry_g <= r.dryTray_g) {
    refuse(at('dry_g'), `${said(r.dry_g)} g must be above its tray's ${said(r.dryTray_g)} g`);
  }
  const wet_g = r.drained_g - r.tare_g;
  const dry_g = r.dry_g - r.dryTray_g;
  if (dry_g > wet_g) {
    const sentence = `${dry_g.toFixed(1)} g of dry medium cannot be above the ${wet_g.toFixed(1)} g that it weighed drained`;
    refuse(at('dry_g'), sentence);
  }
  if (r.filled_g !== undefined && !(r.filled_g > r.tare_g)) {
    refuse(at('filled_g'), `${said(r.filled_g)} g must be above the tare of ${said(r.tare_g)} g`);
  }
  if (r.drained_mL !== undefined && !(r.drained_mL >= 0)) requireNotNegative(at('drained_mL'), r.drained_mL, 'mL');
  const depth = r.settledDepth_cm;
  if (depth === undefined) return;
  if (!(depth > 0)) requirePositive(at('settledDepth_cm'), depth, 'cm');
  if (depth > vesselHeight_cm) {
    refuse(at('settledDepth_cm'), `${said(depth)} cm is above the vessel's ${said(vesselHeight_cm)} cm`);
  }
}

/** Volume of the medium at the depth where it stands, mL: the vessel's share below it. */
export function mediumVolume_mL(vessel: PorosityVessel, settledDepth_cm: number | undefined): number {
  return vessel.volume_mL * shareBelow(vessel, settledDepth_cm ?? vessel.height_cm);
}

/** A mass of water as a fraction of a volume. */
export function waterFraction(water_g: number, waterDensity_gcc: number, volume_mL: number): number {
  return water_g / waterDensity_gcc / volume_mL;
}

/**
 * One replicate of saturate, drain, dry.
 *
 * V = V0 x share of the vessel below the settled depth; m_d = dry - tray;
 * porosity = (saturated - tare - m_d)/rho/V; capacity = (drained - tare - m_d)/rho/V;
 * air = (saturated - drained)/rho/V; bulk density = m_d/V; particle density = bulk density/(1 - porosity);
 * water by dry mass = (drained - tare - m_d)/m_d; moisture as received = (filled - tare - m_d)/(filled - tare);
 * settling on wetting = 1 - V/V0.
 * Masses g, volumes mL, density g/mL; fractions 0..1 of the medium's volume. The masses are already checked.
 */
export function reduceReplicate(
  r: PorosityReplicate,
  vessel: PorosityVessel,
  waterDensity_gcc: number,
): PorosityFigures {
  const volume_mL = mediumVolume_mL(vessel, r.settledDepth_cm);
  const dry_g = r.dry_g - r.dryTray_g;
  const perVolume = (water_g: number): number => waterFraction(water_g, waterDensity_gcc, volume_mL);
  const totalPorosity = perVolume(r.saturated_g - r.tare_g - dry_g);
  const bulkDensity_gcc = dry_g / volume_mL;
  const received_g = r.filled_g === undefined ? undefined : r.filled_g - r.tare_g;
  return {
    mediumVolume_mL: volume_mL,
    totalPorosity,
    containerCapacity: perVolume(r.drained_g - r.tare_g - dry_g),
    airSpace: perVolume(r.saturated_g - r.drained_g),
    bulkDensity_gcc,
    ...(totalPorosity < 1 ? { particleDensity_gcc: bulkDensity_gcc / (1 - totalPorosity) } : {}),
    gravimetricWater_gg: (r.drained_g - r.tare_g - dry_g) / dry_g,
    ...(received_g !== undefined && received_g >= dry_g
      ? { asReceivedMoisture: (received_g - dry_g) / received_g }
      : {}),
    shrinkage: 1 - volume_mL / vessel.volume_mL,
  };
}
