import type { Protocol } from '../sheets';
import { judge } from './steps';

/** Gritty share by feel. */
export const PALM_GRIT: Protocol = {
  key: 'palm-grit',
  version: 2,
  label: 'Palm grit',
  plain: 'Rub a wet pinch in the palm: how much of it is gritty.',
  takes: 'a wet palm, a minute',
  reduction: 'arithmetic',
  results: [{ property: 'palmGrit', read: 'grit' }],
  method: 'rubbed wet in the palm',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    judge(['none', 'a quarter or less', 'a third to a half', 'mostly', 'all grit'], {
      key: 'grit',
      label: 'Gritty share',
      say: 'A pinch, a few drops, rub with a finger; then look at what is left when it is rinsed.',
      why: 'It stands beside the jar’s sand and trains the hand.',
      picture: 'hand',
      caution: 'germs',
    }),
  ],
};
