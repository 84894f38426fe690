import { USES } from '../outlook';

/** How a plant stands: the keys of `USES`. */
export type UseKey = 'shade' | 'mild' | 'summer' | 'wind';
export const USE_KEYS: readonly UseKey[] = USES.map(({ key }) => key as UseKey);

/** A plant: the use that suits it, how much water it draws where it stands, its light, and lots kept for it. */
export interface Plant {
  readonly id: string;
  readonly name: string;
  readonly profileId: string;
  readonly climate: UseKey;
  readonly light: string;
  readonly keeps: readonly string[];
}

type Shipped = Omit<Plant, 'id' | 'keeps'>;

/** Plants to begin with; every notebook changes its own copy. Our guidance. */
export const PLANTS: readonly Shipped[] = [
  { name: 'Camellia', profileId: 'acid-lovers', climate: 'mild', light: 'half shade, out of early sun' },
  { name: 'Blueberry', profileId: 'acid-lovers', climate: 'summer', light: 'sun' },
  { name: 'Rowan seedling', profileId: 'seed-plugs', climate: 'mild', light: 'bright, sheltered' },
  { name: 'Lettuce plug', profileId: 'seed-plugs', climate: 'mild', light: 'bright' },
  { name: 'Fuchsia cutting', profileId: 'cuttings', climate: 'shade', light: 'shaded, misted' },
  { name: 'Saxifrage', profileId: 'alpines-trough', climate: 'wind', light: 'sun, cool roots' },
  { name: 'Houseleek', profileId: 'arid-succulents', climate: 'summer', light: 'full sun' },
  { name: 'Orchid on bark', profileId: 'epiphyte', climate: 'shade', light: 'bright, no sun at noon' },
  { name: 'Bay in a tub', profileId: 'shrubs-outdoor', climate: 'summer', light: 'sun or half shade' },
  { name: 'Tomato', profileId: 'vegetables-tub', climate: 'summer', light: 'full sun' },
  { name: 'Weeping fig', profileId: 'foliage-indoor', climate: 'shade', light: 'bright, indoors' },
  { name: 'Chard', profileId: 'raised-bed', climate: 'mild', light: 'sun' },
];
