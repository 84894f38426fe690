import { FEDDES } from '../column';

/** Where the roots of a kind of plant stop drawing. */
export interface PlantNeeds {
  readonly key: string;
  readonly words: string;
  /** Air, as a fraction, at which they stop, and from which they have enough. */
  readonly air: readonly [number, number];
  /** Suction up to which water is easy, and at which there is none left for them, cm. */
  readonly dry_cm: readonly [number, number];
}

/** Kinds of plants by what their roots bear. The first is Feddes' usual one; the others are ours, for want of better. */
export const NEEDS = Object.freeze([
  { key: 'most', words: 'most plants', air: FEDDES.air, dry_cm: FEDDES.dry_cm },
  { key: 'airy', words: 'roots that want air', air: [0.1, 0.3], dry_cm: [100, 8000] },
  { key: 'thirsty', words: 'seedlings and soft leaves', air: [0.05, 0.15], dry_cm: [50, 5000] },
  { key: 'bog', words: 'bog plants', air: [0, 0.04], dry_cm: [50, 5000] },
  { key: 'drought', words: 'drought-hardy plants', air: [0.08, 0.22], dry_cm: [300, 15000] },
] as const satisfies readonly PlantNeeds[]);
export type NeedsKey = (typeof NEEDS)[number]['key'];

export const needsOf = (key: NeedsKey): PlantNeeds => NEEDS.find((one) => one.key === key) as PlantNeeds;
