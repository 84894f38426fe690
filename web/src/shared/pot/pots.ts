import type { Container } from '@bent-pail/core';

/** A pot that figures are stated for: its name and inner shape. */
export interface Pot {
  readonly name: string;
  readonly shape: Container;
}

/** Pots to begin with; any other is typed in. */
export const POTS: readonly Pot[] = [
  { name: 'Plug cell 4 cm', shape: { height_cm: 4, topDiameter_cm: 3.8, baseDiameter_cm: 2.2 } },
  { name: 'Pot 9 cm', shape: { height_cm: 8.5, topDiameter_cm: 8.6, baseDiameter_cm: 6.4 } },
  { name: 'Pot 15 cm', shape: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 } },
  { name: 'Tub 25 cm, 28 over 22', shape: { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 } },
  { name: 'Trough 18 cm, straight', shape: { height_cm: 18 } },
];

/** The tub that the demo's camellias grow in. */
export const FIRST_POT = POTS[3] as Pot;

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
export function onMat({ name, shape }: Pot, baseSuction_cm: number): Pot {
  const { baseSuction_cm: _before, ...free } = shape;
  const freeName = name.replace(/, on a mat.*/, '');
  return baseSuction_cm === 0
    ? { name: freeName, shape: free }
    : { name: `${freeName}, on a mat at ${String(baseSuction_cm)} cm`, shape: { ...free, baseSuction_cm } };
}

/** Reads a pot from an address; undefined where the text is none. */
export function potOf(text: string): Pot | undefined {
  const [sizes = '', mat] = text.split(MAT);
  const pot = freePotOf(sizes);
  if (pot === undefined || mat === undefined) return pot;
  const suction = Number(mat);
  return suction > 0 && suction <= 100 ? onMat(pot, suction) : undefined;
}

function freePotOf(text: string): Pot | undefined {
  const known = POTS.find((pot) => potText(pot.shape) === text);
  if (known !== undefined) return known;
  const numbers = text.split('-').map(Number);
  const [height_cm, topDiameter_cm, baseDiameter_cm] = numbers;
  if (height_cm === undefined || numbers.some((value) => !(value > 0 && value <= 200))) return undefined;
  if (topDiameter_cm === undefined || baseDiameter_cm === undefined) {
    return numbers.length === 1 ? { name: `Pot ${String(height_cm)} cm, straight`, shape: { height_cm } } : undefined;
  }
  const name = `Pot ${String(height_cm)} cm, ${String(topDiameter_cm)} over ${String(baseDiameter_cm)}`;
  return { name, shape: { height_cm, topDiameter_cm, baseDiameter_cm } };
}
