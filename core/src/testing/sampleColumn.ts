import type { ColumnInput, ColumnReport, Watering } from '../column';
import type { Retention } from '../retention';

/** A fine medium, a coarse layer and a pot of 15 cm, as the tests of the column use them. */
export const PEAT: Retention = { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.1, n: 2 };
export const COARSE: Retention = { thetaR: 0.02, thetaS: 0.45, alpha_percm: 3, n: 4 };
export const POT = { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 };

export const sampleColumn = (over: Partial<ColumnInput> = {}): ColumnInput => ({
  container: POT,
  layers: [{ from_cm: 0, to_cm: POT.height_cm, retention: PEAT, ks_cms: 0.02 }],
  cells: 60,
  start: 'drained',
  base: 'seepage',
  potential_mmPerD: 0,
  rootDepth_cm: 12,
  waterings: [],
  end_d: 2,
  reportEvery_d: 1,
  ...over,
});

/** Poured once a day, in the morning, within a minute. */
export const daily = (n: number, volume_mL: number): Watering[] =>
  Array.from({ length: n }, (_, i) => ({ at_d: i + 0.3, volume_mL, over_s: 60 }));

export const last = ({ reports }: { readonly reports: readonly ColumnReport[] }): ColumnReport =>
  reports.at(-1) as ColumnReport;
