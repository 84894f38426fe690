/**
 * What is mixed in by weight and never counted as a part: meals, ash, lime, feeds.
 * Their salt and lime enter the prediction, their food stands beside it; a dose over what a growth stage bears is named.
 */
export {
  DOSE_SPREAD,
  doses,
  dosesMethod,
  handfulDose,
  type DosedStuff,
  type DosesInput,
  type DosesResult,
} from './doses';
