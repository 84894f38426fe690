import type { Protocol } from '../sheets';
import { judge, read } from './steps';

/** What a moist pot does with water poured on it. */
export const POUR_TEST: Protocol = {
  key: 'pour-test',
  version: 2,
  label: 'Pour test',
  plain: 'Pour a jug on a moist pot: when it drips, when it stops, what ran off over the rim.',
  takes: 'a pot, a jug, a stop-watch, ten minutes',
  reduction: 'arithmetic',
  method: 'poured on a moist pot',
  usesVessel: true,
  replicates: { usual: 3, most: 12 },
  results: [
    { property: 'firstDrip_s', read: 'firstDrip' },
    { property: 'lastDrip_s', read: 'lastDrip' },
    { property: 'runoff', add: ['runoff'], per: ['poured'] },
  ],
  steps: [
    judge(['dry', 'just moist', 'moist', 'wet'], {
      key: 'moisture',
      label: 'How moist it is before',
      say: 'Water it the day before and let it drain; say what it is now, a finger deep.',
      why: 'A dry medium lets water run past it; times of dry and moist are not the same thing.',
      picture: 'hand',
      once: true,
      ofMethod: true,
    }),
    read('volume', {
      key: 'poured',
      label: 'Poured on',
      say: 'Pour a tenth of the pot’s volume on the moist medium in one go.',
      why: 'The same share of every pot, or the times mean nothing.',
      picture: 'jug',
      bounds: [10, 20000],
    }),
    read('seconds', {
      key: 'firstDrip',
      label: 'Seconds to the first drip',
      say: 'Watch the base from the moment that you pour.',
      why: 'Very early means that it ran down the sides.',
      picture: 'drain',
    }),
    read('seconds', {
      key: 'lastDrip',
      label: 'Seconds to the last drip',
      say: 'When drops come slower than one in ten seconds, stop the watch.',
      why: 'What drips long is held in fine pores.',
      picture: 'drain',
    }),
    read('volume', {
      key: 'runoff',
      label: 'Ran off over the surface',
      say: 'Catch what runs over the rim or stands for more than a minute.',
      why: 'Water that does not go in waters nothing.',
      picture: 'jug',
    }),
  ],
};
