import { refuse, requireNotNegative, requirePositive, type Check } from '../errors';
import { defineMethod, list, number, object, type InputOf } from '../method';

const SIEVE_MASS = object({ opening_mm: number('opening; 0 is the pan'), retained_g: number() });
export type SieveMass = InputOf<typeof SIEVE_MASS>;

const INPUT = object({ sample_g: number(), sieves: list(SIEVE_MASS, 'in any order') });
export type SieveInput = InputOf<typeof INPUT>;

export interface SieveResult {
  readonly d16_mm?: number;
  readonly d50_mm?: number;
  readonly d84_mm?: number;
  /** sqrt(d84/d16). */
  readonly spread?: number;
  /** Share under 0.5 mm of what was recovered. */
  readonly fines?: number;
  /** Share of the sample that was not recovered; negative where more was. */
  readonly loss: number;
  /** From the coarsest sieve to the finest. */
  readonly passing: readonly { readonly opening_mm: number; readonly fraction: number }[];
  readonly checks: readonly Check[];
}

export const SIEVE_LIMITS = Object.freeze({ fines_mm: 0.5, lossCaution: 0.02, lossFault: 0.05 });

type Passing = SieveResult['passing'];

/** Size at which a share passes, on log size between sieves; undefined outside the stack. */
function sizeAt(passing: Passing, share: number): number | undefined {
  for (let i = 0; i < passing.length; i += 1) {
    const here = passing[i] as Passing[number];
    if (here.fraction === share) return here.opening_mm;
    const finer = passing[i + 1];
    if (finer === undefined || !(here.fraction > share && finer.fraction < share)) continue;
    const part = (share - finer.fraction) / (here.fraction - finer.fraction);
    return finer.opening_mm * (here.opening_mm / finer.opening_mm) ** part;
  }
  return undefined;
}

/** Share that passes a size, on log size between sieves; undefined outside the stack. */
function shareAt(passing: Passing, size_mm: number): number | undefined {
  for (let i = 0; i < passing.length; i += 1) {
    const here = passing[i] as Passing[number];
    if (here.opening_mm === size_mm) return here.fraction;
    const finer = passing[i + 1];
    if (finer === undefined || !(here.opening_mm > size_mm && finer.opening_mm < size_mm)) continue;
    const part = Math.log(size_mm / finer.opening_mm) / Math.log(here.opening_mm / finer.opening_mm);
    return finer.fraction + part * (here.fraction - finer.fraction);
  }
  return undefined;
}

function lossCheck(loss: number): Check[] {
  const off = Math.abs(loss);
  if (off <= SIEVE_LIMITS.lossCaution) return [];
  const what = loss > 0 ? 'was lost on the way' : 'came out than went in';
  const message = `${(100 * off).toFixed(1)} % ${loss > 0 ? '' : 'more '}${what}; 2 % is allowed. Brush the sieves out and weigh again.`;
  return [{ code: 'sieve-loss', severity: off > SIEVE_LIMITS.lossFault ? 'fault' : 'caution', message }];
}

/**
 * Particle sizes from a stack of sieves: percentiles, spread, fines, loss.
 *
 * Passing a sieve = mass on all finer ones and the pan, over what was recovered. d16, d50, d84 by linear interpolation
 * of passing against log size between neighbouring sieves; a percentile outside the stack is absent, never
 * extrapolated, with a note. spread = sqrt(d84/d16). fines = passing 0.5 mm. loss = 1 - recovered/sample: over 2 % a
 * caution, over 5 % a fault. Masses in g, openings in mm; the order of the sieves does not matter.
 * Throws for fewer than two sieves, two of one opening, negative masses, or nothing recovered.
 * Example: 50 g on 2 mm, 50 g in the pan under 1 mm with nothing on 1 mm: half passes both, d50 = 2 mm.
 */
export function sieve(input: SieveInput): SieveResult {
  requirePositive('sample_g', input.sample_g, 'g');
  const openings = new Set<number>();
  input.sieves.forEach(({ opening_mm, retained_g }, i) => {
    const at = `sieves[${String(i)}]`;
    requireNotNegative(`${at}.opening_mm`, opening_mm, 'mm');
    requireNotNegative(`${at}.retained_g`, retained_g, 'g');
    if (openings.has(opening_mm)) refuse(`${at}.opening_mm`, `${String(opening_mm)} mm stands twice in the stack`);
    openings.add(opening_mm);
  });
  const stack = [...input.sieves].sort((a, b) => b.opening_mm - a.opening_mm);
  const recovered_g = stack.reduce((sum, one) => sum + one.retained_g, 0);
  const meshes = stack.filter(({ opening_mm }) => opening_mm > 0);
  if (meshes.length < 2) refuse('sieves', 'at least two sieves above the pan are needed');
  if (recovered_g === 0) refuse('sieves', 'nothing was recovered on the sieves');
  let left = recovered_g;
  const passing = meshes.map(({ opening_mm, retained_g }) => {
    left -= retained_g;
    return { opening_mm, fraction: left / recovered_g };
  });
  const sizes = { d16_mm: sizeAt(passing, 0.16), d50_mm: sizeAt(passing, 0.5), d84_mm: sizeAt(passing, 0.84) };
  const fines = shareAt(passing, SIEVE_LIMITS.fines_mm);
  const known = Object.entries(sizes).filter(([, value]) => value !== undefined);
  const loss = 1 - recovered_g / input.sample_g;
  return {
    ...(Object.fromEntries(known) as Pick<SieveResult, 'd16_mm' | 'd50_mm' | 'd84_mm'>),
    ...(sizes.d16_mm === undefined || sizes.d84_mm === undefined
      ? {}
      : { spread: Math.sqrt(sizes.d84_mm / sizes.d16_mm) }),
    ...(fines === undefined ? {} : { fines }),
    loss,
    passing,
    checks: [...lossCheck(loss), ...outside(sizes, passing), ...(fines === undefined ? [noFines()] : [])],
  };
}

function noFines(): Check {
  return { code: 'fines-outside', severity: 'note', message: 'No share of fines: 0.5 mm lies outside the stack.' };
}

/** One note for each percentile outside the stack: finer or coarser than it. */
function outside(sizes: Readonly<Record<string, number | undefined>>, passing: Passing): Check[] {
  const finest = passing.at(-1) as Passing[number];
  const coarsest = passing[0] as Passing[number];
  const shares: Readonly<Record<string, number>> = { d16_mm: 0.16, d50_mm: 0.5, d84_mm: 0.84 };
  return Object.entries(sizes).flatMap(([key, value]): Check[] => {
    if (value !== undefined) return [];
    const isFiner = (shares[key] as number) < finest.fraction;
    const where = isFiner ? `below ${String(finest.opening_mm)} mm` : `above ${String(coarsest.opening_mm)} mm`;
    return [
      {
        code: 'outside-stack',
        severity: 'note',
        message: `${key.replace('_mm', '')} is ${where}; another sieve would tell it.`,
      },
    ];
  });
}

export const sieveMethod = defineMethod({
  name: 'sieve',
  version: 1,
  source: 'Usual bench method; never read outside the stack.',
  schema: INPUT,
  calculate: sieve,
  outputs: {
    d50_mm: {
      of: 'd50_mm',
      property: 'd50_mm',
      sentence: 'Half of the recovered mass is finer than this.',
      formula: 'passing = 0.5, read on log size between two sieves',
    },
    spread: {
      of: 'spread',
      property: 'grainSpread',
      sentence: 'How uneven the sizes are: 1 would be all alike.',
      formula: '√(d84 / d16)',
    },
    fines: {
      of: 'fines',
      property: 'fines',
      sentence: 'Share of the recovered mass that passes half a millimetre.',
      formula: 'passing at 0.5 mm',
    },
  },
  golden: {
    input: {
      sample_g: 101,
      sieves: [
        { opening_mm: 4, retained_g: 10 },
        { opening_mm: 2, retained_g: 35 },
        { opening_mm: 1, retained_g: 30 },
        { opening_mm: 0.4, retained_g: 15 },
        { opening_mm: 0, retained_g: 10 },
      ],
    },
    gives: {
      d50_mm: 1.78179743628,
      spread: 2.4809009603,
      fines: 0.136529380395,
      d16_mm: 0.577079962363,
      d84_mm: 3.55185190258,
      loss: 0.00990099009901,
    },
  },
});
