import { describe, expect, it } from 'vitest';
import { stampOf } from '../instruments';
import type { RunRecord } from '../sheets';
import { protocolCalled, runOf } from '../testing/sampleLot';
import { readingRefusal, reduceRun } from '.';

/** A pen of 58 mV per pH at 25 degC, no offset, calibrated an hour before. */
const STAMP = stampOf({
  instrument: { id: 'pen', name: 'Blue pen', kind: 'pH', showsMv: true },
  calibration: {
    id: 'c',
    at: '2026-11-20T07:30:00Z',
    temp_C: 25,
    points: [
      { nominal: 4, shown: 174 },
      { nominal: 7, shown: 0 },
    ],
  },
  takenAt: '2026-11-20T08:10:00Z',
  readings: 3,
});

function inMillivolts(mV: readonly number[], temp_C: number, stamp = STAMP): RunRecord {
  const run = runOf('ph-1to5', { pH: mV });
  return { ...run, readings: run.readings.map((reading) => ({ ...reading, mVTemp_C: temp_C, stamp })) };
}

describe('a pH read in mV', () => {
  it('is what the calibration in force makes of it, with its working', () => {
    const [pH] = reduceRun(inMillivolts([116, 118], 25)).properties;
    expect(pH?.values[0]?.value).toBeCloseTo(5, 12);
    expect(pH?.values[1]?.value).toBeCloseTo(7 - 118 / 58, 12);
    expect(pH?.values[0]?.working).toMatchObject({ calc: 'ph-reading', pick: 'pH', input: { mV: 116, temp_C: 25 } });
  });

  it('goes by the temperature of the extract', () => {
    // The slope follows kelvin: 116 mV at 15 degC are 7 - 116 / (58 x 288.15 / 298.15).
    const [pH] = reduceRun(inMillivolts([116], 15)).properties;
    expect(pH?.values[0]?.value).toBeCloseTo(7 - 116 / ((58 * 288.15) / 298.15), 12);
  });

  it('gives no pH without a calibration in mV, and says so at the replicate', () => {
    const { line, ...bare } = STAMP;
    expect(line?.slope_mVperpH).toBeCloseTo(58, 12);
    const { properties, checks } = reduceRun(inMillivolts([116], 25, bare));
    expect(properties).toEqual([]);
    expect(checks.find((check) => check.code === 'no-line')?.message).toMatch(/^A was read in mV/);
  });

  it('says which jar of a buffering run it had to leave out', () => {
    const run = runOf('buffering', { at0: [4.5], at10: [5.1], at20: [5.5], at40: [6.5] });
    const { line, ...bare } = STAMP;
    expect(line).toBeDefined();
    const readings = run.readings.map((one) =>
      one.step === 'at10' ? { ...one, value: 110, mVTemp_C: 25, stamp: bare } : one,
    );
    const { properties, checks } = reduceRun({ ...run, readings });
    // Through the three jars that are left: 4.5, 5.5, 6.5 at 0, 20, 40.
    expect(properties[0]?.summary?.mean).toBeCloseTo(20, 9);
    expect(checks.find((check) => check.code === 'no-line')).toMatchObject({ severity: 'fault', replicate: 0 });
    expect(checks.find((check) => check.code === 'no-line')?.message).toMatch(
      /^A, pH of the jar with 10 meq\/L, was read in mV/,
    );
  });

  it('is refused where no pen could show it', () => {
    const protocol = protocolCalled('ph-1to5');
    const refusal = (value: number, mVTemp_C: number, step = 'pH') =>
      readingRefusal(protocol, { step, value, mVTemp_C });
    expect(refusal(-120, 20)).toBeUndefined();
    expect(refusal(750, 20)).toMatch(/between -600 and 600 mV/);
    expect(refusal(100, 90)).toMatch(/temperature must lie between 0 and 60/);
    const dry = protocolCalled('saturate-drain-dry');
    expect(readingRefusal(dry, { step: 'tare', value: 100, mVTemp_C: 20 })).toMatch(/is not read in mV/);
  });
});
