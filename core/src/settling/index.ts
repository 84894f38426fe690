/** How the medium of a filled pot goes down through the months, and what tops it up. */
export {
  depthOfShare,
  settling,
  settlingMethod,
  SETTLING_ASSUMED,
  type PotSettlingInput,
  type PotSettlingResult,
} from './settling';
