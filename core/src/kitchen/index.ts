/**
 * Measuring with a marked bucket and a jug only.
 * Air space is exact; water held is a lower bound and says so.
 * It needs neither a scale nor an oven.
 */
export { kitchen, kitchenMethod, type KitchenInput, type KitchenResult } from './kitchen';
