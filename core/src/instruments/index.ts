/**
 * What a number was read with: pens, meters and scales, their calibrations, and what those say of a reading.
 * A reading is stamped when it is kept, with the calibration in force at that moment; later ones change nothing.
 * A result made on a failed, stale or missing calibration says so wherever it shows.
 */
export {
  judgeCalibration,
  type CalibrationPoint,
  type CalibrationRecord,
  type Instrument,
  type InstrumentKind,
  type JudgedCalibration,
} from './calibration';
export { penReading, penReadingMethod, type PenReadingInput, type PenReadingResult } from './penReading';
export {
  CALIBRATION_AGE,
  stampOf,
  worstTrouble,
  type CalibrationStamp,
  type CalibrationTrouble,
  type StampState,
} from './stamp';
