import type { VerdictLine } from '../verdictLine';
import { BY_HAND } from './byHand';
import { OF_GRAINS } from './grains';
import { RIPE_AND_CLEAN } from './ripeAndClean';
import { SALT_AND_DRAIN } from './saltAndDrain';

/** What each property means for each use: guidance, with its basis, which a lead may change. */
export const VERDICT_TABLE: readonly VerdictLine[] = [...SALT_AND_DRAIN, ...RIPE_AND_CLEAN, ...BY_HAND, ...OF_GRAINS];
