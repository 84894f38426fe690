/** What a laboratory lists, by element; mg per litre of medium in a water extract. */
export const LAB_PROPERTIES = [
  'labNitrate',
  'labAmmonium',
  'labPhosphorus',
  'labPotassium',
  'labCalcium',
  'labMagnesium',
  'labSulphur',
  'labIron',
  'labManganese',
  'labZinc',
  'labCopper',
  'labBoron',
  'labSodium',
  'labChloride',
] as const;
export type LabProperty = (typeof LAB_PROPERTIES)[number];
