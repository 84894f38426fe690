/**
 * How much to take, buy and mix for pots, a bed or a volume.
 * Settling after filling and shrink on mixing are both made good; yields and expansion are the lines' own.
 * Whole bags, what is left over, what it costs.
 */
export {
  quantity,
  quantityMethod,
  type QuantityInput,
  type QuantityLine,
  type QuantityLineResult,
  type QuantityResult,
  type Wanted,
} from './quantity';
export { onHand, type OnHandInput, type OnHandLine, type OnHandResult } from './onHand';
