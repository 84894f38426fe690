import { requireNotNegative } from '../errors';
import { defineMethod, maybe, number, object, type InputOf } from '../method';
import { FEED_SALT } from './feeding';

const INPUT = object({
  fed_mgL: number('nitrogen of the powders, mg per litre made'),
  own_dSm: maybe(number('EC of the blend without them, 1:2 at 25 °C')),
});
export type FeedSaltInput = InputOf<typeof INPUT>;

export interface FeedSaltResult {
  /** What the powders bring, 1:2 at 25 °C. */
  readonly feed_dSm: number;
  /** The blend with them; absent where its own is not known. */
  readonly ec_dSm?: number;
}

/**
 * Salt that powders bring into a 1:2 extract, by the nitrogen that they hold.
 *
 * feed = fed / extractWater × dSm_perMgL, both of `FEED_SALT`; ec = own + feed. Nitrogen mg per litre made, EC dS/m at
 * 25 °C. Nothing fed brings nothing; without an EC of its own only what is brought is told. Throws (path of the field)
 * for a negative number. Source: a complete feed of 0.65 dS/m at 100 mg/L of nitrogen; guidance, as `feeding` has it.
 * Example: 100 mg/L: 100 / 2 × 0.0065 = 0.325 dS/m.
 */
export function feedSalt({ fed_mgL, own_dSm }: FeedSaltInput): FeedSaltResult {
  requireNotNegative('fed_mgL', fed_mgL, 'mg/L');
  if (own_dSm !== undefined) requireNotNegative('own_dSm', own_dSm, 'dS/m');
  const feed_dSm = (fed_mgL / FEED_SALT.extractWater) * FEED_SALT.dSm_perMgL;
  return own_dSm === undefined ? { feed_dSm } : { feed_dSm, ec_dSm: own_dSm + feed_dSm };
}

export const feedSaltMethod = defineMethod({
  name: 'feed-salt',
  version: 1,
  source: 'Mass balance; salt of a complete feed is our own guidance.',
  schema: INPUT,
  calculate: feedSalt,
  outputs: {
    ec_dSm: {
      of: 'ec_dSm',
      sentence: 'What a 1:2 extract would show with the powders in.',
      formula: 'EC of the blend + nitrogen of the powders / water of the extract × salt of a feed',
    },
    feed_dSm: {
      of: 'feed_dSm',
      sentence: 'What the powders alone bring into a 1:2 extract.',
      formula: 'nitrogen of the powders / water of the extract × salt of a feed',
    },
  },
  golden: { input: { fed_mgL: 100, own_dSm: 0.28 }, gives: { feed_dSm: 0.325, ec_dSm: 0.605 } },
});
