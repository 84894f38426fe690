/**
 * The blend desk: a recipe in loose parts of lots becomes a predicted blend in a pot.
 * Each figure carries its working and stands beside the plain average of the parts.
 * The same function runs in the browser as sliders move and on the server when a version is kept.
 */
export {
  doesItsJob,
  JOB_FIGURE,
  JOB_WORDS,
  JOBS,
  largestShare,
  lineEffects,
  NOTICEABLE,
  type Job,
  type LineEffect,
} from './jobs';
export { deskOfLot, deskOfVersion } from './deskOf';
export { differ, differences, type ComparedFigure } from './compare';
export { lotInPot, type LotInPot } from './lotInPot';
export { measuredOf } from './measuredOf';
export { atMiddle } from './middle';
export {
  deskBlendInput,
  predictDesk,
  type DeskFigure,
  type DeskInput,
  type DeskLine,
  type DeskResult,
} from './predict';
export {
  deskCec,
  deskNutrientsInput,
  deskOrigins,
  deskThroughflow,
  deskPotInput,
  type FoodCircumstances,
  type PotCircumstances,
} from './outlookOf';
export { CLOSE, matchProfile, substitutes, type CloseProperty, type Swap } from './substitute';
export { deskDoses, plainNitrogen, recipeSettings, type RecipeSettings } from './recipeSettings';
export { sweep, triangle, type SweepPoint, type SweptFigures, type TrianglePoint } from './sweep';
export {
  deskBandsInput,
  deskSearchInput,
  lookAgain,
  searchTargets,
  windowsOf,
  type DeskSearch,
  type LookedAt,
  type WeakestWindow,
} from './uncertainDesk';
