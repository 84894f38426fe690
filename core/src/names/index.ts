/**
 * What people call a stuff, and what that may mean. A name is never an identity: it proposes, with a reason, or asks.
 */
export { COMMON_NAMES, type CommonName } from './commonNames';
export { DOSED_NAMES } from './dosedNames';
export { isWord, NAMES } from './nameTable';
export { isSlip } from './slips';
export { readName, type NameProposal, type NameReading } from './readName';
