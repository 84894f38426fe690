import { meanOf, sdOf } from '../statistics';
import { fitReady, type KappaFit } from './kappa';
import { kappaFor, pairsOf } from './kappaFor';
import { LEARNING, NO_LEARNING, type Biased, type LearningUse } from './learningUse';
import {
  MEASURABLE,
  partsOf,
  ready,
  type MeasurableProperty,
  type MeasuredBlend,
  type ReadyBlend,
} from './measuredBlend';
import type { Pair, PairShrink } from './pair';

const BIASED = Object.keys(LEARNING.biasPrior) as readonly Biased[];

/** One correction, and whether it holds on blends that it has not seen. */
export interface Correction {
  readonly key: 'kappa' | 'pair' | Biased;
  /** The two that a pair's correction is of. */
  readonly pair?: Pair;
  readonly value: number;
  readonly sd: number;
  /** Mean error of each blend predicted from the others, in standard errors of the measurement. */
  readonly before: number;
  readonly after: number;
  /** By how much it falls, and how far that is uncertain over the blends. */
  readonly gain: number;
  readonly gain_se: number;
  readonly used: boolean;
}

export interface LearnedProperty {
  readonly property: MeasurableProperty;
  readonly measured: number;
  readonly se: number;
  /** Uncorrected: kappa 1, no bias. */
  readonly predicted: number;
  readonly corrected: number;
}

export interface LearnedBlend {
  readonly name: string;
  readonly properties: readonly LearnedProperty[];
}

export interface Learning {
  readonly blends: readonly LearnedBlend[];
  /** What all blends together say of kappa, used or not. */
  readonly kappa: KappaFit;
  /** Empty until enough blends were measured. */
  readonly corrections: readonly Correction[];
  readonly use: LearningUse;
}

type Errors = (one: ReadyBlend) => number | undefined;

/** Root mean square of a blend's residuals over some properties, in standard errors; undefined where it has none. */
function errorOf(one: ReadyBlend, properties: readonly MeasurableProperty[], use: LearningUse): number | undefined {
  const predicted = predictedBy(one, use);
  const squares = properties.flatMap((property) => {
    const found = one.measured[property];
    const said = predicted(property);
    return found === undefined || said === undefined ? [] : [((found.value - said) / found.se) ** 2];
  });
  return squares.length === 0 ? undefined : Math.sqrt(meanOf(squares));
}

function predictedBy(one: ReadyBlend, use: LearningUse): (property: MeasurableProperty) => number | undefined {
  const { bias } = use;
  const result = one.predicted(kappaFor(use, partsOf(one)).kappa);
  return (property) => {
    const value = result[property];
    const shift = property === 'bulkDensity_gcc' ? 0 : (bias[property] ?? 0);
    return value === undefined ? undefined : value + shift;
  };
}

/** A bias common to all blends, shrunk to zero: residuals weighted by their variances, and the prior's. */
function fitBias(
  blends: readonly ReadyBlend[],
  property: Biased,
  use: LearningUse,
): { readonly value: number; readonly sd: number } {
  let [weight, sum] = [1 / LEARNING.biasPrior[property] ** 2, 0];
  for (const one of blends) {
    const found = one.measured[property];
    const said = predictedBy(one, { ...use, bias: {} })(property);
    if (found === undefined || said === undefined) continue;
    weight += 1 / found.se ** 2;
    sum += (found.value - said) / found.se ** 2;
  }
  return { value: sum / weight, sd: 1 / Math.sqrt(weight) };
}

interface Judged {
  readonly before: number;
  readonly after: number;
  readonly gain: number;
  readonly gain_se: number;
  readonly used: boolean;
}

/** Each blend is predicted with what the others teach; the gain must be larger than its own standard error. */
function judge(
  blends: readonly ReadyBlend[],
  before: Errors,
  afterLearning: (others: readonly ReadyBlend[]) => Errors,
  least: number = LEARNING.least,
): Judged {
  const pairs = blends.flatMap((one, i) => {
    const without = blends.filter((_, j) => j !== i);
    const [old, fresh] = [before(one), afterLearning(without)(one)];
    return old === undefined || fresh === undefined ? [] : [{ old, fresh }];
  });
  const gains = pairs.map(({ old, fresh }) => old - fresh);
  if (gains.length < least) return { before: 0, after: 0, gain: 0, gain_se: 0, used: false };
  const gain = meanOf(gains);
  const gain_se = sdOf(gains) / Math.sqrt(gains.length);
  return {
    before: meanOf(pairs.map(({ old }) => old)),
    after: meanOf(pairs.map(({ fresh }) => fresh)),
    gain,
    gain_se,
    used: gain > gain_se,
  };
}

const PACKING = MEASURABLE.filter((property) => property !== 'pH');

/** Pairs that several of the blends share, and the blends of each. */
function sharedPairs(blends: readonly ReadyBlend[]): { readonly pair: Pair; readonly own: ReadyBlend[] }[] {
  const found = new Map<string, { pair: Pair; own: ReadyBlend[] }>();
  for (const one of blends) {
    for (const pair of pairsOf(partsOf(one))) {
      const key = pair.materials.join('|');
      const known = found.get(key) ?? { pair, own: [] };
      known.own.push(one);
      found.set(key, known);
    }
  }
  return [...found.values()].filter(({ own }) => own.length >= LEARNING.leastOfPair);
}

/** Each pair's own kappa, judged on the blends that share it. */
function learnPairs(
  blends: readonly ReadyBlend[],
  use: LearningUse,
): { corrections: Correction[]; pairs: PairShrink[] } {
  const corrections = sharedPairs(blends).map(({ pair, own }): Correction => {
    const fit = fitReady(own);
    const judged = judge(
      own,
      (one) => errorOf(one, PACKING, use),
      (others) => {
        const { value: kappa, sd: kappa_se } = fitReady(others);
        return (one) => errorOf(one, PACKING, { ...use, pairs: [{ ...pair, kappa, kappa_se }] });
      },
      LEARNING.leastOfPair,
    );
    return { key: 'pair', pair, value: fit.value, sd: fit.sd, ...judged };
  });
  const pairs = corrections.flatMap(({ pair, value, sd, used }) =>
    used && pair !== undefined ? [{ ...pair, kappa: value, kappa_se: sd }] : [],
  );
  return { corrections, pairs };
}

/**
 * Learns from measured blends: kappa first, then a bias of air, of water and of pH each by itself.
 *
 * Nothing is learnt from fewer than five blends, and of a pair that blends share from fewer than three. Each correction is judged by leaving one blend out at a time: it is
 * used only if the mean error of the blends that it had not seen falls by more than that fall's standard error.
 * Errors are root mean squares over properties in standard errors of the measurement. Kappa that is not used leaves
 * the desk at the prior, N(1, 0.5^2).
 */
export function learn(measured: readonly MeasuredBlend[]): Learning {
  const blends = measured.map(ready);
  const kappa = fitReady(blends);
  const corrections: Correction[] = [];
  let use = NO_LEARNING;
  if (blends.length >= LEARNING.least) {
    const judged = judge(
      blends,
      (one) => errorOf(one, PACKING, NO_LEARNING),
      (others) => {
        const fit = fitReady(others);
        return (one) => errorOf(one, PACKING, { ...NO_LEARNING, kappa: fit.value });
      },
    );
    corrections.push({ key: 'kappa', value: kappa.value, sd: kappa.sd, ...judged });
    if (judged.used) use = { ...use, kappa: kappa.value, kappa_se: kappa.sd };
    for (const property of BIASED) {
      const base = use;
      const bias = fitBias(blends, property, base);
      const result = judge(
        blends,
        (one) => errorOf(one, [property], { ...base, bias: {} }),
        (others) => {
          const { value } = fitBias(others, property, base);
          return (one) => errorOf(one, [property], { ...base, bias: { [property]: value } });
        },
      );
      corrections.push({ key: property, ...bias, ...result });
      if (result.used) use = { ...use, bias: { ...use.bias, [property]: bias.value } };
    }
  }
  const own = learnPairs(blends, { ...use, bias: {} });
  corrections.push(...own.corrections);
  if (own.pairs.length > 0) use = { ...use, pairs: own.pairs };
  return { blends: blends.map((one) => compared(one, use)), kappa, corrections, use };
}

function compared(blend: ReadyBlend, use: LearningUse): LearnedBlend {
  const { name, measured } = blend;
  const [plain, corrected] = [predictedBy(blend, NO_LEARNING), predictedBy(blend, use)];
  const properties = MEASURABLE.flatMap((property): LearnedProperty[] => {
    const one = measured[property];
    const [before, after] = [plain(property), corrected(property)];
    if (one === undefined || before === undefined || after === undefined) return [];
    return [{ property, measured: one.value, se: one.se, predicted: before, corrected: after }];
  });
  return { name, properties };
}
