/**
 * What a medium feeds: nutrients against what a plant asks for, how long nitrogen lasts, and a plan that makes it up.
 * Amounts per litre of medium made, by water extract; ranges and uptakes are guidance and say so.
 * A line without a report counts as no food, in sight.
 */
export { foodOfLot } from './foodOfLot';
export {
  DEMAND,
  drawdownOf,
  ELEMENT_WEIGHT,
  FEEDERS,
  SUFFICIENT_MGL,
  type Feeder,
  type JudgedElement,
} from './elements';
export {
  feeding,
  feedingMethod,
  FEED_SALT,
  type Feed,
  type FeedingDay,
  type FeedingInput,
  type FeedingResult,
} from './feeding';
export {
  NITROGEN,
  nitrogenLeft,
  nutrients,
  nutrientsMethod,
  type JudgedNutrient,
  type NutrientLine,
  type NutrientsInput,
  type NutrientsResult,
} from './nutrients';
export { feedSalt, feedSaltMethod, type FeedSaltInput, type FeedSaltResult } from './feedSalt';
export { LAB_PROPERTIES, type LabProperty } from './labProperties';
