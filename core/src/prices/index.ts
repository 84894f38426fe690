/**
 * What a real litre costs: packs of any form beside what is made oneself, with the band of what nobody has opened yet.
 */
export {
  LABEL_SPREAD,
  PACK_FORMS,
  PRICE_KINDS,
  PRICE_WORDS,
  priceBoard,
  priceBoardMethod,
  USUAL_FACTOR,
  type BoardLine,
  type PriceBoardInput,
  type PriceBoardResult,
  type PricedPack,
} from './priceBoard';
export { alikeGroups, TOLD_APART_BY, type MeasuredProduct, type TellingFigure } from './alike';
