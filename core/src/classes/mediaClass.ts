import type { Retention } from '../retention/retention';

export interface Typical {
  readonly typical: number;
  readonly range: readonly [number, number];
}

/** How much nitrogen decay takes up, from least to most. */
export type Drawdown =
  | 'none'
  | 'none-when-mature'
  | 'none-to-slight'
  | 'slight'
  | 'slight-to-moderate'
  | 'moderate'
  | 'strong'
  | 'very-strong';

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
  /** How it takes water, in words. */
  readonly wettability: string;
  /** To be moistened and left closed overnight before it is packed: what sheds water when dry, all peat, coir, bark and wood. */
  readonly moistenFirst: boolean;
  /** Water reaches nearly every pore, so that a lower porosity means trapped air. */
  readonly fillsAllPores: boolean;
  /** Nitrogen that its decay takes up. */
  readonly nitrogenDrawdown: Drawdown;
  readonly decay_perYear: Typical;
  readonly origin: string;
  readonly renewable: string;
  readonly hazards: readonly string[];
  readonly basis: string;
}
