import type { DeskLot } from '@bent-pail/contract';
import {
  filledMedium,
  standOf,
  type DeskInput,
  type FilledMedium,
  type PotMedium,
  type PotSetup,
  type RecipeSettings,
} from '@bent-pail/core';
import { schoolMixes } from '../shared/larder/schoolMixes';
import type { Pot } from '../shared/pot/pots';
import { amount } from '../shared/units/mine';
import type { PotAsk } from './ask';
import type { There } from './stands';

/** A medium that is in hand, as far as it is known. */
export interface PotMediumInHand extends FilledMedium {
  readonly key: string;
  readonly name: string;
  readonly small: string;
  readonly to: string;
  readonly lotIds: readonly string[];
  /** What is dosed to it besides. */
  readonly additives?: NonNullable<RecipeSettings['additives']>;
}

/** One pot of those side by side. */
export interface Variant {
  readonly key: string;
  /** What tells it from those beside it. */
  readonly label: string;
  readonly medium: PotMediumInHand;
  readonly setup: PotSetup;
}

/** So many stand side by side. */
export const MOST_POTS = 4;

/** A medium's curve, predicted once, and how fast water goes through it. */
export function mediumOf(one: Omit<PotMediumInHand, keyof FilledMedium> & { input: DeskInput }): PotMediumInHand {
  const { input, ...named } = one;
  return { ...named, ...filledMedium(input) };
}

function setupOf(ask: PotAsk, medium: PotMediumInHand, { pot, there, second }: Around): PotSetup {
  const { below, below_cm, top } = ask;
  const own_cm = Math.min(below_cm, 0.5 * pot.shape.height_cm);
  return {
    container: pot.shape,
    medium: { retention: medium.retention, ks_cms: medium.ks_cms },
    stand: ask.stand,
    ...there,
    ...(ask.mmPerD === undefined ? {} : { mmPerD: ask.mmPerD }),
    plan: ask.plan,
    ...(ask.also === undefined ? {} : { also: ask.also }),
    ...(ask.needs === 'most' ? {} : { needs: ask.needs }),
    rooted: ask.rooted_percent / 100,
    days: ask.days,
    mulched: ask.mulched,
    clay: ask.clay,
    ...(top === undefined ? {} : { top: { ...top, deep_cm: Math.min(top.deep_cm, 0.3 * pot.shape.height_cm) } }),
    ...(below === 'stones' ? { lower_cm: own_cm, netted: ask.netted } : {}),
    ...(below === 'second' && second !== undefined
      ? { lower_cm: own_cm, lower: { retention: second.retention, ks_cms: second.ks_cms }, netted: ask.netted }
      : {}),
    ...(below === 'nothing' || below === 'stones' || below === 'second'
      ? {}
      : { soil: { key: below, table_cm: below_cm } }),
  };
}

type Change = readonly [key: string, label: string, change: Partial<PotSetup>];

/** What is around the medium. */
export interface Around {
  readonly pot: Pot;
  readonly there: There | undefined;
  readonly lots: readonly DeskLot[];
  /** The second in hand, where the first stands on a layer of it. */
  readonly second?: PotMedium;
}

/** A pot without that which is compared. */
function without(compare: PotAsk['compare'], setup: PotSetup): PotSetup {
  const { lower_cm, lower, netted, mmPerD, rain_mm, where, also, ...rest } = setup;
  const layer = { ...some({ lower_cm }), ...some({ lower }), ...some({ netted }) };
  const place = { ...some({ mmPerD }), ...some({ rain_mm }), ...some({ where }) };
  switch (compare) {
    case 'stones':
      return { ...rest, ...place, ...some({ also }) };
    case 'climate':
      return { ...rest, ...layer, ...some({ also }) };
    case 'rhythm':
      return { ...rest, ...layer, ...place };
    default:
      return setup;
  }
}

const some = <T extends object>(one: T): { [K in keyof T]?: Exclude<T[K], undefined> } =>
  Object.fromEntries(Object.entries(one).filter(([, value]) => value !== undefined)) as {
    [K in keyof T]?: Exclude<T[K], undefined>;
  };

/** What one press sets beside each other, as changes of one pot. */
function changesOf(ask: PotAsk, { container }: PotSetup): readonly Change[] {
  const { height_cm } = container;
  switch (ask.compare) {
    case undefined:
      return [];
    case 'depths':
      return [0.5, 1, 2].map((by): Change => {
        const deep = Number((by * height_cm).toFixed(1));
        return [
          `x${String(by)}`,
          amount(deep, 'cm', Number.isInteger(deep) ? 0 : 1),
          { container: { ...container, height_cm: deep } },
        ];
      });
    case 'stones': {
      const lower_cm = Math.min(ask.below === 'stones' ? ask.below_cm : 3, 0.4 * height_cm);
      return [
        ['none', 'no stones', {}],
        ['stones', `${amount(lower_cm, 'cm', 1)} of stones`, { lower_cm }],
      ];
    }
    case 'rhythm':
      return [1, 7].map((every_d): Change => [
        `every${String(every_d)}`,
        every_d === 1 ? 'daily' : 'weekly',
        { plan: { kind: 'every', every_d } },
      ]);
    case 'climate':
      return (['winter', 'wind'] as const).map((stand): Change => [stand, standOf(stand).words, { stand }]);
    case 'wall':
      return [
        ['plastic', 'plastic', { clay: false }],
        ['clay', 'clay', { clay: true }],
      ];
    case 'schools':
      return [];
    case 'mulch':
      return [
        ['bare', 'bare', { mulched: false }],
        ['mulched', 'mulched', { mulched: true }],
      ];
  }
}

/** The pots that stand side by side: one of each medium, or the first in hand as often as is compared. */
export function variantsOf(ask: PotAsk, inHand: readonly PotMediumInHand[], there: Around): Variant[] {
  const [first, second] = inHand;
  const stands = ask.below === 'second' && second !== undefined;
  const around = stands ? { ...there, second } : there;
  const media = stands ? inHand.filter((one) => one !== second) : inHand;
  if (first === undefined) return [];
  if (ask.compare === 'schools')
    return schoolMixes(first.desk, first.lotIds, around.lots).flatMap(({ school: { key, name: label }, input }) => {
      if (input === undefined) return [];
      const medium = mediumOf({ ...first, key, name: label, input });
      return [{ key, label, medium, setup: setupOf(ask, medium, around) }];
    });
  if (ask.compare === undefined)
    return media
      .slice(0, MOST_POTS)
      .map((medium) => ({ key: medium.key, label: medium.name, medium, setup: setupOf(ask, medium, around) }));
  const setup = setupOf(ask, first, around);
  return changesOf(ask, setup).map(([key, label, change]) => ({
    key,
    label,
    medium: first,
    setup: { ...without(ask.compare, setup), ...change },
  }));
}
