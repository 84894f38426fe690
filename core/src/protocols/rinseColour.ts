import type { Protocol } from '../sheets';
import { judge } from './steps';

/** The colour of the rinse. */
export const RINSE_COLOUR: Protocol = {
  key: 'rinse-colour',
  version: 1,
  label: 'Colour of the rinse',
  plain: 'Rinse a handful in clear water and hold it to the light.',
  takes: 'a glass, two minutes',
  reduction: 'arithmetic',
  results: [{ property: 'rinseColour', read: 'colour' }],
  method: 'a handful in half a litre',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  steps: [
    judge(['clear', 'straw', 'tea', 'brown', 'black'], {
      key: 'colour',
      label: 'The water is',
      say: 'A handful into half a litre, stir, wait a minute, hold it to the light.',
      why: 'Clear water never passes a salt test: read its EC.',
      picture: 'jar',
    }),
  ],
};
