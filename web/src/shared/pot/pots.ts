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

/** A pot as it stands in an address: `25`, or `25-28-22` for depth, top and base. */
export function potText({ height_cm, topDiameter_cm, baseDiameter_cm }: Container): string {
  return topDiameter_cm === undefined || baseDiameter_cm === undefined
    ? String(height_cm)
    : [height_cm, topDiameter_cm, baseDiameter_cm].join('-');
}

/** Reads a pot from an address; undefined where the text is none. */
export function potOf(text: string): Pot | undefined {
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
