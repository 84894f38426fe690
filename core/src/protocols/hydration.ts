import type { Protocol } from './protocol';
import { read } from './steps';

/** The same water given ten times to a dried medium. */
export const HYDRATION_EFFICIENCY: Protocol = {
  key: 'hydration',
  version: 1,
  label: 'Taking up water again',
  plain: 'Water a dried pot ten times alike: what is held after each.',
  takes: 'a pot of dried medium, a scale, an hour',
  reduction: 'hydration',
  method: 'watered from above, air-dry',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  steps: [
    read('volume', {
      key: 'capacity',
      label: 'Water at container capacity',
      say: 'From its saturate-drain-dry run: capacity times the volume in this pot.',
      why: 'What is held is compared with all that it can hold.',
      picture: 'level',
      bounds: [1, 50000],
    }),
    read('weigh', {
      key: 'dry',
      label: 'Pot with the dried medium',
      say: 'Weigh the pot with the air-dry medium.',
      why: 'All else is weighed on top of this.',
      picture: 'scale-full',
      caution: 'dust',
    }),
    ...Array.from({ length: 10 }, (_, i) =>
      read('weigh', {
        key: `pass${String(i + 1)}`,
        label: `After watering ${String(i + 1)}`,
        say: 'Pour the same amount slowly over all of the surface, let it drip out, weigh.',
        why: 'The first time tells how it behaves when a pot was forgotten.',
        picture: 'scale-full',
        ...(i >= 3 ? { optional: true as const } : {}),
      }),
    ),
  ],
};
