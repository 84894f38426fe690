import { defineMethod } from '../method';
import { knownCurve } from './knownCurve';
import { LOT_READINGS } from './lotReadings';

export const lotCurveMethod = defineMethod({
  name: 'lot-curve',
  version: 1,
  source: 'Class spread as prior, readings as data; Gauss-Newton on even scales; Tarantola, 2005.',
  schema: LOT_READINGS,
  calculate: knownCurve,
  outputs: {
    alpha: {
      of: 'retention.alpha_percm',
      sentence:
        'The scale of the curve that agrees best with what was seen of it and with what is usual for its class.',
      formula: 'most probable θr, θs, α, n, given the spread of the class and every reading with its standard error',
      source: 'van Genuchten, 1980.',
    },
    airAt10: {
      of: 'airAt10.p50',
      sentence: 'Pores that are empty at 10 cm of suction.',
      formula: 'θs − θ(10 cm)',
      source: 'Curve of van Genuchten, 1980.',
    },
    easilyAvailable: {
      of: 'easilyAvailable.p50',
      sentence: 'Water that it gives up between 10 and 50 cm of suction.',
      formula: 'θ(10 cm) − θ(50 cm)',
      source: 'De Boodt and Verdonck, 1972.',
    },
  },
  golden: {
    input: {
      materialClass: 'peat-light-fine',
      seen: [
        { kind: 'porosity', values: [0.92, 0.915, 0.93] },
        {
          kind: 'vessel',
          container: { height_cm: 12, topDiameter_cm: 12, baseDiameter_cm: 10 },
          values: [0.8, 0.81, 0.795],
        },
      ],
      dryBulkDensity_gcc: [[0.1, 0.102, 0.101]],
    },
    gives: {
      'retention.thetaR': 0.265524870269,
      'retention.thetaS': 0.921843003282,
      'retention.alpha_percm': 0.113904228148,
      'retention.n': 1.83406018819,
      dryBulkDensity_gcc: 0.100982495264,
      'airAt10.p5': 0.183147059472,
      'airAt10.p50': 0.204198188319,
      'easilyAvailable.p50': 0.299137911772,
      'covariance[2].[3]': -0.000972751690307,
      rmse: 0.0062376430889,
    },
  },
});
