import type { Protocol } from '../sheets';
import { read } from './steps';

/** What a laboratory’s report lists, in its order. */
const ELEMENTS = [
  ['nitrate', 'Nitrate N'],
  ['ammonium', 'Ammonium N'],
  ['phosphorus', 'Phosphorus'],
  ['potassium', 'Potassium'],
  ['calcium', 'Calcium'],
  ['magnesium', 'Magnesium'],
  ['sulphur', 'Sulphur'],
  ['iron', 'Iron'],
  ['manganese', 'Manganese'],
  ['zinc', 'Zinc'],
  ['copper', 'Copper'],
  ['boron', 'Boron'],
  ['sodium', 'Sodium'],
  ['chloride', 'Chloride'],
] as const;

/** A laboratory's report, typed in or imported. */
export const LAB_REPORT: Protocol = {
  key: 'lab-report',
  version: 1,
  label: 'Lab report',
  plain: 'Nutrients and salts as a laboratory reports them.',
  takes: 'a report, five minutes',
  reduction: 'arithmetic',
  method: 'laboratory, water extract',
  usesVessel: false,
  replicates: { usual: 1, most: 12 },
  results: [
    { property: 'labNitrate', read: 'nitrate' },
    { property: 'labAmmonium', read: 'ammonium' },
    { property: 'labPhosphorus', read: 'phosphorus' },
    { property: 'labPotassium', read: 'potassium' },
    { property: 'labCalcium', read: 'calcium' },
    { property: 'labMagnesium', read: 'magnesium' },
    { property: 'labSulphur', read: 'sulphur' },
    { property: 'labIron', read: 'iron' },
    { property: 'labManganese', read: 'manganese' },
    { property: 'labZinc', read: 'zinc' },
    { property: 'labCopper', read: 'copper' },
    { property: 'labBoron', read: 'boron' },
    { property: 'labSodium', read: 'sodium' },
    { property: 'labChloride', read: 'chloride' },
    { property: 'labOrganic', read: 'organic' },
  ],
  steps: [
    ...ELEMENTS.map(([key, label], i) =>
      read('lab', {
        key,
        label,
        say: 'As the report states it, mg per litre of medium. Leave empty what it does not list.',
        why: 'The method is part of the value: another extract gives another number.',
        picture: 'report',
        ...(i < 2 ? {} : { optional: true as const }),
      }),
    ),
    read('lab', {
      key: 'organic',
      label: 'Organic matter',
      unit: '%',
      say: 'By loss on ignition.',
      why: 'From it the pore space can be worked out without water.',
      picture: 'report',
      bounds: [0, 100],
      optional: true,
    }),
  ],
};
