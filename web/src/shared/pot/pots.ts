import { METRIC, shownDigits, shownSign, shownValue, type Container, type UnitChoice } from '@bent-pail/core';
import type { Recipe } from '@bent-pail/contract';
import { fixed } from '../../kit/format';
import { myUnits, told } from '../units/mine';

/** A pot that figures are stated for: its inner shape, and its name in the units of whoever reads it. */
export interface Pot {
  readonly name: string;
  readonly shape: Container;
}

/** How a size stands in a name, as a pot is sold: 9 cm, or 4 in. */
const wide = (cm: number, units: UnitChoice): string =>
  fixed(shownValue(cm, 'cm', units), shownDigits(Number.isInteger(cm) ? 0 : 1, 'cm', units));
const sold = (cm: number, units: UnitChoice): string => `${wide(cm, units)} ${shownSign('cm', units)}`;

function named(kind: string, { height_cm, topDiameter_cm, baseDiameter_cm }: Container, units: UnitChoice): string {
  return topDiameter_cm === undefined || baseDiameter_cm === undefined
    ? `${kind} ${sold(height_cm, units)}, straight`
    : `${kind} ${sold(height_cm, units)}, ${wide(topDiameter_cm, units)} over ${wide(baseDiameter_cm, units)}`;
}

/** The tub that the demo's camellias grow in. */
export const FIRST_SHAPE: Container = { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 };

/** Pots to begin with; any other is typed in. */
export const pots = (units = myUnits()): readonly Pot[] => [
  { name: `Plug cell ${sold(4, units)}`, shape: { height_cm: 4, topDiameter_cm: 3.8, baseDiameter_cm: 2.2 } },
  { name: `Pot ${sold(9, units)}`, shape: { height_cm: 8.5, topDiameter_cm: 8.6, baseDiameter_cm: 6.4 } },
  { name: `Pot ${sold(15, units)}`, shape: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 } },
  { name: named('Tub', FIRST_SHAPE, units), shape: FIRST_SHAPE },
  { name: named('Trough', { height_cm: 18 }, units), shape: { height_cm: 18 } },
];

/** Suction that a capillary mat usually hangs a pot at, cm. */
export const MAT_cm = 5;

const MAT = '~';

/** A pot as it stands in an address: `25`, or `25-28-22` for depth, top and base, `25~5` on a mat. */
export function potText({ height_cm, topDiameter_cm, baseDiameter_cm, baseSuction_cm = 0 }: Container): string {
  const sizes =
    topDiameter_cm === undefined || baseDiameter_cm === undefined
      ? String(height_cm)
      : [height_cm, topDiameter_cm, baseDiameter_cm].join('-');
  return baseSuction_cm === 0 ? sizes : `${sizes}${MAT}${String(baseSuction_cm)}`;
}

/** The same pot on a mat at this suction, or draining freely at 0. */
export function onMat({ name, shape }: Pot, baseSuction_cm: number, units = myUnits()): Pot {
  const { baseSuction_cm: _before, ...free } = shape;
  const freeName = name.replace(/, on a mat.*/, '');
  return baseSuction_cm === 0
    ? { name: freeName, shape: free }
    : { name: `${freeName}, on a mat at ${sold(baseSuction_cm, units)}`, shape: { ...free, baseSuction_cm } };
}

/** The pot of a shape. */
export const potFor = (shape: Container, units = myUnits()): Pot => ({
  name: potOf(potText(shape), units)?.name ?? named('Pot', shape, units),
  shape,
});

/** Its name as it is kept with a recipe, whatever the units of whoever keeps it. */
export const keptPotName = (shape: Container): string => potFor(shape, METRIC).name;

/** The pot of a recipe; a name of its own stays. */
export const potOfRecipe = ({ potName, pot }: Pick<Recipe, 'potName' | 'pot'>): Pot =>
  potName === keptPotName(pot) ? potFor(pot) : { name: told(potName), shape: pot };

/** A kept name as it is read here; one that is none of the known stays. */
export function potSaid(kept: string): string {
  const known = pots(METRIC).find(({ name }) => name === kept);
  return known === undefined ? kept : potFor(known.shape).name;
}

/** Reads a pot from an address; undefined where the text is none. */
export function potOf(text: string, units = myUnits()): Pot | undefined {
  const [sizes = '', mat] = text.split(MAT);
  const pot = freePotOf(sizes, units);
  if (pot === undefined || mat === undefined) return pot;
  const suction = Number(mat);
  return suction > 0 && suction <= 100 ? onMat(pot, suction, units) : undefined;
}

function freePotOf(text: string, units: UnitChoice): Pot | undefined {
  const known = pots(units).find((pot) => potText(pot.shape) === text);
  if (known !== undefined) return known;
  const numbers = text.split('-').map(Number);
  const [height_cm, topDiameter_cm, baseDiameter_cm] = numbers;
  if (height_cm === undefined || numbers.some((value) => !(value > 0 && value <= 200))) return undefined;
  if (topDiameter_cm === undefined || baseDiameter_cm === undefined) {
    return numbers.length === 1 ? { name: named('Pot', { height_cm }, units), shape: { height_cm } } : undefined;
  }
  const shape = { height_cm, topDiameter_cm, baseDiameter_cm };
  return { name: named('Pot', shape, units), shape };
}
