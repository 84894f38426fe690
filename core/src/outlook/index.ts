/**
 * What a predicted blend means at the bench and on the bench: weight, price and water of a filled pot, where its parts
 * are from.
 * Facts and arithmetic; nothing here judges.
 */
export { minedShare, origins, type OriginLine, type OriginShare } from './origins';
export {
  LIFT_LIMIT_KG,
  POT_DEFAULTS,
  potOutlook,
  potOutlookMethod,
  USES,
  type PotOutlookInput,
  type PotOutlookResult,
} from './potOutlook';
export { throughflow, throughflowMethod, type ThroughflowInput, type ThroughflowResult } from './throughflow';
