import { rinseMethod, type PropertyKey, type RunResult } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { runSentence } from './runSentence';

const rinsed = rinseMethod.working('rinsesToTarget', { readings_dSm: [3.2, 1.7, 0.95], target_dSm: 0.5 });

const result = (means: Partial<Record<PropertyKey, number>>): RunResult => ({
  checks: [],
  properties: Object.entries(means).map(([property, mean]) => ({
    property: property as PropertyKey,
    values: [{ replicate: 0, value: mean, working: rinsed }],
    summary: { mean, n: 1 },
  })),
});

describe('a run ends in a sentence', () => {
  it.each<[Partial<Record<PropertyKey, number>>, string]>([
    [
      { airSpace: 0.36, containerCapacity: 0.32 },
      'Of a drained vessel 32 % is water and 36 % is air: very open, and quick to dry.',
    ],
    [{ airSpace: 0.21, capacityAtLeast: 0.31 }, '21 % of it is air, and it holds at least 31 % water.'],
    [{ pH: 5.1 }, 'pH 5.1 by 1:5 in water: acid.'],
    [{ d50_mm: 4.02, fines: 0.031 }, 'Half of it is finer than 4.0 mm; 3 % is finer than half a millimetre.'],
    [{ t90_s: 84 }, 'Nine tenths are out after 84 s: it drains quickly.'],
    [{ easilyAvailable: 0.332 }, '33 % of it is water that roots take easily.'],
    [{ ecInf_dSm: 0.27, rinsesToTarget: 4 }, '4 rinses bring it to 0.5 dS/m; it levels out at 0.27 dS/m.'],
    [{ ecInf_dSm: 0.8 }, 'Rinsing alone does not reach 0.5 dS/m; it levels out at 0.80 dS/m.'],
    [{ sandShare: 0.4, siltShare: 0.4, clayShare: 0.2 }, 'By its layers it is loam, give or take 10 points of clay.'],
    [{ dustShare: 0.034 }, 'Turns to dust: 0.034.'],
    [{}, 'The run is finished.'],
  ])('%j', (means, sentence) => {
    expect(runSentence(result(means))).toBe(sentence);
  });
});
