import { describe, expect, it } from 'vitest';
import { blend } from '../blend';
import { dose, ec25, ecClass, ecInClass, NERNST_mVperK, phCalibration, phReading, rinse } from '.';

const pen = (slope: number, offset: number, temp_C = 25) => ({
  temp_C,
  buffers: [4.01, 7, 10.01].map((pH) => ({ pH, mV: offset - slope * (pH - 7) })),
});

describe('calibrating a pen', () => {
  // Slope of theory at 0, 20, 25 and 37 degC as printed with electrodes: 54.20, 58.17, 59.16, 61.54 mV.
  it.each([
    [0, 54.2],
    [20, 58.17],
    [25, 59.16],
    [37, 61.54],
  ])('theory at %s degC is %s mV per pH', (temp_C, slope) => {
    expect(NERNST_mVperK * (temp_C + 273.15)).toBeCloseTo(slope, 2);
    expect(phCalibration(pen(NERNST_mVperK * (temp_C + 273.15), 0, temp_C)).slopePercent).toBeCloseTo(100, 9);
  });

  it('gives slope and offset of the line through two or three buffers', () => {
    const result = phCalibration(pen(57.5, -8));
    expect(result.slope_mVperpH).toBeCloseTo(57.5, 9);
    expect(result.offset_mV).toBeCloseTo(-8, 9);
    expect(result.state).toBe('good');
  });

  const theory = NERNST_mVperK * 298.15;
  it.each([
    [0.9, 'failed'],
    [0.9001, 'caution'],
    [0.9499, 'caution'],
    [0.9501, 'good'],
    [1.0499, 'good'],
    [1.0501, 'caution'],
    [1.0799, 'caution'],
    [1.0801, 'failed'],
  ])('a slope of %s of theory is %s', (share, state) => {
    expect(phCalibration(pen(theory * share - 1e-9, 0)).state).toBe(state);
  });

  it.each([
    [29.9, 'good'],
    [-30.1, 'caution'],
    [59.9, 'caution'],
    [-60.1, 'failed'],
  ])('an offset of %s mV is %s', (offset, state) => {
    const { state: got, checks } = phCalibration(pen(theory, offset));
    expect(got).toBe(state);
    expect(checks.map((check) => check.code)).toEqual(state === 'good' ? [] : ['offset']);
  });

  it.each([
    ['one buffer', { temp_C: 25, buffers: [{ pH: 7, mV: 0 }] }, /invalid buffers/],
    [
      'two of one pH',
      {
        temp_C: 25,
        buffers: [
          { pH: 7, mV: 0 },
          { pH: 7, mV: 1 },
        ],
      },
      /same pH/,
    ],
    ['boiling buffers', { temp_C: 90, buffers: pen(58, 0).buffers }, /temp_C/],
  ])('refuses %s', (_, input, message) => {
    expect(() => phCalibration(input)).toThrow(message);
  });
});

describe('a reading by the calibration', () => {
  const calibration = { slope_mVperpH: 58, offset_mV: 0, temp_C: 25 };
  it('is worked out by hand: 116 mV over 58 is two pH under 7', () => {
    expect(phReading({ calibration, mV: 116, temp_C: 25 }).pH).toBeCloseTo(5, 12);
  });

  it('has a flatter slope in the cold: the same mV is farther from 7', () => {
    expect(phReading({ calibration, mV: 116, temp_C: 10 }).pH).toBeCloseTo(7 - 116 / ((58 * 283.15) / 298.15), 12);
  });

  it('gives back what the calibration was made of', () => {
    const made = phCalibration(pen(57, 6));
    expect(phReading({ calibration: { ...made, temp_C: 25 }, mV: 6 - 57 * (4.01 - 7), temp_C: 25 }).pH).toBeCloseTo(
      4.01,
      9,
    );
  });

  it('refuses a pen with no slope', () => {
    expect(() => phReading({ calibration: { ...calibration, slope_mVperpH: 0 }, mV: 1, temp_C: 25 })).toThrow(/slope/);
  });
});

describe('EC at 25 degC', () => {
  it('is unchanged there, and 1.1056 for 1.0 at 20 degC', () => {
    expect(ec25({ ec_dSm: 1.3, temp_C: 25 })).toEqual({ ec25_dSm: 1.3 });
    expect(ec25({ ec_dSm: 1, temp_C: 20 }).ec25_dSm).toBeCloseTo(1 / 0.9045, 12);
  });

  it.each([
    [0.25, 'very low'],
    [0.26, 'low'],
    [0.759, 'low'],
    [0.76, 'normal'],
    [1.26, 'high'],
    [1.76, 'very high'],
    [2.26, 'extreme'],
  ] as const)('%s dS/m by 1:2 is %s: a class begins at its lower limit', (value, expected) => {
    expect(ecClass(value, '1:2')).toBe(expected);
  });

  it('reads another scale for another extraction', () => {
    expect(ec25({ ec_dSm: 1, temp_C: 25, method: '1:5' }).class).toBe('extreme');
    expect(ec25({ ec_dSm: 1, temp_C: 25, method: 'paste' }).class).toBe('low');
  });

  it('refuses water outside 10 to 35 degC', () => {
    expect(() => ec25({ ec_dSm: 1, temp_C: 9.9 })).toThrow(/temp_C/);
    expect(() => ec25({ ec_dSm: -1, temp_C: 20 })).toThrow(/ec_dSm/);
  });
});

describe('rinsing', () => {
  it('refuses numbers that no curve can be fitted to', () => {
    expect(() => rinse({ readings_dSm: [3e200, 2e200, 1e200], target_dSm: 0.5 })).toThrow(/invalid readings_dSm/);
  });

  it('recovers what it levels out at, and counts rinses after the first drain', () => {
    const result = rinse({ readings_dSm: [3.2, 1.7, 0.95, 0.575], target_dSm: 0.5 });
    expect(result.ecInf_dSm).toBeCloseTo(0.2, 8);
    expect(result.r).toBeCloseTo(0.5, 8);
    expect(result.rinsesToTarget).toBe(4);
  });

  it('counts a target that is reached exactly as reached', () => {
    expect(rinse({ readings_dSm: [3.2, 1.7, 0.95, 0.575], target_dSm: 0.95 }).rinsesToTarget).toBe(2);
    expect(rinse({ readings_dSm: [3.2, 1.7, 0.95], target_dSm: 4 }).rinsesToTarget).toBe(0);
  });

  it('says never where it levels out above the target', () => {
    const result = rinse({ readings_dSm: [3.2, 1.7, 0.95, 0.575], target_dSm: 0.15 });
    expect(result).not.toHaveProperty('rinsesToTarget');
    expect(result.checks.map((check) => check.code)).toEqual(['never']);
  });

  it('refuses two readings and a salt-free start', () => {
    expect(() => rinse({ readings_dSm: [3, 2], target_dSm: 1 })).toThrow(/invalid readings_dSm/);
    expect(() => rinse({ readings_dSm: [0, 1, 1], target_dSm: 1 })).toThrow(/readings_dSm\[0\]/);
  });
});

describe('lime and sulphur', () => {
  const peat = { name: 'peat', volume: 1, pH: 4, buffer_meqPerLpH: 30 };
  it('is 45 meq and 2.25 g of pure lime for a litre of peat from 4.0 to 5.5', () => {
    const result = dose({ components: [peat], targetPH: 5.5 });
    expect(result.meq).toBeCloseTo(45, 12);
    expect(result.lime_gPerMadeL).toBeCloseTo((45 * 50.04) / 1000, 12);
    expect(result).not.toHaveProperty('sulphur_gPerMadeL');
  });

  it('is sulphur downwards, and weaker products take more', () => {
    const result = dose({ components: [{ ...peat, pH: 7 }], targetPH: 5.5, purity: 0.9 });
    expect(result.sulphur_gPerMadeL).toBeCloseTo((45 * 16.03) / 1000 / 0.9, 12);
    expect(dose({ components: [peat], targetPH: 5.5, cce: 0.5 }).lime_gPerMadeL).toBeCloseTo(
      (2 * 45 * 50.04) / 1000,
      12,
    );
  });

  it('put into the blend brings it there', () => {
    const bark = { name: 'bark', volume: 2, pH: 5, buffer_meqPerLpH: 15 };
    const physical = {
      dryBulkDensity_gcc: 0.2,
      retention: { thetaR: 0.2, thetaS: 0.85, alpha_percm: 0.2, n: 1.7 },
      interparticleVoid: 0.48,
      d50_mm: 3,
      spread: 2,
    };
    const container = { height_cm: 15 };
    const components = [
      { ...peat, ...physical },
      { ...bark, ...physical, d50_mm: 0.5 },
    ];
    const { shrink } = blend({ components, container, model: 'packing' });
    const { meqPerMadeL, pHNow } = dose({ components: [peat, bark], targetPH: 6, shrink });
    expect(blend({ components, container, model: 'packing' }).pH).toBeCloseTo(pHNow, 9);
    expect(blend({ components, container, model: 'packing', lime_meqPerL: meqPerMadeL }).pH).toBeCloseTo(6, 9);
  });

  it('refuses what does not buffer', () => {
    expect(() => dose({ components: [{ ...peat, buffer_meqPerLpH: 0 }], targetPH: 6 })).toThrow(
      /none of the components buffers/,
    );
  });
});

describe('the class of an EC', () => {
  it('goes by the extraction of its property, and includes its start', () => {
    expect(ecInClass('ec_dSm', 0.76)).toEqual({ class: 'normal', from: 0.76, below: 1.26 });
    expect(ecInClass('ec1to5', 0.76)).toEqual({ class: 'high', from: 0.55, below: 0.8 });
    expect(ecInClass('ecPaste', 0.1)).toEqual({ class: 'very low', from: 0, below: 0.76 });
    expect(ecInClass('ecPourThrough', 9)).toEqual({ class: 'extreme', from: 7.8 });
    expect(ecInClass('pH', 7)).toBeUndefined();
  });
});
