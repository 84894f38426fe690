/**
 * Grow-out trials: what a plan can tell, how it is laid out, what its readings say.
 * What was drawn by lot is what is compared; trays of one medium that stand alone are told apart from nothing.
 */
export { ageAlign, ageAlignMethod, type AgeAlignInput, type AgeAlignResult, type AlignedGroup } from './ageAlign';
export {
  compareGroups,
  compareGroupsMethod,
  type ComparedPair,
  type CompareGroupsInput,
  type CompareGroupsResult,
} from './compareGroups';
export {
  germination,
  germinationMethod,
  halfUp,
  type GerminationGroup,
  type GerminationInput,
  type GerminationPair,
  type GerminationResult,
} from './germination';
export { layout, layoutMethod, type LayoutInput, type LayoutResult, type Plot } from './layout';
export { lettersOf } from './letters';
