import type { Protocol } from '../sheets';
import { judge } from './steps';

/** What it smells of. */
export const SMELL: Protocol = {
  key: 'smell',
  version: 1,
  label: 'Smell',
  plain: 'Waft it towards you, never nose to bag.',
  takes: 'two people, a minute',
  reduction: 'arithmetic',
  results: [{ property: 'smell', read: 'smell' }],
  method: 'wafted, moist',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    judge(['earthy', 'neutral', 'woody', 'sour', 'ammonia', 'chemical'], {
      key: 'smell',
      label: 'It smells',
      say: 'Open it away from the face, let it stand a minute, waft. Do not smell what looks mouldy. Replicates are people.',
      why: 'Sour was wet without air; ammonia is not ripe.',
      picture: 'nose',
      caution: 'germs',
    }),
  ],
};
