/**
 * A batch as work: what to prepare and when, in which order it is mixed, how much water it takes.
 * Times stand before the mixing; whoever uses the plan gives the hour.
 */
export { BATCH, batchPlan, type BatchLine, type BatchPlan, type BatchPlanInput, type BatchTask } from './batchPlan';
export { powdersFor, type Powder } from './powders';
export {
  bagOf,
  deskBatch,
  settlingOf,
  USUAL_SETTLING,
  type BatchLot,
  type BatchUse,
  type BatchWanted,
  type DeskBatch,
  type DeskBatchInput,
} from './deskBatch';
