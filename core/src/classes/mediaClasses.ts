import { CoreError } from '../errors';
import type { Retention } from '../retention/retention';
import table from './media-classes.json';

export interface Typical {
  readonly typical: number;
  readonly range: readonly [number, number];
}

/** Defaults of one class of media: typical values with their ranges, for use until the user's own runs replace them. */
export interface MediaClass {
  readonly id: string;
  readonly label: string;
  readonly family: string;
  readonly dryBulkDensity_gcc: Typical;
  readonly particleDensityApparentBounds_gcc: readonly [number, number];
  readonly totalPorosity: Typical;
  readonly retention: Retention;
  /** Standard deviations of the curve's parameters between media of the class. */
  readonly retentionSpread: {
    readonly thetaR_sd: number;
    readonly thetaS_sd: number;
    readonly lnAlpha_sd: number;
    readonly lnNMinus1_sd: number;
  };
  readonly inVessel10cm: { readonly water: Typical; readonly air: Typical };
  readonly interparticleVoid: Typical;
  readonly d50_mm: Typical;
  readonly spread: number;
  readonly softness: number;
  readonly pH_1to5_water: Typical;
  readonly buffer_meqPerLpH: Typical;
  readonly ec_1to2_dSm: Typical;
  readonly cec_meqPerL: Typical;
  readonly wettability: string;
  /** Nitrogen that its decay takes up, in words. */
  readonly nitrogenDrawdown: string;
  readonly decay_perYear: Typical;
  readonly origin: string;
  readonly renewable: string;
  readonly hazards: readonly string[];
  readonly basis: string;
}

/** All classes of media, in the order of the table. */
export const MEDIA_CLASSES: readonly MediaClass[] = table.classes as unknown as readonly MediaClass[];

const byId = new Map(MEDIA_CLASSES.map((mediaClass) => [mediaClass.id, mediaClass]));

/** The class with this id, or undefined. */
export function findMediaClass(id: string): MediaClass | undefined {
  return byId.get(id);
}

/**
 * Whether a medium is to be moistened and left closed overnight before it is packed: what sheds water when dry, and all
 * peat, coir, bark and wood.
 */
export function needsMoistening({ id, wettability }: MediaClass): boolean {
  return !wettability.startsWith('wettable') || /^(peat|moss|coir|bark|wood|sawdust)/.test(id);
}

/** The class with this id; throws `unknown` at `path` otherwise. */
export function mediaClassById(id: string, path: string): MediaClass {
  const found = byId.get(id);
  if (found === undefined) {
    throw new CoreError('unknown', path, `there is no class "${id}"; for example "peat-light-fine" or "pumice-coarse"`);
  }
  return found;
}
