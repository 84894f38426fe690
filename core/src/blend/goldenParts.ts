import type { BlendComponent } from './blendInput';

/** The two parts of the golden blends: coarse and hard, fine and soft, with everything that is known of a part. */
export const GOLDEN_PARTS: readonly [BlendComponent, BlendComponent] = [
  {
    name: 'pumice',
    volume: 2,
    dryBulkDensity_gcc: 0.5,
    retention: { thetaR: 0.16, thetaS: 0.68, alpha_percm: 1.7, n: 1.6 },
    interparticleVoid: 0.43,
    d50_mm: 5,
    spread: 1.8,
    pH: 7,
    buffer_meqPerLpH: 2,
    ec_dSm: 0.1,
    pricePerL: 0.3,
  },
  {
    name: 'peat',
    volume: 1,
    dryBulkDensity_gcc: 0.09,
    retention: { thetaR: 0.2, thetaS: 0.93, alpha_percm: 0.12, n: 1.7 },
    interparticleVoid: 0.5,
    d50_mm: 0.9,
    spread: 2.4,
    softness: 0.7,
    pH: 4,
    buffer_meqPerLpH: 30,
    ec_dSm: 0.2,
    pricePerL: 0.1,
  },
];
