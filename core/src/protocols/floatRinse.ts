import type { Protocol } from '../sheets';
import { read } from './steps';

/** What floats and what sinks. */
export const FLOAT_RINSE: Protocol = {
  key: 'float',
  version: 1,
  label: 'Float and rinse',
  plain: 'Stir it into a bucket: what floats, what sinks, both dried and weighed.',
  takes: 'a bucket, a strainer, an oven or two dry days',
  reduction: 'arithmetic',
  method: 'stirred in water, dried',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  results: [{ property: 'floating', add: ['floating'], per: ['floating', 'sunk'] }],
  steps: [
    read('weigh', {
      key: 'floating',
      label: 'Floating, dried',
      say: 'Stir, wait five minutes, skim, dry, weigh. Say in the notes what it is: wood, beads, husk.',
      why: 'Wood in a compost floats; so does what was sold as something else.',
      picture: 'soak',
      caution: 'germs',
    }),
    read('weigh', {
      key: 'sunk',
      label: 'Sunk, dried',
      say: 'Strain, dry, weigh.',
      why: 'Grit and stones are here.',
      picture: 'oven',
      caution: 'heat',
    }),
  ],
};
