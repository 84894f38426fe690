import type { Protocol } from '../sheets';
import { read, judge } from './steps';

/** Ball and ribbon: clay by feel. */
export const BALL_RIBBON: Protocol = {
  key: 'ball-ribbon',
  version: 1,
  label: 'Ball and ribbon',
  plain: 'Knead it to putty, press it out between thumb and finger.',
  takes: 'a hand, five minutes',
  reduction: 'arithmetic',
  results: [
    { property: 'ribbon_cm', read: 'ribbon' },
    { property: 'ball', read: 'ball' },
  ],
  method: 'kneaded to putty',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    judge(['makes no ball', 'makes a ball that breaks', 'makes a firm ball'], {
      key: 'ball',
      label: 'Kneaded to a ball',
      say: 'Wet it drop by drop, knead until it no longer sticks.',
      why: 'Sand makes no ball.',
      picture: 'hand',
      caution: 'germs',
    }),
    read('length', {
      key: 'ribbon',
      label: 'Ribbon before it breaks',
      say: 'Press it over the forefinger until it breaks by itself; measure.',
      why: 'Up to 2.5 cm loam, up to 5 cm clay loam, longer is clay.',
      picture: 'ruler',
      bounds: [0, 30],
    }),
  ],
};
