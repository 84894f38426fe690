/**
 * How far a prediction can be trusted: bands by drawing every uncertain input again and again.
 * Draws are seeded, so the same question has the same answer; a curve is drawn as a whole.
 * What drives the spread says which measurement would narrow it.
 */
export { bands, bandsSteps, quantile, type Band, type BandProperty, type BandsResult } from './bands';
export { bandsMethod } from './bandsMethod';
export {
  BANDS_DEFAULTS,
  SCOOP_SHARE,
  type BandsInput,
  type ComponentErrors,
  type RetentionErrors,
  type UncertainComponent,
  type Window,
} from './bandsInput';
export { type Driver } from './drivers';
export { drawnCurves } from './drawnBlend';
