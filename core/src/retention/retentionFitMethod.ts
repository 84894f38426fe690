import { defineMethod } from '../method';
import { fitRetention, RETENTION_FIT_INPUT } from './fitRetention';

export const retentionFitMethod = defineMethod({
  name: 'retention-fit',
  version: 1,
  source: 'De Boodt and Verdonck, 1972; curve of van Genuchten, 1980.',
  schema: RETENTION_FIT_INPUT,
  calculate: fitRetention,
  outputs: {
    airAt10: {
      of: 'airAt10',
      property: 'airAt10',
      sentence: 'Pores that are empty at 10 cm of suction.',
      formula: 'θs − θ(10 cm)',
      source: 'Curve of van Genuchten, 1980, fitted to the weighings.',
    },
    easilyAvailable: {
      of: 'easilyAvailable',
      property: 'easilyAvailable',
      sentence: 'Water that it gives up between 10 and 50 cm of suction.',
      formula: 'θ(10 cm) − θ(50 cm)',
    },
    buffering: {
      of: 'buffering',
      property: 'buffering',
      sentence: 'Water that it gives up between 50 and 100 cm of suction.',
      formula: 'θ(50 cm) − θ(100 cm)',
    },
    lessAvailable: {
      of: 'lessAvailable',
      property: 'lessAvailable',
      sentence: 'Water that it still holds at 100 cm of suction.',
      formula: 'θ(100 cm)',
    },
    alpha: {
      of: 'retention.alpha_percm',
      sentence: 'The scale of the curve that fits all that was measured of it best.',
      formula: 'least squares of θ(h; θr, θs, α, n) through points and columns',
      source: 'van Genuchten, 1980.',
    },
  },
  golden: {
    input: {
      observations: [
        { kind: 'point', head_cm: 0, theta: 0.86 },
        { kind: 'point', head_cm: 5, theta: 0.79 },
        { kind: 'point', head_cm: 10, theta: 0.66 },
        { kind: 'point', head_cm: 30, theta: 0.38 },
        { kind: 'point', head_cm: 100, theta: 0.22 },
        { kind: 'column', height_cm: 15, theta: 0.72 },
      ],
    },
    gives: {
      airAt10: 0.200100142741,
      easilyAvailable: 0.368515310128,
      buffering: 0.0713612641783,
      lessAvailable: 0.220124409536,
      'retention.alpha_percm': 0.0965280423957,
      'retention.thetaR': 0.146298864044,
      'retention.n': 1.99836799064,
      rmse: 0.000549655000424,
    },
  },
});
