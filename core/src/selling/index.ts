/** One's own mix as a product: what a pack costs, what is left of a price, and what its label can say. */
export { labelText, type LabelFacts } from './labelText';
export { marginOf, packCost, type Margin, type PackCostInput } from './margin';
