import type { Retention } from '../retention';
import type { Container } from '../vessel';
import type { NeedsKey } from './needs';
import { standOf, type StandKey } from './stands';

/** A medium as a pot's column needs it. */
export interface PotMedium {
  readonly retention: Retention;
  readonly ks_cms: number;
}

/** How it is watered. A volume that is not given is what was used since, and a tenth more. */
export type WateringPlan =
  | { readonly kind: 'every'; readonly every_d: number; readonly volume_mL?: number }
  /** On some days of each week, 0 to 6; the first day that is followed is day 0. */
  | { readonly kind: 'weekdays'; readonly on: readonly number[]; readonly volume_mL?: number }
  | { readonly kind: 'when-dry'; readonly below: number }
  | { readonly kind: 'drip'; readonly day_mL?: number; readonly hours: number }
  | { readonly kind: 'from-below'; readonly every_d: number; readonly level_cm: number; readonly hours: number }
  | { readonly kind: 'none' };

/** What lies below or on top of the medium. */
export interface PotExtras {
  /** Depth of a layer at the base, cm; of stones, unless it is of `lower`. */
  readonly lower_cm?: number;
  readonly lower?: PotMedium;
  /** What the medium is dressed with, so deep, within the pot. */
  readonly top?: { readonly key: DressingKey; readonly deep_cm: number };
  /** A net between the layers keeps fine parts up; water does not feel it. */
  readonly netted?: boolean;
  /** Native soil below a bed, with the water table so deep below the bed's foot. */
  readonly soil?: { readonly key: SoilKey; readonly table_cm: number };
  readonly mulched?: boolean;
  readonly clay?: boolean;
}

export interface PotSetup extends PotExtras {
  readonly container: Container;
  readonly medium: PotMedium;
  readonly stand: StandKey;
  /** Instead of what the stand asks for, and rains, mm a day. */
  readonly mmPerD?: number;
  readonly rain_mm?: number;
  /** What the place is called that asks for that. */
  readonly where?: string;
  readonly plan: WateringPlan;
  /** A second line, which may differ from the first. */
  readonly also?: WateringPlan;
  /** What its roots bear; absent: as most. */
  readonly needs?: NeedsKey;
  /** Part of the depth that roots reach. */
  readonly rooted?: number;
  readonly days: number;
  readonly cells?: number;
}

/** Stones with hardly a pore that holds water: its air entry lies under a centimetre. */
export const COARSE: PotMedium = Object.freeze({
  retention: { thetaR: 0.02, thetaS: 0.45, alpha_percm: 3, n: 4 },
  ks_cms: 5,
});

/** Top-dressings that are layers of their own; ours, as such grains and composts usually are. */
export const DRESSINGS = Object.freeze([
  {
    key: 'grit',
    words: 'sharp grit',
    retention: { thetaR: 0.03, thetaS: 0.42, alpha_percm: 0.4, n: 3 },
    ks_cms: 1,
  },
  {
    key: 'compost',
    words: 'fine compost',
    retention: { thetaR: 0.12, thetaS: 0.78, alpha_percm: 0.06, n: 1.5 },
    ks_cms: 0.01,
  },
] as const);
export type DressingKey = (typeof DRESSINGS)[number]['key'];

/**
 * Native soils under a bed, by texture; means of many soils.
 * Source: Carsel and Parrish (1988), Water Resour. Res. 24, 755-769.
 */
export const SOILS = Object.freeze([
  {
    key: 'sand',
    words: 'sand',
    retention: { thetaR: 0.045, thetaS: 0.43, alpha_percm: 0.145, n: 2.68 },
    ks_cms: 0.00825,
  },
  {
    key: 'loam',
    words: 'loam',
    retention: { thetaR: 0.078, thetaS: 0.43, alpha_percm: 0.036, n: 1.56 },
    ks_cms: 0.000289,
  },
  {
    key: 'clay',
    words: 'clay',
    retention: { thetaR: 0.068, thetaS: 0.38, alpha_percm: 0.008, n: 1.09 },
    ks_cms: 0.0000556,
  },
] as const);
export type SoilKey = (typeof SOILS)[number]['key'];

export const POT_SETUP = Object.freeze({
  cells: 40,
  rooted: 0.8,
  evaporationShare: 0.2,
  /** A mulch lets through so much of what a bare top gives to the air; 0.3 to 0.7 by kind and depth. */
  mulchFactor: 0.5,
  /** An unglazed wall gives less to the air than a wet top does. */
  wallShare: 0.5,
  daylight_h: [6, 20] as readonly [number, number],
  water_h: 8,
  extra: 0.1,
  over_s: 120,
  /** Across, where a container is told by its depth alone. */
  straight_cm: 20,
});

/** The container with diameters: a straight one is followed as a column of 20 cm across. */
export function roundContainer({
  height_cm,
  topDiameter_cm,
  baseDiameter_cm,
}: Container): Required<Pick<Container, 'height_cm' | 'topDiameter_cm' | 'baseDiameter_cm'>> {
  return {
    height_cm,
    topDiameter_cm: topDiameter_cm ?? POT_SETUP.straight_cm,
    baseDiameter_cm: baseDiameter_cm ?? POT_SETUP.straight_cm,
  };
}

/** Rain where it stands, mm a day. */
export const rainOf = ({ rain_mm, stand }: Pick<PotSetup, 'rain_mm' | 'stand'>): number =>
  rain_mm ?? standOf(stand).rain_mm ?? 0;

/** What such a pot uses in a day, mL, while it lacks nothing. */
export function dailyUse_mL(setup: PotSetup): number {
  const { topDiameter_cm, baseDiameter_cm, height_cm } = roundContainer(setup.container);
  const mmPerD = setup.mmPerD ?? standOf(setup.stand).mmPerD;
  const bare = 1 - POT_SETUP.evaporationShare * (1 - (setup.mulched === true ? POT_SETUP.mulchFactor : 1));
  const top_cm2 = (Math.PI / 4) * topDiameter_cm ** 2;
  const wall_cm2 =
    (Math.PI / 2) * (topDiameter_cm + baseDiameter_cm) * Math.hypot(height_cm, (topDiameter_cm - baseDiameter_cm) / 2);
  const wall_mm = setup.clay === true ? POT_SETUP.wallShare * mmPerD : 0;
  return (mmPerD * bare * top_cm2 + wall_mm * wall_cm2) / 10;
}
