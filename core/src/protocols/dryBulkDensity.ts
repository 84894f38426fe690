import type { Protocol } from '../sheets';
import { read } from './steps';

/** Dry bulk density of a ring, and how it shrinks. */
export const DRY_BULK_DENSITY: Protocol = {
  key: 'dry-bulk-density',
  version: 1,
  label: 'Dry bulk density, standard form',
  plain: 'A ring at 10 cm of suction, dried: solids in each millilitre, and how far it shrinks.',
  takes: 'a double ring of known volume, a suction table, an oven, three days',
  reduction: 'arithmetic',
  method: 'ring at 10 cm of suction, own words; no certificate',
  usesVessel: true,
  replicates: { usual: 4, most: 12 },
  results: [
    { property: 'ringDensity_gcc', add: ['dry'], take: ['tray'], per: ['vessel'] },
    { property: 'waterAt10', add: ['wet', 'tray'], take: ['ring', 'dry'], per: ['vessel'] },
    { property: 'shrinkOnDrying', add: ['vesselHeight'], take: ['driedHeight'], per: ['vesselHeight'] },
  ],
  steps: [
    read('weigh', {
      key: 'ring',
      label: 'Ring, empty',
      say: 'Weigh the ring with its cloth.',
      why: 'It comes off.',
      picture: 'scale-empty',
    }),
    read('weigh', {
      key: 'wet',
      label: 'Ring at 10 cm of suction',
      say: 'Soaked two days, two days at 10 cm to the middle of the ring; cut the upper ring off level, weigh.',
      why: 'This is the state that the standard speaks of.',
      picture: 'suction',
    }),
    read('weigh', {
      key: 'tray',
      label: 'Drying tray, empty',
      say: 'Weigh the tray.',
      why: 'The dry medium is weighed in it.',
      picture: 'scale-empty',
    }),
    read('weigh', {
      key: 'dry',
      label: 'Dried at 103–105 °C',
      say: 'Until two weighings agree.',
      why: 'Only drying parts solid from water.',
      picture: 'oven',
      caution: 'heat',
    }),
    read('length', {
      key: 'vesselHeight',
      label: 'Height of the ring',
      say: 'Inside, with the ruler.',
      why: 'What the dry medium is compared with.',
      picture: 'ruler',
      bounds: [1, 60],
    }),
    read('length', {
      key: 'driedHeight',
      label: 'Height of the dried core',
      say: 'In the ring, before it is tipped out.',
      why: 'A core that shrinks leaves the pot’s wall.',
      picture: 'ruler',
      bounds: [0.1, 60],
    }),
  ],
};
