import { describe, expect, it } from 'vitest';
import { judgeCalibration, penReading, stampOf, worstTrouble, type CalibrationRecord, type Instrument } from '.';

const meter: Instrument = { id: 'm', name: 'Meter', kind: 'pH', showsMv: true };
const pen: Instrument = { id: 'p', name: 'Pen', kind: 'pH', showsMv: false };
const good: CalibrationRecord = {
  id: 'c',
  at: '2026-11-20T08:00:00Z',
  temp_C: 25,
  points: [
    { nominal: 4.01, shown: 174.7 },
    { nominal: 7, shown: 0 },
  ],
};

describe('a pen without mV', () => {
  it('is corrected by the line through its buffers', () => {
    const result = penReading({
      buffers: [
        { pH: 4.01, shown: 4.1 },
        { pH: 7, shown: 7.1 },
      ],
      shown: 5.5,
    });
    // b = 3.00/2.99; pH = 4.01 + (5.5 - 4.1)/b.
    expect(result.pH).toBeCloseTo(4.01 + 1.4 / (3 / 2.99), 12);
    expect(result.slopePercent).toBeCloseTo(100.334, 3);
    expect(result.offset_pH).toBeCloseTo(0.1, 12);
    expect(result.state).toBe('good');
  });

  it.each([
    [[4.4, 7], 'failed'],
    [[4.25, 7], 'caution'],
    [[4.61, 7.6], 'caution'],
    [[5.11, 8.1], 'failed'],
  ])('that shows %j in 4.01 and 7 is %s', ([low, high], state) => {
    const buffers = [
      { pH: 4.01, shown: low as number },
      { pH: 7, shown: high as number },
    ];
    expect(penReading({ buffers }).state).toBe(state);
  });

  it.each([
    [[{ pH: 7, shown: 7 }]],
    [
      [
        { pH: 7, shown: 7 },
        { pH: 7, shown: 7.1 },
      ],
    ],
    [
      [
        { pH: 4, shown: 7 },
        { pH: 7, shown: 4 },
      ],
    ],
  ])('refuses %j', (buffers) => {
    expect(() => penReading({ buffers })).toThrow(/buffers/);
  });
});

describe('a standard or check weight', () => {
  it.each([
    ['ec', 1.413, 1.43, 'good'],
    ['ec', 1.413, 1.47, 'caution'],
    ['ec', 1.413, 1.52, 'failed'],
    ['scale', 200, 200.1, 'good'],
    ['scale', 200, 200.2, 'caution'],
    ['scale', 200, 200.4, 'failed'],
    ['scale', 2000, 2001, 'good'],
    ['scale', 2000, 1997.5, 'caution'],
    ['scale', 2000, 1996, 'failed'],
  ] as const)('%s: %d shown as %d is %s', (kind, nominal, shown, state) => {
    const judged = judgeCalibration({ kind, showsMv: false }, { temp_C: 25, points: [{ nominal, shown }] });
    expect(judged.state).toBe(state);
    expect(judged.checks).toHaveLength(state === 'good' ? 0 : 1);
  });

  it('cannot be nothing', () => {
    expect(() => judgeCalibration({ kind: 'scale', showsMv: false }, { temp_C: 20, points: [] })).toThrow(/points/);
  });
});

describe('the stamp of a reading', () => {
  const at = (hours: number): string => new Date(Date.parse(good.at) + hours * 3600000).toISOString();
  const stamp = (more: Partial<Parameters<typeof stampOf>[0]>) =>
    stampOf({ instrument: meter, calibration: good, takenAt: at(2), readings: 3, ...more });

  it('carries the line by which mV become pH, where the pen shows them', () => {
    const { slope_mVperpH, offset_mV, temp_C } = stamp({}).line ?? {};
    expect(slope_mVperpH).toBeCloseTo(58.428, 3);
    expect(offset_mV).toBeCloseTo(0, 9);
    expect(temp_C).toBe(good.temp_C);
  });

  it('is good on a fresh good calibration', () => {
    expect(stamp({})).toMatchObject({ instrument: 'Meter', state: 'good', sentence: '' });
    expect(stamp({ takenAt: at(24) }).state).toBe('good');
    expect(stamp({ readings: 40 }).state).toBe('good');
  });

  it.each([
    [{ takenAt: at(25) }, 'stale', /25 h old/],
    [{ takenAt: at(72) }, 'stale', /3 d old/],
    [{ readings: 41 }, 'stale', /41 readings/],
    [{ calibration: undefined }, 'missing', /no calibration on record/],
  ])('%#: says what is wrong', (more, state, sentence) => {
    const found = stamp(more);
    expect(found.state).toBe(state);
    expect(found.sentence).toMatch(sentence);
  });

  it('is failed on a failed calibration, however fresh', () => {
    const calibration = {
      ...good,
      points: [
        { nominal: 4.01, shown: 140 },
        { nominal: 7, shown: 0 },
      ],
    };
    expect(stamp({ calibration }).state).toBe('failed');
  });

  it('carries the line of a pen without mV', () => {
    const calibration = {
      ...good,
      points: [
        { nominal: 4.01, shown: 4.1 },
        { nominal: 7, shown: 7.1 },
      ],
    };
    expect(stamp({ instrument: pen, calibration }).buffers).toEqual([
      { pH: 4.01, shown: 4.1 },
      { pH: 7, shown: 7.1 },
    ]);
  });

  it('a meter or scale is checked by the month', () => {
    const scale: Instrument = { id: 's', name: 'Scale', kind: 'scale', showsMv: false };
    const calibration = { ...good, points: [{ nominal: 500, shown: 500 }] };
    expect(stampOf({ instrument: scale, calibration, takenAt: at(29 * 24), readings: 900 }).state).toBe('good');
    expect(stampOf({ instrument: scale, calibration, takenAt: at(31 * 24), readings: 1 }).state).toBe('stale');
  });

  it('of several the worst is told', () => {
    const stale = { state: 'stale', sentence: 'old' } as const;
    const failed = { state: 'failed', sentence: 'failed' } as const;
    expect(worstTrouble([undefined, stale, failed, stale])).toBe(failed);
    expect(worstTrouble([undefined])).toBeUndefined();
  });
});
