import type { Protocol } from '../sheets';
import { read, judge, wait } from './steps';

/** Whether a compost or manure is ripe. */
export const MATURITY: Protocol = {
  key: 'maturity',
  version: 1,
  label: 'Maturity',
  plain: 'Smell, warmth, recognisable bits, five days in a bag, cress.',
  takes: 'a lidded bag, a thermometer, cress seed, a week',
  reduction: 'arithmetic',
  method: 'bag of five days and cress',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  results: [
    { property: 'heating_C', add: ['warmest'], take: ['room'] },
    { property: 'recognisable', read: 'bits' },
    { property: 'bagSmell', read: 'bag' },
    { property: 'cress', add: ['sprouted'], per: ['sown'] },
  ],
  steps: [
    read('temperature', {
      key: 'room',
      label: 'Warmth of the room',
      say: 'In the shade, where the sample stands.',
      why: 'Only what is warmer than the room is its own.',
      picture: 'thermometer',
      bounds: [1, 60],
      once: true,
    }),
    read('temperature', {
      key: 'warmest',
      label: 'Warmest in the middle, within two days',
      say: 'Ten litres moist in an insulated bucket, thermometer in the middle; never less than the room.',
      why: 'Heat means that it still works.',
      picture: 'thermometer',
      bounds: [1, 90],
      caution: 'germs',
    }),
    judge(['none', 'a few', 'many'], {
      key: 'bits',
      label: 'Bits that one can still name',
      say: 'Leaves, straw, skins: look at a handful.',
      why: 'Ripe compost no longer shows what it was.',
      picture: 'eye',
    }),
    wait(
      { name: 'bagged', minutes: 5 * 24 * 60 },
      {
        key: 'closed',
        label: 'Moist into a closed bag',
        say: 'A moist litre into a closed bag at room warmth.',
        why: 'What is not ripe turns sour without air.',
        picture: 'block',
      },
    ),
    judge(['earthy', 'weak', 'sour or ammonia'], {
      key: 'bag',
      label: 'Opened after five days it smells',
      say: 'Open away from the face, waft.',
      why: 'Earthy is ripe.',
      picture: 'nose',
      caution: 'germs',
    }),
    read('count', {
      key: 'sown',
      label: 'Cress seeds sown',
      say: 'Fifty on the moist medium, fifty on a proven one beside it.',
      why: 'Unripe compost holds seeds back.',
      picture: 'tray',
      bounds: [1, 1000],
    }),
    read('count', {
      key: 'sprouted',
      label: 'Of them up after five days',
      say: 'Count those that stand.',
      why: 'Compare with the proven one, not with the packet.',
      picture: 'tray',
    }),
  ],
};
