import { EQUIVALENTS } from '../chemistry';

/** A powder that goes in by weight. */
export interface Powder {
  readonly name: string;
  readonly g: number;
  /** It moves pH, and is to lie in the mix before it is judged. */
  readonly limes: boolean;
}

interface PowderInput {
  /** Lime to a litre made, as equivalents; negative is sulphur. */
  readonly lime_meqPerL: number;
  readonly additives: readonly { readonly name: string; readonly gPerL: number }[];
  readonly made_L: number;
}

/**
 * Grams of lime or sulphur and of other powders for so many litres made.
 *
 * g = |meq/L| × g per equivalent × litres / 1000, of pure ground limestone (CaCO3) or sulphur; others g/L × litres.
 * None where nothing is dosed. Source: equivalent weights, `EQUIVALENTS`.
 * Example: 10 meq/L of lime in 60 L: 10 × 50.04 × 60 / 1000 = 30.0 g.
 */
export function powdersFor({ lime_meqPerL, additives, made_L }: PowderInput): readonly Powder[] {
  const [name, gPerEq] =
    lime_meqPerL > 0
      ? (['ground limestone', EQUIVALENTS.caco3_gPerEq] as const)
      : (['sulphur', EQUIVALENTS.sulphur_gPerEq] as const);
  const dose = { name, g: (Math.abs(lime_meqPerL) * gPerEq * made_L) / 1000, limes: true };
  return [
    ...(lime_meqPerL === 0 ? [] : [dose]),
    ...additives.map(({ name: own, gPerL }) => ({ name: own, g: gPerL * made_L, limes: false })),
  ];
}
