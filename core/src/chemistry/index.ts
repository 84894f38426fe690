/**
 * pH, salts and what moves them: the pen's calibration, readings by it, EC at 25 degC, rinsing, lime and sulphur.
 * The extraction is part of every value; EC always states its reference temperature.
 * Classes and doses are guidance beside the numbers.
 */
export {
  dose,
  doseMethod,
  DOSE_DEFAULTS,
  EQUIVALENTS,
  type DoseComponent,
  type DoseInput,
  type DoseResult,
} from './dose';
export {
  EC_CLASS_STARTS,
  EC_TEMPERATURE,
  ec25,
  ec25Method,
  ecClass,
  type Ec25Input,
  type Ec25Result,
  type EcClass,
  type ExtractionMethod,
} from './ec25';
export { ecInClass, EXTRACTION_OF, type EcInClass } from './ecOfProperty';
export {
  CALIBRATION_LIMITS,
  NERNST_mVperK,
  phCalibration,
  phCalibrationMethod,
  type CalibrationState,
  type PhBuffer,
  type PhCalibrationInput,
  type PhCalibrationResult,
} from './phCalibration';
export { phReading, phReadingMethod, type PhReadingInput } from './phReading';
export { rinse, rinseMethod, type RinseInput, type RinseResult } from './rinse';
export { titration, titrationMethod, type TitrationInput, type TitrationResult } from './titration';
