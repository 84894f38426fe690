import type { Protocol, Shipped, Step } from '../sheets';
import { reduceRetention } from './retentionSheet';

/** Suctions to the middle of the ring, cm; the second is a welcome extra. */
const SUCTIONS = [
  { suction_cm: 10, optional: false },
  { suction_cm: 20, optional: true },
  { suction_cm: 50, optional: false },
  { suction_cm: 100, optional: false },
] as const;

const weighed = ({ suction_cm, optional }: (typeof SUCTIONS)[number]): Step => ({
  key: `at${String(suction_cm)}`,
  kind: 'weigh',
  unit: 'g',
  label: `At ${String(suction_cm)} cm of suction`,
  say: `Set the table so that the water hangs ${String(suction_cm)} cm below the middle of the ring. Wait until it stands still, a day or more; wipe and weigh.`,
  why:
    suction_cm === 10
      ? 'What has left by now is air in a shallow pot.'
      : 'Between these suctions lies the water that roots take easily.',
  bounds: [0, 50000],
  picture: 'suction',
  suction_cm,
  ...(optional ? { optional: true as const } : {}),
});

const PROTOCOL: Protocol = {
  key: 'suction-table',
  version: 1,
  label: 'Suction table',
  plain: 'Rings at 10, 50 and 100 cm of suction: the whole water curve, not one depth.',
  takes: 'rings of known volume, a suction table or a hanging column, four to six days',
  reduction: 'retention',
  usesVessel: true,
  replicates: { usual: 3, most: 12 },
  steps: [
    {
      key: 'waterTemp',
      kind: 'temperature',
      unit: '°C',
      label: 'Water temperature',
      say: 'Put the thermometer into the table’s water.',
      why: 'Warm water weighs a little less.',
      bounds: [1, 40],
      picture: 'thermometer',
      once: true,
    },
    {
      key: 'tare',
      kind: 'weigh',
      unit: 'g',
      label: 'Tare, ring and cloth wet',
      say: 'Weigh the ring with its cloth wetted and wiped.',
      why: 'The cloth’s own water must not count.',
      bounds: [0, 50000],
      picture: 'scale-empty',
      caution: 'electric',
    },
    {
      key: 'soaked',
      kind: 'weigh',
      unit: 'g',
      label: 'Soaked, level and wiped',
      say: 'Fill, soak from below for a day, water level with the surface; wipe and weigh.',
      why: 'All its pores, as far as water goes.',
      bounds: [0, 50000],
      picture: 'level',
      suction_cm: 0,
      caution: 'dust',
    },
    ...SUCTIONS.map(weighed),
    {
      key: 'dryTray',
      kind: 'weigh',
      unit: 'g',
      label: 'Drying tray, empty',
      say: 'Weigh the tray that goes into the oven.',
      why: 'The dry medium is weighed in it.',
      bounds: [0, 50000],
      picture: 'scale-empty',
    },
    {
      key: 'dry',
      kind: 'weigh',
      unit: 'g',
      label: 'Dried at 103–105 °C',
      say: 'All of the medium onto the tray, into the oven until two weighings agree.',
      why: 'Only drying parts solid from water.',
      bounds: [0, 50000],
      picture: 'oven',
      caution: 'heat',
    },
  ],
};

/** Rings on a suction table or a hanging column: the water curve, point by point. */
export const SUCTION_TABLE: Shipped = { protocol: PROTOCOL, reduce: reduceRetention };
