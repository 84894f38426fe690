import { phCalibration } from '../chemistry';
import { judgeCalibration, type CalibrationRecord, type Instrument, type InstrumentKind } from './calibration';

/** How far a calibration may be trusted at a reading. */
export type StampState = 'good' | 'caution' | 'stale' | 'failed' | 'missing';

/** Which instrument took a reading, and what its calibration was worth at that moment. */
export interface CalibrationStamp {
  readonly instrument: string;
  readonly state: StampState;
  /** What is wrong, as one sentence; empty where nothing is. */
  readonly sentence: string;
  /** For a pen without mV: its line, by which a reading is corrected. */
  readonly buffers?: readonly { readonly pH: number; readonly shown: number }[];
  /** For a pen with mV: its line, by which a reading in mV becomes a pH. */
  readonly line?: { readonly slope_mVperpH: number; readonly offset_mV: number; readonly temp_C: number };
}

/** A stamp that a result has to speak of. */
export interface CalibrationTrouble {
  readonly state: Exclude<StampState, 'good'>;
  readonly sentence: string;
}

/** A calibration ages by time and by use. */
export const CALIBRATION_AGE = Object.freeze({ hours: 24, readings: 40, checkDays: 30 });

const HOUR_MS = 3600000;
const NOUN_WORDS: Readonly<Record<InstrumentKind, string>> = { pH: 'calibration', ec: 'check', scale: 'check weight' };

interface StampInput {
  readonly instrument: Instrument;
  /** The last one made before the reading. */
  readonly calibration: CalibrationRecord | undefined;
  readonly takenAt: string;
  /** Readings that it has served, this one included. */
  readonly readings: number;
}

/** By what a pen's readings become pH: the line through its buffers, in pH or in mV. */
function lineOf(showsMv: boolean, { points, temp_C }: CalibrationRecord): Pick<CalibrationStamp, 'buffers' | 'line'> {
  if (!showsMv) return { buffers: points.map(({ nominal, shown }) => ({ pH: nominal, shown })) };
  const buffers = points.map(({ nominal, shown }) => ({ pH: nominal, mV: shown }));
  const { slope_mVperpH, offset_mV } = phCalibration({ temp_C, buffers });
  return { line: { slope_mVperpH, offset_mV, temp_C } };
}

/** What a reading rests on, judged at the moment that it was taken. */
export function stampOf({ instrument, calibration, takenAt, readings }: StampInput): CalibrationStamp {
  const { name, kind, showsMv } = instrument;
  const noun = NOUN_WORDS[kind];
  if (calibration === undefined) {
    return { instrument: name, state: 'missing', sentence: `${name} had no ${noun} on record.` };
  }
  const { state, words } = judgeCalibration(instrument, calibration);
  const line = kind === 'pH' ? lineOf(showsMv, calibration) : {};
  if (state === 'failed') {
    return { instrument: name, state, sentence: `The ${noun} of ${name} had failed: ${words}.`, ...line };
  }
  const hours = (Date.parse(takenAt) - Date.parse(calibration.at)) / HOUR_MS;
  const oldest = kind === 'pH' ? CALIBRATION_AGE.hours : CALIBRATION_AGE.checkDays * CALIBRATION_AGE.hours;
  if (hours > oldest) {
    const age = hours < 48 ? `${hours.toFixed(0)} h` : `${(hours / 24).toFixed(0)} d`;
    return { instrument: name, state: 'stale', sentence: `The ${noun} of ${name} was ${age} old.`, ...line };
  }
  if (kind === 'pH' && readings > CALIBRATION_AGE.readings) {
    const sentence = `The ${noun} of ${name} had served ${String(readings)} readings.`;
    return { instrument: name, state: 'stale', sentence, ...line };
  }
  const sentence = state === 'good' ? '' : `The ${noun} of ${name} was so so: ${words}.`;
  return { instrument: name, state, sentence, ...line };
}

const RANK: Readonly<Record<StampState, number>> = { good: 0, caution: 1, stale: 2, missing: 3, failed: 4 };

/** The worst of several troubles, or none. */
export function worstTrouble(troubles: readonly (CalibrationTrouble | undefined)[]): CalibrationTrouble | undefined {
  return troubles.reduce(
    (a, b) => (b === undefined || (a !== undefined && RANK[a.state] >= RANK[b.state]) ? a : b),
    undefined,
  );
}
