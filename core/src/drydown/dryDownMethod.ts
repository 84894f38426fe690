import { defineMethod } from '../method';
import { dryDown } from './dryDown';
import { DRY_DOWN } from './dryDownInput';

export const dryDownMethod = defineMethod({
  name: 'dry-down',
  version: 2,
  source: 'Least squares through the water column; Richards, 1931, and Feddes, Kowalik and Zaradny, 1978.',
  schema: DRY_DOWN,
  calculate: dryDown,
  outputs: {
    demand: {
      of: 'demand_mmPerD',
      sentence: 'What this pot uses on a day where its plant lacks nothing, over its top.',
      formula: 'least squares of weighed against followed, around what the stand asks for',
    },
    capacity: {
      of: 'capacity_g',
      sentence: 'What the pot weighs when it has drained.',
      formula: 'mean of weighed − water followed, + water drained',
    },
    next: {
      of: 'next.at_d',
      sentence: 'When its water is down to the share at which it is watered, if days stay as they were.',
      formula: 'time at which water followed = share × water drained',
    },
  },
  golden: {
    input: {
      container: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 },
      layers: [
        { from_cm: 0, to_cm: 15, retention: { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.1, n: 2 }, ks_cms: 0.02 },
      ],
      rootDepth_cm: 12,
      expected: { mmPerD: 4 },
      waterings: [{ at_d: 0 }, { at_d: 5 }],
      weights: [
        { at_d: 1, mass_g: 2010 },
        { at_d: 4, mass_g: 1650 },
        { at_d: 5.2, mass_g: 2085 },
        { at_d: 8, mass_g: 1745 },
      ],
    },
    gives: {
      demand_mmPerD: 5.97903537535,
      capacity_g: 2104.50608958,
      water_mL: 1670.23808361,
      'course[8].mass_g': 1999.81457202,
      'next.at_d': 12.0936032342,
      'next.band[1]': 12.6950756984,
      rmse_g: 10.8417833509,
    },
  },
});
