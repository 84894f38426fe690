import { refuse, type Check } from '../errors';
import { defineMethod, list, number, object, text, type InputOf } from '../method';
import { meanOf, sdOf } from '../statistics';
import { TRIAL_GROUP, groupsOfUnits, type GroupOfUnits } from './units';

const INPUT = object({
  reference: text('the medium that the others are held against'),
  species: list(
    object({
      name: text(),
      weight: number('its part in the mean of the species'),
      groups: list(TRIAL_GROUP, 'what was read at one age, as compare-groups takes it'),
    }),
  ),
});
export type GrowthRatioInput = InputOf<typeof INPUT>;

export interface RatioOf {
  readonly ratio: number;
  /** Standard error of the ratio; absent where units are too few to tell. */
  readonly se?: number;
}

export interface GrowthRatioResult {
  readonly media: readonly (RatioOf & {
    readonly name: string;
    readonly species: readonly (RatioOf & { readonly name: string })[];
  })[];
  readonly checks: readonly Check[];
}

const valuesOf = ({ units }: GroupOfUnits): number[] => units.map(({ value }) => value);

/** Means of both in every block that they share; undefined unless there are two such blocks. */
function inSharedBlocks(own: GroupOfUnits, beside: GroupOfUnits): (readonly [number, number])[] | undefined {
  const means = ({ units }: GroupOfUnits, block: string): number[] => {
    const there = units.filter((one) => one.block === block).map(({ value }) => value);
    return there.length === 0 ? [] : [meanOf(there)];
  };
  const blocks = [...new Set(own.units.flatMap(({ block }) => block ?? []))];
  const both = blocks.flatMap((block) => {
    const [[a], [b]] = [means(own, block), means(beside, block)];
    return a === undefined || b === undefined ? [] : [[a, b] as const];
  });
  return both.length < 2 ? undefined : both;
}

function ratioOf(own: GroupOfUnits, beside: GroupOfUnits): RatioOf {
  const pairs = inSharedBlocks(own, beside);
  if (pairs !== undefined) {
    const below = meanOf(pairs.map(([, b]) => b));
    const ratio = meanOf(pairs.map(([a]) => a)) / below;
    return { ratio, se: sdOf(pairs.map(([a, b]) => a - ratio * b)) / Math.sqrt(pairs.length) / below };
  }
  const [a, b] = [valuesOf(own), valuesOf(beside)];
  const [above, below] = [meanOf(a), meanOf(b)];
  const ratio = above / below;
  if (a.length < 2 || b.length < 2) return { ratio };
  return { ratio, se: Math.sqrt(sdOf(a) ** 2 / a.length + (ratio * sdOf(b)) ** 2 / b.length) / below };
}

/**
 * What grew in each medium over what grew in the reference at the same age: the ratio that a scorecard takes.
 *
 * Per species R = mean of the medium over mean of the reference, in the blocks that they share; its standard error from
 * a - R b of each block, or from both spreads where there are no blocks; over the species the weighted mean. Throws for a
 * reference that is not there or did not grow, values below 0, weights that are not above 0, no species.
 * Source: Cochran (1977), chapter 6.
 * Example: 15 and 25 beside 10 and 10 in two blocks: 2, standard error 0.5.
 */
export function growthRatio({ reference, species }: GrowthRatioInput): GrowthRatioResult {
  if (species.length === 0) refuse('species', 'give at least one');
  const bySpecies = species.map(({ name, weight, groups }, i) => {
    const path = `species[${String(i)}]`;
    if (!(weight > 0)) refuse(`${path}.weight`, `${String(weight)} given; a weight lies above 0`);
    groups.forEach(({ values }, g) => {
      values.forEach((value, k) => {
        if (!(value >= 0))
          refuse(`${path}.groups[${String(g)}].values[${String(k)}]`, 'a ratio takes values of 0 or more');
      });
    });
    const units = groupsOfUnits(groups);
    const beside = units.find((one) => one.name === reference);
    if (beside === undefined) refuse('reference', `${reference} is none of the media of ${name}`);
    if (meanOf(valuesOf(beside)) === 0) refuse('reference', `nothing of ${name} grew in ${reference}`);
    return { name, weight, units, beside };
  });
  const names = [...new Set(bySpecies.flatMap(({ units }) => units.map(({ name }) => name)))];
  const checks: Check[] = [];
  const media = names.flatMap((name) => {
    if (name === reference) return [];
    const own = bySpecies.flatMap(({ name: called, weight, units, beside }) => {
      const group = units.find((one) => one.name === name);
      return group === undefined ? [] : [{ name: called, weight, ...ratioOf(group, beside) }];
    });
    if (own.length < bySpecies.length)
      checks.push({ code: 'species-lack', severity: 'caution', message: `${name} was not read with every species.` });
    const weights = own.reduce((sum, one) => sum + one.weight, 0);
    const ratio = own.reduce((sum, one) => sum + (one.weight / weights) * one.ratio, 0);
    const hasSpread = own.every(({ se }) => se !== undefined);
    const se = Math.sqrt(own.reduce((sum, one) => sum + ((one.weight / weights) * (one.se ?? 0)) ** 2, 0));
    const each = own.map(({ name: called, ratio: one, se: ownSe }) => ({
      name: called,
      ratio: one,
      ...(ownSe === undefined ? {} : { se: ownSe }),
    }));
    return [{ name, ratio, ...(hasSpread ? { se } : {}), species: each }];
  });
  return { media, checks };
}

export const growthRatioMethod = defineMethod({
  name: 'growth-ratio',
  version: 1,
  source: 'Cochran, 1977.',
  schema: INPUT,
  calculate: growthRatio,
  outputs: {
    ratio: {
      of: 'media[0].ratio',
      sentence: 'What grew in the medium over what grew in the reference at the same age.',
      formula:
        'mean of the medium / mean of the reference, in the blocks that they share; weighted mean over the species',
    },
  },
  golden: {
    input: {
      reference: 'R',
      species: [
        {
          name: 'cress',
          weight: 1,
          groups: [
            { name: 'R', values: [10, 10], block: ['1', '2'] },
            { name: 'A', values: [15, 25], block: ['1', '2'] },
          ],
        },
      ],
    },
    gives: { 'media[0].ratio': 2, 'media[0].se': 0.5 },
  },
});
