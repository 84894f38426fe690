import type { Protocol } from '../sheets';
import { read } from './steps';

/** pH and EC of what a pot gives up. */
export const POUR_THROUGH: Protocol = {
  key: 'pour-through',
  version: 1,
  label: 'Pour-through',
  plain: 'Pour a little on a pot at container capacity and read what comes out first.',
  takes: 'a pot an hour after watering, pen and meter, 15 minutes',
  reduction: 'arithmetic',
  results: [
    { property: 'pHPourThrough', read: 'pH' },
    { property: 'ecPourThrough', read: 'ec' },
  ],
  method: 'pour-through',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    read('volume', {
      key: 'poured',
      label: 'Poured on, pure water',
      say: 'An hour after watering pour just enough to get 50 mL out at the base.',
      why: 'More would only thin what comes out.',
      picture: 'jug',
      bounds: [10, 2000],
    }),
    read('pH', {
      key: 'pH',
      label: 'pH of the first 50 mL',
      say: 'Catch the first 50 mL and read it.',
      why: 'It is the water that stood in the pot, pushed out.',
      picture: 'pen',
      caution: 'chemicals',
    }),
    read('ec', {
      key: 'ec',
      label: 'EC of the first 50 mL, at 25 °C',
      say: 'Read the same cup, corrected to 25 °C.',
      why: 'Its bands are its own: never beside those of 1:2 or 1:5.',
      picture: 'pen',
      caution: 'electric',
    }),
  ],
};
