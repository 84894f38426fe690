import type { LotCard } from '../lots';
import { property, type PropertyKey } from '../properties';

/** What a hand can be trained in, and what of the bench's it is held against. */
export interface HandKindFace {
  readonly label: string;
  /** How it is done by hand, for whoever tries. */
  readonly how: string;
  readonly unit: string;
  readonly times: number;
  readonly digits: number;
  readonly bounds: readonly [number, number];
  readonly classes?: readonly string[];
  /** The first of these that was measured. */
  readonly of: readonly PropertyKey[];
}

const classesOf = (key: PropertyKey): readonly string[] => property(key).classes ?? [];

export const HAND_KIND_FACES = {
  grit: {
    label: 'Grit',
    how: 'Rub a wet pinch in the palm.',
    unit: '',
    times: 1,
    digits: 0,
    bounds: [0, classesOf('palmGrit').length - 1],
    classes: classesOf('palmGrit'),
    of: ['palmGrit'],
  },
  moisture: {
    label: 'Moisture',
    how: 'Press a handful: how much of its weight is water?',
    unit: '%',
    times: 100,
    digits: 0,
    bounds: [0, 95],
    of: ['asReceivedMoisture'],
  },
  squeeze: {
    label: 'Squeeze',
    how: 'Moisten it until it just holds, squeeze once, touch it.',
    unit: '',
    times: 1,
    digits: 0,
    bounds: [0, classesOf('squeeze').length - 1],
    classes: classesOf('squeeze'),
    of: ['squeeze'],
  },
  air: {
    label: 'Air',
    how: 'Look at the gaps, squeeze and let go: how much of a drained pot would be air?',
    unit: '%',
    times: 100,
    digits: 0,
    bounds: [0, 90],
    of: ['airSpace'],
  },
  pH: {
    label: 'pH',
    how: 'From what it is made of and how it smells, wafted.',
    unit: '',
    times: 1,
    digits: 1,
    bounds: [2, 11],
    of: ['pH'],
  },
  density: {
    label: 'Weight of a litre',
    how: 'Heft a level litre: how many grams to a millilitre?',
    unit: 'g/mL',
    times: 1,
    digits: 2,
    bounds: [0.02, 2.5],
    of: ['heft_gcc'],
  },
} as const satisfies Record<string, HandKindFace>;

export type TrainedKind = keyof typeof HAND_KIND_FACES;

export const handKindFace = (kind: TrainedKind): HandKindFace => HAND_KIND_FACES[kind];

/**
 * What the bench measured of it, in the unit that hands estimate in; undefined where it did not. A litre as it came weighs
 * what a heft said, else its dry matter and the water that came with it: dry bulk density / (1 - moisture as received).
 */
export function measuredForHand(card: LotCard, kind: TrainedKind): number | undefined {
  const { of, times } = handKindFace(kind);
  const measured = (key: PropertyKey): number | undefined =>
    card.figures.find((one) => one.property === key && one.origin === 'measured')?.summary.mean;
  const own = of.map(measured).find((value) => value !== undefined);
  if (own !== undefined) return times * own;
  const [dry, moisture] = [measured('bulkDensity_gcc'), measured('asReceivedMoisture')];
  return kind === 'density' && dry !== undefined && moisture !== undefined ? dry / (1 - moisture) : undefined;
}

export interface HandRecord {
  readonly n: number;
  /** Mean distance from the measured value. */
  readonly off: number;
  /** Mean of estimate less measured: which way the hand leans. */
  readonly lean: number;
  /** The same of the last five, where there are more than five. */
  readonly lately?: number;
  /** Part of the estimates with a margin whose margin held the value. */
  readonly honest?: number;
}

const LATELY = 5;

/** How one's estimates of a kind lie beside what was measured, over time; undefined without one. */
export function handRecord(
  tries: readonly { readonly value: number; readonly margin?: number; readonly measured: number }[],
): HandRecord | undefined {
  if (tries.length === 0) return undefined;
  const errors = tries.map(({ value, measured }) => value - measured);
  const off = (some: readonly number[]): number => some.reduce((sum, one) => sum + Math.abs(one), 0) / some.length;
  const margins = tries.filter((one) => one.margin !== undefined);
  const held = margins.filter(({ value, margin, measured }) => Math.abs(value - measured) <= (margin ?? 0));
  return {
    n: tries.length,
    off: off(errors),
    lean: errors.reduce((sum, one) => sum + one, 0) / errors.length,
    ...(errors.length > LATELY ? { lately: off(errors.slice(-LATELY)) } : {}),
    ...(margins.length === 0 ? {} : { honest: held.length / margins.length }),
  };
}
