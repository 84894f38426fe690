import { invariant } from '../errors';
import type { Drawdown, MediaClass, Typical } from './mediaClass';

/** How large its grains are, by things that everybody knows. */
export const LIKE_SIZES = ['dust', 'sand', 'rice', 'pea', 'nut'] as const;
export type LikeSize = (typeof LIKE_SIZES)[number];
/** How heavy it lies, dry. */
export const LIKE_WEIGHTS = ['feather', 'light', 'soil', 'stone'] as const;
export type LikeWeight = (typeof LIKE_WEIGHTS)[number];
/** How much water it keeps once it stops dripping. */
export const LIKE_WATERS = ['little', 'some', 'much'] as const;
export type LikeWater = (typeof LIKE_WATERS)[number];

/** What somebody says of stuff that nobody can name. */
export interface Likeness {
  readonly size: LikeSize;
  readonly weight: LikeWeight;
  readonly water: LikeWater;
}

interface Band {
  readonly from: number;
  readonly below: number;
}

/** Middle grain, mm. */
export const LIKE_MM: Readonly<Record<LikeSize, Band>> = Object.freeze({
  dust: { from: 0, below: 0.5 },
  sand: { from: 0.5, below: 1.5 },
  rice: { from: 1.5, below: 4 },
  pea: { from: 4, below: 8 },
  nut: { from: 8, below: 25 },
});
/** Dry bulk density, g/mL. */
const LIKE_GCC: Readonly<Record<LikeWeight, Band>> = Object.freeze({
  feather: { from: 0, below: 0.12 },
  light: { from: 0.12, below: 0.4 },
  soil: { from: 0.4, below: 1 },
  stone: { from: 1, below: 2.2 },
});
/** Water in a vessel 10 cm deep. */
const LIKE_HELD: Readonly<Record<LikeWater, Band>> = Object.freeze({
  little: { from: 0, below: 0.35 },
  some: { from: 0.35, below: 0.6 },
  much: { from: 0.6, below: 1 },
});

const PREFIX = 'like:';

/** A likeness as it is kept where a class would stand. */
export const likenessId = ({ size, weight, water }: Likeness): string => `${PREFIX}${size}.${weight}.${water}`;

/** Whether what stands where a class would is only a likeness. */
export const isLikeness = (classId: string | undefined): boolean => classId?.startsWith(PREFIX) ?? false;

/** The likeness that an id stands for, or undefined. */
export function likenessOf(classId: string): Likeness | undefined {
  if (!isLikeness(classId)) return undefined;
  const [size, weight, water] = classId.slice(PREFIX.length).split('.');
  const found = {
    size: LIKE_SIZES.find((one) => one === size),
    weight: LIKE_WEIGHTS.find((one) => one === weight),
    water: LIKE_WATERS.find((one) => one === water),
  };
  return found.size === undefined || found.weight === undefined || found.water === undefined
    ? undefined
    : { size: found.size, weight: found.weight, water: found.water };
}

const isIn = ({ from, below }: Band, value: number): boolean => value >= from && value < below;

/** Classes that are like it: in all three, else in weight and water, else in water alone. */
function alike(classes: readonly MediaClass[], { size, weight, water }: Likeness): readonly MediaClass[] {
  const holds = (one: MediaClass): boolean => isIn(LIKE_HELD[water], one.inVessel10cm.water.typical);
  const weighs = (one: MediaClass): boolean => isIn(LIKE_GCC[weight], one.dryBulkDensity_gcc.typical);
  const grain = (one: MediaClass): boolean => isIn(LIKE_MM[size], one.d50_mm.typical);
  const tries = [
    (one: MediaClass) => holds(one) && weighs(one) && grain(one),
    (one: MediaClass) => holds(one) && weighs(one),
    holds,
  ];
  const found = tries.map((matches) => classes.filter(matches)).find((some) => some.length > 0);
  invariant(found !== undefined, `no class holds ${water} water`);
  return found;
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

/** As wide as all of them together, or as the band that was named where that is wider. */
function pooled(all: readonly Typical[], band?: Band): Typical {
  const lo = Math.min(...all.map(({ range }) => range[0]));
  const hi = Math.max(...all.map(({ range }) => range[1]));
  const typical = mean(all.map((one) => one.typical));
  if (band === undefined) return { typical, range: [lo, hi] };
  const range = [Math.min(lo, band.from), Math.max(hi, band.below)] as const;
  return { typical: isIn(band, typical) ? typical : (band.from + band.below) / 2, range };
}

/** Spread between the classes and within the widest of them, in squares. */
function spreadOf(values: readonly number[], within: readonly number[], least: number): number {
  const middle = mean(values);
  const between = mean(values.map((value) => (value - middle) ** 2));
  return Math.max(least, Math.sqrt(between + Math.max(...within) ** 2));
}

/** Never surer of a shape than this: what nobody can name may be anything of its kind. */
const LEAST_SPREAD = Object.freeze({ thetaR_sd: 0.06, thetaS_sd: 0.05, lnAlpha_sd: 0.7, lnNMinus1_sd: 0.4 });

const SIZE_WORDS: Readonly<Record<LikeSize, string>> = {
  dust: 'dust',
  sand: 'sand',
  rice: 'grains of rice',
  pea: 'peas',
  nut: 'nuts',
};
const WEIGHT_WORDS: Readonly<Record<LikeWeight, string>> = {
  feather: 'as light as a feather',
  light: 'light',
  soil: 'as heavy as soil',
  stone: 'as heavy as stone',
};

/** Like what it is, as it stands where a class would: "not named: like peas, light, holds some water". */
export const likenessWords = ({ size, weight, water }: Likeness): string =>
  `not named: like ${SIZE_WORDS[size]}, ${WEIGHT_WORDS[weight]}, holds ${water} water`;

const DRAWDOWN_ORDER: readonly Drawdown[] = [
  'none',
  'none-when-mature',
  'none-to-slight',
  'slight',
  'slight-to-moderate',
  'moderate',
  'strong',
  'very-strong',
];

/**
 * What stands for a class where only a likeness is known: all classes that are like it in one, as wide as all of them.
 *
 * Curves are averaged (alpha and n - 1 by their logarithms); shapes spread as between and within the classes, and never
 * less than `LEAST_SPREAD`. Nitrogen drawdown is the strongest among them, for its absence is not known.
 */
export function likeClass(likeness: Likeness, classes: readonly MediaClass[]): MediaClass {
  const like = alike(classes, likeness);
  const all = (pick: (one: MediaClass) => Typical, band?: Band): Typical => pooled(like.map(pick), band);
  const curves = like.map(({ retention }) => retention);
  const spreads = like.map(({ retentionSpread }) => retentionSpread);
  const lnAlpha = curves.map(({ alpha_percm }) => Math.log(alpha_percm));
  const lnN = curves.map(({ n }) => Math.log(n - 1));
  const thetaR = curves.map((curve) => curve.thetaR);
  const thetaS = curves.map((curve) => curve.thetaS);
  return {
    id: likenessId(likeness),
    label: likenessWords(likeness),
    family: 'not named',
    dryBulkDensity_gcc: all((one) => one.dryBulkDensity_gcc, LIKE_GCC[likeness.weight]),
    particleDensityApparentBounds_gcc: [
      Math.min(...like.map((one) => one.particleDensityApparentBounds_gcc[0])),
      Math.max(...like.map((one) => one.particleDensityApparentBounds_gcc[1])),
    ],
    totalPorosity: all((one) => one.totalPorosity),
    retention: {
      thetaR: mean(thetaR),
      thetaS: mean(thetaS),
      alpha_percm: Math.exp(mean(lnAlpha)),
      n: 1 + Math.exp(mean(lnN)),
    },
    retentionSpread: {
      thetaR_sd: spreadOf(
        thetaR,
        spreads.map((one) => one.thetaR_sd),
        LEAST_SPREAD.thetaR_sd,
      ),
      thetaS_sd: spreadOf(
        thetaS,
        spreads.map((one) => one.thetaS_sd),
        LEAST_SPREAD.thetaS_sd,
      ),
      lnAlpha_sd: spreadOf(
        lnAlpha,
        spreads.map((one) => one.lnAlpha_sd),
        LEAST_SPREAD.lnAlpha_sd,
      ),
      lnNMinus1_sd: spreadOf(
        lnN,
        spreads.map((one) => one.lnNMinus1_sd),
        LEAST_SPREAD.lnNMinus1_sd,
      ),
    },
    inVessel10cm: { water: all((one) => one.inVessel10cm.water), air: all((one) => one.inVessel10cm.air) },
    interparticleVoid: all((one) => one.interparticleVoid),
    d50_mm: all((one) => one.d50_mm, LIKE_MM[likeness.size]),
    spread: mean(like.map((one) => one.spread)),
    softness: mean(like.map((one) => one.softness)),
    pH_1to5_water: all((one) => one.pH_1to5_water),
    buffer_meqPerLpH: all((one) => one.buffer_meqPerLpH),
    ec_1to2_dSm: all((one) => one.ec_1to2_dSm),
    cec_meqPerL: all((one) => one.cec_meqPerL),
    wettability: 'not known',
    moistenFirst: like.some((one) => one.moistenFirst),
    fillsAllPores: like.every((one) => one.fillsAllPores),
    nitrogenDrawdown: like
      .map((one) => one.nitrogenDrawdown)
      .reduce((worst, one) => (DRAWDOWN_ORDER.indexOf(one) > DRAWDOWN_ORDER.indexOf(worst) ? one : worst)),
    decay_perYear: all((one) => one.decay_perYear),
    origin: 'unknown',
    renewable: 'unknown',
    hazards: ['what it is, is not known: damp it down, gloves, and nothing to eat from it until it is named'],
    basis: `All classes that are like it: ${like.map(({ label }) => label).join('; ')}`,
  };
}
