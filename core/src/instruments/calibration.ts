import { phCalibration, type CalibrationState, phCalibrationMethod } from '../chemistry';
import { refuse, requirePositive, type Check } from '../errors';
import type { Working } from '../method';
import { penReading, penReadingMethod } from './penReading';

export type InstrumentKind = 'pH' | 'ec' | 'scale';

export interface Instrument {
  readonly id: string;
  readonly name: string;
  readonly kind: InstrumentKind;
  /** A pH meter that shows mV; a pen that does not is corrected by the line through its buffers. */
  readonly showsMv: boolean;
}

/** A buffer, standard or check weight, and what the instrument showed in it: mV, pH, dS/m or g. */
export interface CalibrationPoint {
  readonly nominal: number;
  readonly shown: number;
}

export interface CalibrationRecord {
  readonly id: string;
  /** When it was made, ISO 8601. */
  readonly at: string;
  readonly temp_C: number;
  readonly points: readonly CalibrationPoint[];
  readonly by?: string;
}

export interface JudgedCalibration {
  readonly state: CalibrationState;
  /** What it came to, in a few words with figures. */
  readonly words: string;
  readonly checks: readonly Check[];
  /** For a pH pen: its slope, percent of theory or of what it should show. */
  readonly slopePercent?: number;
  readonly working?: Working;
}

/** How far a meter or a scale may be off its standard. Our guidance: check it against the maker's own figures. */
export const STANDARD_LIMITS = Object.freeze({
  ec: { good: 0.02, caution: 0.05 },
  /** Good within the greater of the two; three times that is caution. */
  scale: { good: 0.0005, floor_g: 0.1 },
});

function byDeviation(off: number, good: number, caution: number): CalibrationState {
  // A deviation that is the limit itself passes, whatever the last digit says.
  if (off <= good * (1 + 1e-9)) return 'good';
  return off <= caution * (1 + 1e-9) ? 'caution' : 'failed';
}

const RANK = { good: 0, caution: 1, failed: 2 } as const;

function worst(states: readonly CalibrationState[]): CalibrationState {
  return states.reduce((a, b) => (RANK[b] > RANK[a] ? b : a), 'good');
}

function againstStandards(kind: 'ec' | 'scale', points: readonly CalibrationPoint[]): JudgedCalibration {
  if (points.length < 1 || points.length > 3)
    refuse('points', `${String(points.length)} given; take one to three standards`);
  const unit = kind === 'ec' ? 'dS/m' : 'g';
  const states = points.map(({ nominal, shown }, i): CalibrationState => {
    requirePositive(`points[${String(i)}].nominal`, nominal, unit);
    const off = Math.abs(shown - nominal);
    if (kind === 'ec') return byDeviation(off / nominal, STANDARD_LIMITS.ec.good, STANDARD_LIMITS.ec.caution);
    const good_g = Math.max(STANDARD_LIMITS.scale.floor_g, STANDARD_LIMITS.scale.good * nominal);
    return byDeviation(off, good_g, 3 * good_g);
  });
  const state = worst(states);
  const words = points
    .map(({ nominal, shown }) => `${String(shown)} ${unit} for ${String(nominal)} (${percentOff(nominal, shown)})`)
    .join(', ');
  const message = `It shows ${words}. ${kind === 'ec' ? 'Rinse the cell, take a fresh standard' : 'Level it, warm it up'}, check again.`;
  const checks: Check[] =
    state === 'good' ? [] : [{ code: 'off-standard', severity: state === 'failed' ? 'fault' : 'caution', message }];
  return { state, words, checks };
}

function percentOff(nominal: number, shown: number): string {
  const off = (100 * (shown - nominal)) / nominal;
  return `${off < 0 ? '−' : '+'}${Math.abs(off).toFixed(Math.abs(off) < 1 ? 2 : 1)} %`;
}

/**
 * What a calibration is worth: good, caution or failed, by the kind of instrument.
 *
 * pH with mV: slope and offset (phCalibration); pH without: the line through what was shown (penReading); EC: within
 * 2 % of the standard good, 5 % caution; scale: within the greater of 0.1 g and 0.05 % good, three times that caution.
 * Throws as those do, with paths of `points`.
 */
export function judgeCalibration(
  { kind, showsMv }: Pick<Instrument, 'kind' | 'showsMv'>,
  { points, temp_C }: Pick<CalibrationRecord, 'points' | 'temp_C'>,
): JudgedCalibration {
  if (kind !== 'pH') return againstStandards(kind, points);
  if (showsMv) {
    const input = { temp_C, buffers: points.map(({ nominal, shown }) => ({ pH: nominal, mV: shown })) };
    const { state, slopePercent, offset_mV, checks } = phCalibration(input);
    const words = `slope ${slopePercent.toFixed(1)} % of theory, ${offset_mV.toFixed(1)} mV at pH 7`;
    return {
      state,
      words,
      checks,
      slopePercent,
      working: phCalibrationMethod.working('slopePercent', input),
    };
  }
  const input = { buffers: points.map(({ nominal, shown }) => ({ pH: nominal, shown })) };
  const { state, slopePercent, offset_pH, checks } = penReading(input);
  const words = `slope ${slopePercent.toFixed(1)} %, shows ${(7 + offset_pH).toFixed(2)} in 7.00`;
  return {
    state,
    words,
    checks,
    slopePercent,
    working: penReadingMethod.working('slopePercent', input),
  };
}
