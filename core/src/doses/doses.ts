import { dosedClassById, findDosedClass, GROWTH_STAGES, type DosedClass, type PercentRange } from '../classes';
import { requireNotNegative, type Check } from '../errors';
import { choice, defineMethod, list, maybe, number, object, text, type InputOf } from '../method';

const STUFF = object({
  name: text(),
  gPerL: number('per litre made'),
  gPerL_se: maybe(number('where it was taken by the handful and not weighed')),
  n_percent: maybe(number('nitrogen as its own label says, by weight; else its class has it')),
  classId: maybe(text('a class of what is dosed; without one it moves neither pH nor salt')),
});
export type DosedStuff = InputOf<typeof STUFF>;

const INPUT = object({
  stuffs: list(STUFF),
  stage: choice(GROWTH_STAGES),
});
export type DosesInput = InputOf<typeof INPUT>;

export interface DosesResult {
  /** Acid that it neutralises, per litre made; negative makes sour. With one standard error. */
  readonly lime_meqPerL: number;
  readonly lime_meqPerL_se: number;
  /** By how much it raises the EC of the blend made, 1:2 at 25 °C. */
  readonly salt_dSm: number;
  readonly salt_dSm_se: number;
  /** All that it holds, mg per litre made: the middle of its classes' ranges. Organic stuffs free it over months. */
  readonly nitrogen_mgL: number;
  readonly phosphorus_mgL: number;
  readonly potassium_mgL: number;
  readonly checks: readonly Check[];
}

/** A class stands for stuffs that differ: one standard error of what a gram does, as a part of it. */
export const DOSE_SPREAD = 0.3;
/** A percent by weight is 10 mg in a gram. */
const MG_PER_PERCENT = 10;

const middle = ([lo, hi]: PercentRange): number => (lo + hi) / 2;

const STAGE_IN_WORDS = { seed: 'seedlings', young: 'young plants', established: 'established plants' } as const;

function overdose({ name, gPerL }: DosedStuff, { most_gPerL }: DosedClass, stage: DosesInput['stage']): Check[] {
  const most = most_gPerL[stage];
  if (gPerL <= most) return [];
  const whom = STAGE_IN_WORDS[stage];
  const message =
    most === 0
      ? `${name} is not for ${whom}.`
      : `${String(gPerL)} g/L of ${name} is more than the ${String(most)} g/L that ${whom} bear.`;
  return [{ code: 'overdose', severity: 'caution', message }];
}

/**
 * What is mixed in by weight does to a litre made: acid neutralised, salt, food.
 *
 * Each is sum g/L × what a gram of its class does; errors add in squares, `DOSE_SPREAD` of each part with that of a dose
 * that was not weighed. Grams, meq, dS/m and mg per litre made. What has no class counts for nothing. A check names each
 * dose over what its class allows at the growth stage. Throws for a negative dose, an unknown class.
 * Source: mass balance; what classes hold and allow is our own guidance.
 * Example: 2 g/L of wood ash of 9 meq/g: 18 meq/L.
 */
export function doses({ stuffs, stage }: DosesInput): DosesResult {
  let lime = 0;
  let limeVariance = 0;
  let salt = 0;
  let saltVariance = 0;
  let nitrogen = 0;
  let phosphorus = 0;
  let potassium = 0;
  const checks: Check[] = [];
  stuffs.forEach((stuff, i) => {
    const { gPerL, gPerL_se = 0, classId, n_percent } = stuff;
    requireNotNegative(`stuffs[${String(i)}].gPerL`, gPerL, 'g/L');
    requireNotNegative(`stuffs[${String(i)}].gPerL_se`, gPerL_se, 'g/L');
    if (classId === undefined) return;
    const found = dosedClassById(classId, `stuffs[${String(i)}].classId`);
    const share = Math.hypot(DOSE_SPREAD, gPerL === 0 ? 0 : gPerL_se / gPerL);
    lime += gPerL * found.lime_meqPerG;
    limeVariance += (gPerL * found.lime_meqPerG * share) ** 2;
    salt += gPerL * found.salt_dSmPerGPerL;
    saltVariance += (gPerL * found.salt_dSmPerGPerL * share) ** 2;
    nitrogen += gPerL * MG_PER_PERCENT * (n_percent ?? middle(found.n_percent));
    phosphorus += gPerL * MG_PER_PERCENT * middle(found.p_percent);
    potassium += gPerL * MG_PER_PERCENT * middle(found.k_percent);
    checks.push(...overdose(stuff, found, stage));
  });
  return {
    lime_meqPerL: lime,
    lime_meqPerL_se: Math.sqrt(limeVariance),
    salt_dSm: salt,
    salt_dSm_se: Math.sqrt(saltVariance),
    nitrogen_mgL: nitrogen,
    phosphorus_mgL: phosphorus,
    potassium_mgL: potassium,
    checks,
  };
}

export const dosesMethod = defineMethod({
  name: 'doses',
  version: 1,
  source: 'Mass balance; what classes hold and allow is our own guidance.',
  schema: INPUT,
  calculate: doses,
  outputs: {
    salt_dSm: {
      of: 'salt_dSm',
      sentence: 'By how much what is mixed in by weight raises the EC of the blend.',
      formula: 'sum of dose × salt of a gram of its class',
    },
    lime_meqPerL: {
      of: 'lime_meqPerL',
      sentence: 'Acid that what is mixed in by weight neutralises; negative makes sour.',
      formula: 'sum of dose × acid that a gram of its class neutralises',
    },
    nitrogen_mgL: {
      of: 'nitrogen_mgL',
      sentence: 'All the nitrogen that is mixed in by weight; organic stuffs free it over months.',
      formula: 'sum of dose × nitrogen of its class',
    },
  },
  golden: {
    input: {
      stuffs: [
        { name: 'Bone meal', gPerL: 2, classId: 'bone-meal' },
        { name: 'Wood ash', gPerL: 1, gPerL_se: 0.4, classId: 'wood-ash' },
      ],
      stage: 'established',
    },
    gives: {
      lime_meqPerL: 15,
      lime_meqPerL_se: 4.84664832642,
      salt_dSm: 0.24,
      nitrogen_mgL: 60,
      phosphorus_mgL: 202.5,
      potassium_mgL: 50,
    },
  },
});

/** The dose that handfuls make, and its error: that of the hand that nobody weighed, a quarter of its width. */
export function handfulDose(
  classId: string,
  handfulsPerL: number,
  weighed_g?: number,
): { readonly gPerL: number; readonly gPerL_se?: number } | undefined {
  if (weighed_g !== undefined) return { gPerL: handfulsPerL * weighed_g };
  const found = findDosedClass(classId);
  if (found === undefined) return undefined;
  const [small, large] = found.handful_g;
  return { gPerL: (handfulsPerL * (small + large)) / 2, gPerL_se: (handfulsPerL * (large - small)) / 4 };
}
