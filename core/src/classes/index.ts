/**
 * Defaults by class of medium and target profiles by use: guidance until the bench replaces it.
 * Each entry states its basis; a value taken from here is always marked as a class figure.
 * The tables are data; these files only type and find them.
 */
export { findMediaClass, MEDIA_CLASSES, mediaClassById } from './mediaClasses';
export { findMediaClassName, MEDIA_CLASS_NAMES, mediaClassLabel, type MediaClassName } from './mediaClassNames';
export { type Drawdown, type MediaClass, type Typical } from './mediaClass';
export {
  isLikeness,
  LIKE_MM,
  LIKE_SIZES,
  LIKE_WATERS,
  LIKE_WEIGHTS,
  likenessId,
  likenessOf,
  type Likeness,
  type LikeSize,
  type LikeWater,
  type LikeWeight,
} from './likeness';
export { GROWTH_STAGES, type DosedClass, type GrowthStage, type PercentRange } from './dosedClass';
export { dosedClassById, findDosedClass } from './dosedClasses';
export { DOSED_CLASSES } from './dosedTable';
export { findTargetProfile, TARGET_PROFILES, type Target, type TargetProfile } from './targetProfiles';
