import { CALIBRATION_LIMITS, type CalibrationState } from '../chemistry';
import { refuse, requireWithin, type Check } from '../errors';
import { defineMethod, list, maybe, number, object, type InputOf } from '../method';
import { meanOf } from '../statistics';

const INPUT = object({
  buffers: list(object({ pH: number(), shown: number() }), 'what the pen showed in each buffer'),
  shown: maybe(number('what it shows now; without it only the line is judged')),
});
export type PenReadingInput = InputOf<typeof INPUT>;

export interface PenReadingResult {
  /** Corrected by the line through the buffers. */
  readonly pH?: number;
  /** How far a step of one pH is shown, percent. */
  readonly slopePercent: number;
  /** What it shows above 7 in a buffer of 7. */
  readonly offset_pH: number;
  readonly state: CalibrationState;
  readonly checks: readonly Check[];
}

/** Offsets of a pen without mV: 30 and 60 mV at 25 degC, in pH. */
const OFFSET_pH = Object.freeze({ good: 30 / 59.16, caution: 60 / 59.16 });

function stateOf(slopePercent: number, offset_pH: number): CalibrationState {
  const { failedTo, cautionTo, goodTo, highCautionTo } = CALIBRATION_LIMITS.slopePercent;
  const off = Math.abs(offset_pH);
  if (slopePercent <= failedTo || slopePercent > highCautionTo || off > OFFSET_pH.caution) return 'failed';
  return slopePercent <= cautionTo || slopePercent > goodTo || off > OFFSET_pH.good ? 'caution' : 'good';
}

/**
 * A pen that shows pH but no mV: its line through the buffers, judged, and a reading corrected by it.
 *
 * shown = a + b pH by least squares; pH = (shown - a) / b; slopePercent = 100 b, judged by the bands of a pen with mV;
 * the offset is what it shows above 7 at 7, judged as 30 and 60 mV at 25 degC (0.51 and 1.01 pH).
 * Throws for fewer than two or more than three buffers, buffers of one pH, or a pen that does not rise with pH.
 * Example: shows 4.1 in 4.01 and 7.1 in 7.00: b 1.0033, and a shown 5.5 is pH 5.405.
 */
export function penReading({ buffers, shown }: PenReadingInput): PenReadingResult {
  const { least, most } = CALIBRATION_LIMITS.buffers;
  if (buffers.length < least || buffers.length > most)
    refuse('buffers', `${String(buffers.length)} given; a calibration takes two or three buffers`);
  buffers.forEach((buffer, i) => {
    requireWithin(`buffers[${String(i)}].pH`, buffer.pH, 0, 14);
    requireWithin(`buffers[${String(i)}].shown`, buffer.shown, -2, 16);
  });
  const meanPh = meanOf(buffers.map((buffer) => buffer.pH));
  const meanShown = meanOf(buffers.map((buffer) => buffer.shown));
  const spread = buffers.reduce((sum, { pH }) => sum + (pH - meanPh) ** 2, 0);
  if (spread === 0) refuse('buffers', 'all buffers have the same pH; use two that differ, as 4 and 7');
  const b = buffers.reduce((sum, one) => sum + (one.pH - meanPh) * (one.shown - meanShown), 0) / spread;
  if (b <= 0) refuse('buffers', 'the pen does not rise with pH; check which buffer was which');
  const slopePercent = 100 * b;
  const offset_pH = meanShown + b * (7 - meanPh) - 7;
  const state = stateOf(slopePercent, offset_pH);
  const message = `A step of one pH is shown as ${b.toFixed(2)}, and 7 as ${(7 + offset_pH).toFixed(2)}. Clean the pen, take fresh buffers, calibrate again.`;
  const checks: Check[] =
    state === 'good' ? [] : [{ code: 'pen-line', severity: state === 'failed' ? 'fault' : 'caution', message }];
  const corrected = shown === undefined ? {} : { pH: meanPh + (shown - meanShown) / b };
  return { ...corrected, slopePercent, offset_pH, state, checks };
}

export const penReadingMethod = defineMethod({
  name: 'pen-reading',
  version: 1,
  source: 'Straight line by least squares through the buffers.',
  schema: INPUT,
  calculate: penReading,
  outputs: {
    pH: {
      of: 'pH',
      sentence: 'What the pen showed, brought back by the line through what it showed in its buffers.',
      formula: '(shown − a) / b, from shown = a + b pH through the buffers',
    },
    slopePercent: {
      of: 'slopePercent',
      sentence: 'How far the pen shows a step of one pH.',
      formula: '100 × b, from shown = a + b pH through the buffers',
    },
  },
  golden: {
    input: {
      buffers: [
        { pH: 4.01, shown: 4.2 },
        { pH: 7, shown: 7.1 },
      ],
      shown: 5.7,
    },
    gives: {
      pH: 5.55655172414,
      slopePercent: 96.9899665552,
      offset_pH: 0.1,
    },
  },
});
