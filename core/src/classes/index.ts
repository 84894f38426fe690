/**
 * Defaults by class of medium and target profiles by use: guidance until the bench replaces it.
 * Each entry states its basis; a value taken from here is always marked as a class figure.
 * The tables are data; these files only type and find them.
 */
export { guessClass } from './guessClass';
export {
  findMediaClass,
  MEDIA_CLASSES,
  mediaClassById,
  type Drawdown,
  type MediaClass,
  type Typical,
} from './mediaClasses';
export {
  DOSED_CLASSES,
  dosedClassById,
  findDosedClass,
  GROWTH_STAGES,
  type DosedClass,
  type GrowthStage,
  type PercentRange,
} from './dosedClasses';
export { findTargetProfile, TARGET_PROFILES, type Target, type TargetProfile } from './targetProfiles';
