import { refuse, requireWithin, type Check } from '../errors';
import { defineMethod, list, number, object, type InputOf } from '../method';
import { meanOf } from '../statistics';

const BUFFER = object({ pH: number('of the buffer at its temperature'), mV: number() });
export type PhBuffer = InputOf<typeof BUFFER>;

const INPUT = object({ temp_C: number(), buffers: list(BUFFER) });
export type PhCalibrationInput = InputOf<typeof INPUT>;

export type CalibrationState = 'good' | 'caution' | 'failed';

export interface PhCalibrationResult {
  readonly slope_mVperpH: number;
  readonly offset_mV: number;
  readonly slopePercent: number;
  readonly state: CalibrationState;
  readonly checks: readonly Check[];
}

/** Zero of the Celsius scale, K. */
export const ZERO_C_IN_K = 273.15;

/** Slope of theory, mV per pH and kelvin (ln 10 R / F). */
export const NERNST_mVperK = 0.198416;

/** What a pen may be off by; each band includes its upper value. */
export const CALIBRATION_LIMITS = Object.freeze({
  slopePercent: { failedTo: 90, cautionTo: 95, goodTo: 105, highCautionTo: 108 },
  offset_mV: { goodTo: 30, cautionTo: 60 },
  temp_C: { lo: 0, hi: 60 },
  buffers: { least: 2, most: 3 },
});

function slopeState(percent: number): CalibrationState {
  const { failedTo, cautionTo, goodTo, highCautionTo } = CALIBRATION_LIMITS.slopePercent;
  if (percent <= failedTo || percent > highCautionTo) return 'failed';
  return percent <= cautionTo || percent > goodTo ? 'caution' : 'good';
}

function offsetState(offset_mV: number): CalibrationState {
  const { goodTo, cautionTo } = CALIBRATION_LIMITS.offset_mV;
  const off = Math.abs(offset_mV);
  return off <= goodTo ? 'good' : off <= cautionTo ? 'caution' : 'failed';
}

const RANK = { good: 0, caution: 1, failed: 2 } as const;

/**
 * Calibration of a pH pen from two or three buffers: E = E0 - S (pH - 7) by least squares.
 *
 * Theory S = 0.198416 T mV per pH, T in kelvin; slopePercent = 100 S / theory. State by slope (over 95 to 105 good,
 * over 90 to 95 and over 105 to 108 caution, else failed) and by offset (|E0| to 30 mV good, to 60 caution, else
 * failed), the worse of the two. Temperature 0..60 degC.
 * Throws for fewer than two or more than three buffers, or buffers of one pH (path `buffers`).
 * Source: Nernst's equation.
 * Example: 25 degC, pH 4.01 at 174.7 mV and 7.00 at 0 mV: slope 58.43 mV/pH, 98.8 %, good.
 */
export function phCalibration(input: PhCalibrationInput): PhCalibrationResult {
  const { lo, hi } = CALIBRATION_LIMITS.temp_C;
  requireWithin('temp_C', input.temp_C, lo, hi, 'degC');
  const { least, most } = CALIBRATION_LIMITS.buffers;
  const { buffers } = input;
  if (buffers.length < least || buffers.length > most) {
    refuse('buffers', `${String(buffers.length)} given; a calibration takes two or three buffers`);
  }
  buffers.forEach(({ pH, mV }, i) => {
    requireWithin(`buffers[${String(i)}].pH`, pH, 0, 14);
    if (!Number.isFinite(mV)) refuse(`buffers[${String(i)}].mV`, 'must be a number');
  });
  const meanPh = meanOf(buffers.map(({ pH }) => pH));
  const meanMv = meanOf(buffers.map(({ mV }) => mV));
  const spread = buffers.reduce((sum, { pH }) => sum + (pH - meanPh) ** 2, 0);
  if (spread === 0) refuse('buffers', 'all buffers have the same pH; use two that differ, as 4 and 7');
  const slope_mVperpH = -buffers.reduce((sum, { pH, mV }) => sum + (pH - meanPh) * (mV - meanMv), 0) / spread;
  const offset_mV = meanMv + slope_mVperpH * (meanPh - 7);
  const slopePercent = (100 * slope_mVperpH) / (NERNST_mVperK * (input.temp_C + ZERO_C_IN_K));
  const bySlope = slopeState(slopePercent);
  const byOffset = offsetState(offset_mV);
  const state = RANK[bySlope] >= RANK[byOffset] ? bySlope : byOffset;
  return { slope_mVperpH, offset_mV, slopePercent, state, checks: remarks(bySlope, byOffset, slopePercent, offset_mV) };
}

function remarks(bySlope: CalibrationState, byOffset: CalibrationState, percent: number, offset_mV: number): Check[] {
  const checks: Check[] = [];
  const severity = (state: CalibrationState): Check['severity'] => (state === 'failed' ? 'fault' : 'caution');
  if (bySlope !== 'good') {
    const message = `The slope is ${percent.toFixed(1)} % of theory; 95 to 105 is good. Clean the pen, take fresh buffers, calibrate again.`;
    checks.push({ code: 'slope', severity: severity(bySlope), message });
  }
  if (byOffset !== 'good') {
    const message = `At pH 7 the pen gives ${offset_mV.toFixed(1)} mV; within 30 is good. Soak it in storage solution, calibrate again.`;
    checks.push({ code: 'offset', severity: severity(byOffset), message });
  }
  return checks;
}

export const phCalibrationMethod = defineMethod({
  name: 'ph-calibration',
  version: 1,
  source: 'Nernst’s equation.',
  schema: INPUT,
  calculate: phCalibration,
  outputs: {
    slopePercent: {
      of: 'slopePercent',
      sentence: 'The slope of the electrode, of what theory gives at this temperature.',
      formula: '100 × S / (0.198416 T), from E = E₀ − S (pH − 7) through the buffers',
    },
  },
  golden: {
    input: {
      temp_C: 25,
      buffers: [
        { pH: 4.01, mV: 174.7 },
        { pH: 7, mV: 2 },
      ],
    },
    gives: {
      slopePercent: 97.6359250665,
      slope_mVperpH: 57.7591973244,
      offset_mV: 2,
      state: 'good',
    },
  },
});
