/**
 * A batch as work: what to prepare and when, in which order it is mixed, how much water it takes.
 * Times stand before the mixing; whoever uses the plan gives the hour.
 */
export { BATCH, batchPlan, type BatchLine, type BatchPlan, type BatchPlanInput, type BatchTask } from './batchPlan';
export { powdersFor, type Powder } from './powders';
