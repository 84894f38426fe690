/**
 * What to do with a bag: what it is good for, each place with its reason; what would mend it, how much of it, at which
 * cost; what it is not for. Verdicts are those of the notebook's own table.
 */
export {
  bestUses,
  FITS,
  warnings,
  type BestUse,
  type BoughtAgain,
  type Fit,
  type FitReason,
  type GrownInTrial,
  type Mend,
} from './bestUses';
export { PLACES, type Place } from './places';
export { remediesFor, withRemedies, type Assumed, type Remedy, type RemedyChoice, type Supply } from './remedies';
