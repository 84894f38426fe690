import { BODY_PROPERTIES } from './evidence';
import { fitKappa, type KappaFit } from './kappa';
import { kappaFor, pairsOf } from './kappaFor';
import { byKappaAlone, leaveBatchOut, leaveLotOut, seOf, type LeftOut, type Predicts } from './leaveOut';
import { LEARNING, NO_LEARNING, type Biased, type LearningUse } from './learningUse';
import { mixedOf, type MeasurableProperty, type MeasuredBlend } from './measuredBlend';
import type { Pair, PairShrink } from './pair';
import { atKappa, responseOf, type Response } from './response';
import { byKappa, shiftOf, type Shift } from './shift';

const BIASED = Object.keys(LEARNING.biasPrior) as readonly Biased[];

/** One correction, and how it does on blends that it has not seen. */
export interface Correction {
  readonly key: 'kappa' | 'pair' | Biased;
  /** The two that a pair's correction is of. */
  readonly pair?: Pair;
  readonly value: number;
  readonly sd: number;
  /** Leaving one batch out at a time; absent where there is only one. */
  readonly batchOut?: LeftOut;
  /** Leaving out all batches of a lot that several share. */
  readonly lotOut?: LeftOut;
  readonly used: boolean;
}

export interface LearnedProperty {
  readonly property: MeasurableProperty;
  readonly measured: number;
  /** How far measurement and prediction may lie apart by chance. */
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
  /** What all blends together say of kappa. */
  readonly kappa: KappaFit;
  /** Empty until a blend was measured. */
  readonly corrections: readonly Correction[];
  readonly use: LearningUse;
}

const predictsBy =
  (use: LearningUse): Predicts =>
  (response, property, at) => {
    const { kappa } = kappaFor(use, mixedOf(response.blend));
    const shift = property === 'bulkDensity_gcc' ? 0 : (use.bias[property] ?? 0);
    return atKappa(response.predicted[at] as Float64Array, kappa) + shift;
  };

/** Both ways of leaving out, where there is something to leave. */
function leftOut(
  responses: readonly Response[],
  properties: readonly MeasurableProperty[],
  before: Predicts,
  learnFrom: (others: readonly Response[]) => Predicts,
): Pick<Correction, 'batchOut' | 'lotOut'> {
  const batchOut = leaveBatchOut(responses, properties, before, learnFrom);
  const lotOut = leaveLotOut(responses, properties, before, learnFrom);
  return { ...(batchOut === undefined ? {} : { batchOut }), ...(lotOut === undefined ? {} : { lotOut }) };
}

const biasOf = (responses: readonly Response[], property: Biased, kappa: KappaFit): Shift | undefined =>
  shiftOf(
    responses,
    property === 'pH' ? ['pH'] : BODY_PROPERTIES,
    kappa,
    (_, of) => (of === property ? 1 : 0),
    LEARNING.biasPrior[property],
    BIASED.length,
  );

function learnBias(
  responses: readonly Response[],
  property: Biased,
  kappa: KappaFit,
  base: LearningUse,
): Correction | undefined {
  const shift = responses.length < LEARNING.least ? undefined : biasOf(responses, property, kappa);
  if (shift === undefined) return undefined;
  const tested = leftOut(responses, [property], predictsBy(base), (others) =>
    predictsBy({ ...base, bias: { [property]: biasOf(others, property, kappa)?.believed ?? 0 } }),
  );
  return {
    key: property,
    value: shift.believed,
    sd: shift.believed_sd,
    ...tested,
    used: shift.shows && (tested.batchOut?.gain ?? 0) > 0,
  };
}

const has = ({ blend }: Response, pair: Pair): boolean =>
  pairsOf(mixedOf(blend)).some(({ materials }) => materials.join('|') === pair.materials.join('|'));

/** Pairs that several of the blends share. */
function sharedPairs(responses: readonly Response[]): Pair[] {
  const found = new Map<string, { readonly pair: Pair; count: number }>();
  for (const { blend } of responses)
    for (const pair of pairsOf(mixedOf(blend))) {
      const key = pair.materials.join('|');
      found.set(key, { pair, count: (found.get(key)?.count ?? 0) + 1 });
    }
  return [...found.values()].filter(({ count }) => count >= LEARNING.least).map(({ pair }) => pair);
}

function learnPair(
  responses: readonly Response[],
  pair: Pair,
  kappa: KappaFit,
  base: LearningUse,
  asked: number,
): Correction | undefined {
  const own = responses.filter((one) => has(one, pair));
  const found = (some: readonly Response[]): Shift | undefined =>
    shiftOf(
      some,
      BODY_PROPERTIES,
      kappa,
      (one, _, at, here) => (has(one, pair) ? byKappa(one, at, here) : 0),
      LEARNING.pairPrior,
      asked,
    );
  const shift = found(responses);
  if (shift === undefined) return undefined;
  const settles = (believed: number): number => Math.max(0, kappa.value + believed);
  const tested = leftOut(own, BODY_PROPERTIES, predictsBy(base), (others) => {
    const without = responses.filter((one) => !own.includes(one) || others.includes(one));
    const believed = found(without)?.believed ?? 0;
    return predictsBy({ ...base, pairs: [{ ...pair, kappa: settles(believed), kappa_se: kappa.sd }] });
  });
  return {
    key: 'pair',
    pair,
    value: settles(shift.believed),
    sd: Math.hypot(kappa.sd, shift.believed_sd),
    ...tested,
    used: shift.shows && (tested.batchOut?.gain ?? 0) > 0,
  };
}

/**
 * Learns from measured blends: kappa from the first on; a bias of air, of water and of pH, and pairs that settle in their
 * own way, from three on.
 *
 * Kappa is believed as its interval says (`fitKappa`). A bias or a pair is used only where it shows more than chance would
 * in one of twenty notebooks without any (generalised least squares, kappa's prior and shared lots in the covariance), and
 * where blends that it has not seen are predicted better with it, one left out at a time.
 */
export function learn(measured: readonly MeasuredBlend[]): Learning {
  const responses = measured.map((one, i) => responseOf(one, `${one.name} ${String(i)}`));
  const kappa = fitKappa(measured);
  if (responses.length === 0) return { blends: [], kappa, corrections: [], use: NO_LEARNING };
  const corrections: Correction[] = [
    {
      key: 'kappa',
      value: kappa.value,
      sd: kappa.sd,
      ...leftOut(responses, BODY_PROPERTIES, byKappaAlone(NO_LEARNING.kappa), (others) =>
        byKappaAlone(
          fitKappa(
            others.map(({ blend }) => blend),
            true,
          ).value,
        ),
      ),
      used: true,
    },
  ];
  const plain: LearningUse = { kappa: kappa.value, kappa_se: kappa.sd, bias: {} };
  for (const property of BIASED) {
    const found = learnBias(responses, property, kappa, plain);
    if (found !== undefined) corrections.push(found);
  }
  const shared = sharedPairs(responses);
  for (const pair of shared) {
    const found = learnPair(responses, pair, kappa, plain, shared.length);
    if (found !== undefined) corrections.push(found);
  }
  const use = usedOf(corrections, plain);
  return { blends: responses.map((one) => compared(one, use)), kappa, corrections, use };
}

function usedOf(corrections: readonly Correction[], plain: LearningUse): LearningUse {
  const used = corrections.filter((one) => one.used);
  const bias = Object.fromEntries(
    used.flatMap(({ key, value }) => (BIASED.includes(key as Biased) ? [[key, value] as const] : [])),
  );
  const pairs = used.flatMap(({ pair, value, sd }): PairShrink[] =>
    pair === undefined ? [] : [{ ...pair, kappa: value, kappa_se: sd }],
  );
  return { ...plain, bias, ...(pairs.length === 0 ? {} : { pairs }) };
}

function compared(response: Response, use: LearningUse): LearnedBlend {
  const [plain, corrected] = [predictsBy(NO_LEARNING), predictsBy(use)];
  const properties = response.properties.map((property, at): LearnedProperty => ({
    property,
    measured: response.blend.measured[property]?.value ?? Number.NaN,
    se: seOf(response, property, at, use.kappa),
    predicted: plain(response, property, at),
    corrected: corrected(response, property, at),
  }));
  return { name: response.blend.name, properties };
}
