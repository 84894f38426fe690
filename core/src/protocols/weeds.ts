import type { Protocol } from '../sheets';
import { read, wait } from './steps';

/** Seedlings that a litre brings along. */
export const WEEDS: Protocol = {
  key: 'weeds',
  version: 1,
  label: 'Weed seedlings',
  plain: 'Spread a litre thin, moist and warm for three weeks, beside a blank.',
  takes: 'two trays, three weeks',
  reduction: 'arithmetic',
  method: '21 days, less the blank',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  results: [{ property: 'weedsPerL', add: ['seedlings'], take: ['blank'], per: ['volume'] }],
  steps: [
    read('volume', {
      key: 'volume',
      label: 'Spread',
      unit: 'L',
      say: 'A litre, 2 cm thin, on a tray; a tray of proven clean medium beside it.',
      why: 'The blank shows what blew in.',
      picture: 'tray',
      bounds: [0.1, 50],
      caution: 'germs',
    }),
    wait(
      { name: 'growing', minutes: 21 * 24 * 60 },
      {
        key: 'start',
        label: 'Moist, warm and light',
        say: 'Keep it moist, about 20 °C.',
        why: 'Most weeds show within three weeks.',
        picture: 'tray',
      },
    ),
    read('count', {
      key: 'seedlings',
      label: 'Seedlings',
      say: 'Count and pull them.',
      why: 'Each is a weed in a pot.',
      picture: 'tray',
    }),
    read('count', {
      key: 'blank',
      label: 'Seedlings on the blank',
      say: 'Count those on the clean tray.',
      why: 'They came by air.',
      picture: 'tray',
      once: true,
    }),
  ],
};
