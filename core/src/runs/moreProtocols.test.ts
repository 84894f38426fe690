import { describe, expect, it } from 'vitest';
import { runOf } from '../testing/sampleLot';
import { reduceRun, runProgress } from '.';

const result = (protocol: string, values: Readonly<Record<string, readonly number[]>>) =>
  reduceRun(runOf(protocol, values));
const mean = (protocol: string, values: Readonly<Record<string, readonly number[]>>, key: string): number | undefined =>
  result(protocol, values).properties.find((one) => one.property === key)?.summary?.mean;

describe('sheets that end in a part over a whole', () => {
  it.each([
    ['weeds', { volume: [2], seedlings: [7], blank: [1] }, 'weedsPerL', 3],
    ['jar', { sand: [32], silt: [55], all: [80] }, 'siltShare', 23 / 80],
    ['friability', { sample: [100], through: [3.5] }, 'dustShare', 0.035],
    ['expansion', { dry: [5], water: [20], loose: [65] }, 'expansion_LperKg', 13],
    ['settling', { day0: [18], watered: [17.1], month1: [16.2] }, 'settledMonth', 0.1],
    ['maturity', { room: [18], warmest: [22.5], bits: [0], bag: [0], sown: [50], sprouted: [40] }, 'heating_C', 4.5],
  ] as const)('%s', (protocol, values, key, expected) => {
    expect(mean(protocol, values, key)).toBeCloseTo(expected, 12);
  });

  it('heft divides by the measured volume of the vessel', () => {
    // 1050 g of water at 20 degC fill 1051.89 mL.
    expect(mean('heft', { tare: [312], full: [832] }, 'heft_gcc')).toBeCloseTo(520 / 1051.89, 5);
  });

  it('says at the replicate what cannot be', () => {
    const { properties, checks } = result('jar', { sand: [60], silt: [55], all: [80] });
    expect(properties.map((one) => one.property)).toEqual(['sandShare', 'clayShare']);
    expect(checks[0]).toMatchObject({ code: 'refused', replicate: 0, message: expect.stringMatching(/^A:/) as string });
  });

  it('a heap whose five places differ is to be mixed again', () => {
    const even = { tare: [312, 312, 312], full: [812, 820, 806] };
    const uneven = { tare: [312, 312, 312], full: [812, 980, 806] };
    const codes = (values: typeof even): string[] => result('evenness', values).checks.map((check) => check.code);
    expect(codes(even)).not.toContain('uneven');
    expect(codes(uneven)).toContain('uneven');
  });
});

describe('sheets that are judged', () => {
  it('are told in words, each class with how often', () => {
    const smell = result('smell', { smell: [0, 0, 3] }).properties[0];
    expect(smell?.words).toBe('earthy ×2, sour ×1');
    expect(result('smell', { smell: [4, 4] }).properties[0]?.words).toBe('ammonia');
  });
});

describe('sheets behind a calculation', () => {
  it('constant head by hand', () => {
    // 2.5 cm radius: 19.635 cm2; 300 x 10 / (19.635 x 40 x 8) = 0.47746 cm/s at 20 degC.
    const values = { waterTemp: [20], length: [10], diameter: [5], head: [8], collected: [300], time: [40] };
    expect(mean('constant-head', values, 'k20_cms')).toBeCloseTo(0.47746, 4);
    // Pumice of 5 mm: 0.382 cm/s x 0.5 cm / 0.01 cm2/s is far above 1.
    expect(result('constant-head', values).checks.map((check) => check.code)).toContain('too-fast');
  });

  it('falling head by hand', () => {
    // a/A = 0.04; 0.04 x 10 / 120 x ln 2 = 0.0023105 cm/s.
    const values = { waterTemp: [20], length: [10], diameter: [5], pipe: [1], head1: [80], head2: [40], time: [120] };
    expect(mean('falling-head', values, 'k20_cms')).toBeCloseTo(0.0023105, 6);
  });

  it('the jars with lime give the buffering that the blend desk takes', () => {
    const values = { at0: [4.5], at10: [5], at20: [5.5], at40: [6.5] };
    expect(mean('buffering', values, 'buffer_meqPerLpH')).toBeCloseTo(20, 9);
  });

  it('water held is the weight over the dried pot, and a gap ends the series', () => {
    const values = { capacity: [600], dry: [400], pass1: [800], pass2: [900], pass3: [950], pass5: [400] };
    expect(mean('hydration', values, 'firstPass')).toBeCloseTo(400 / 600, 12);
    expect(mean('hydration', values, 'passesTo95')).toBe(4);
  });
});

describe('a step that waits as long as the protocol says', () => {
  it('is due after it, whatever the run’s own soak', () => {
    const start = Date.UTC(2026, 10, 20, 8) / 1000;
    const { finishedAt, ...open } = runOf('weeds', { volume: [1], start: [start] });
    expect(finishedAt).toBeDefined();
    expect(runProgress(open).holds[0]?.deadline).toBe((start + 21 * 86400) * 1000);
  });
});

describe('what a reading was taken with', () => {
  const stamped = (state: 'good' | 'failed' | 'stale', sentence: string) => {
    const run = runOf('ph-1to5', { pH: [5.1, 5.2, 5.3] });
    const stamp = { instrument: 'Red pen', state, sentence };
    return reduceRun({ ...run, readings: run.readings.map((reading) => ({ ...reading, stamp })) });
  };

  it('is spoken of on the result where it is not good', () => {
    expect(stamped('good', '').checks).toEqual([]);
    const { properties, checks } = stamped('failed', 'The calibration of Red pen had failed.');
    expect(checks[0]).toMatchObject({ code: 'calibration-failed', severity: 'fault' });
    expect(properties[0]?.trouble).toEqual({ state: 'failed', sentence: 'The calibration of Red pen had failed.' });
    expect(stamped('stale', 'It was 30 h old.').checks[0]?.severity).toBe('caution');
  });

  it('is missing where no instrument is on record, for pH and EC but not for a scale', () => {
    expect(result('ph-1to5', { pH: [5] }).properties[0]?.trouble?.state).toBe('missing');
    expect(result('ec-1to2', { ec: [1] }).properties[0]?.trouble?.state).toBe('missing');
    expect(result('friability', { sample: [100], through: [3.5] }).properties[0]?.trouble).toBeUndefined();
  });

  it('of a sheet with two meters each result answers for its own', () => {
    const run = runOf('pour-through', { poured: [120], pH: [6], ec: [2] });
    const good = { instrument: 'Cell', state: 'good', sentence: '' } as const;
    const readings = run.readings.map((one) => (one.step === 'ec' ? { ...one, stamp: good } : one));
    const { properties } = reduceRun({ ...run, readings });
    expect(properties.map((one) => [one.property, one.trouble?.state])).toEqual([
      ['pHPourThrough', 'missing'],
      ['ecPourThrough', undefined],
    ]);
  });

  it('a pen without mV is corrected by its line, on every kind of sheet', () => {
    const buffers = [
      { pH: 4, shown: 4.2 },
      { pH: 7, shown: 7.2 },
    ];
    const stamp = { instrument: 'Pen', state: 'good', sentence: '', buffers } as const;
    const corrected = (protocol: string, values: Readonly<Record<string, readonly number[]>>, key: string): number => {
      const run = runOf(protocol, values);
      const found = reduceRun({ ...run, readings: run.readings.map((one) => ({ ...one, stamp })) });
      return found.properties.find((one) => one.property === key)?.summary?.mean as number;
    };
    expect(corrected('ph-1to5', { pH: [5.7] }, 'pH')).toBeCloseTo(5.5, 12);
    expect(corrected('ph-cacl2', { pH: [5.7] }, 'pHCaCl2')).toBeCloseTo(5.5, 12);
    expect(corrected('buffering', { at0: [4.7], at10: [5.2], at20: [5.7], at40: [6.7] }, 'pHIncubated')).toBeCloseTo(
      4.5,
      9,
    );
  });
});

describe('a drain curve beside its empty vessel', () => {
  const ran = { at15: [70], at30: [125], at60: [200], at120: [275], at300: [335] };
  const codes = (values: Readonly<Record<string, readonly number[]>>): string[] =>
    result('drain-curve', values).checks.map((check) => check.code);

  it('says when the holes set the pace', () => {
    // Nine tenths are out after about 170 s.
    expect(codes({ ...ran, emptyT90: [100] })).toContain('holes-set-the-pace');
    expect(codes({ ...ran, emptyT90: [40] })).not.toContain('holes-set-the-pace');
    expect(codes(ran)).not.toContain('holes-set-the-pace');
  });
});
