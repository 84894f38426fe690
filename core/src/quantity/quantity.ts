import { CoreError, refuse, requireNotNegative, requirePositive, type Check } from '../errors';
import { defineMethod, list, maybe, number, object, text, type InputOf } from '../method';

/** What is to be filled: pots of a volume, a bed, or a volume; one of the three. */
const WANTED = object({
  pots: maybe(number()),
  potVolume_L: maybe(number()),
  length_m: maybe(number()),
  width_m: maybe(number()),
  depth_cm: maybe(number()),
  volume_L: maybe(number()),
});
export type Wanted = InputOf<typeof WANTED>;

const LINE = object({
  name: text(),
  parts: number(),
  yield: maybe(number('usable loose volume to a litre of stock: under 1 for what is sieved, over 1 for what expands')),
  unit_L: maybe(number('volume of one bag, block or bale as bought')),
  pricePerUnit: maybe(number()),
});
export type QuantityLine = InputOf<typeof LINE>;

const INPUT = object({
  want: WANTED,
  settling: number('share lost after filling'),
  shrink: number('share lost on mixing'),
  lines: list(LINE),
});
export type QuantityInput = InputOf<typeof INPUT>;

export interface QuantityLineResult {
  readonly name: string;
  readonly loose_L: number;
  readonly take_L: number;
  readonly units?: number;
  readonly leftover_L?: number;
  readonly cost?: number;
}

export interface QuantityResult {
  readonly finished_L: number;
  readonly loose_L: number;
  readonly lines: readonly QuantityLineResult[];
  /** Price of what is used; of the lines that have a price. */
  readonly costUsed: number;
  /** Price of the whole units that have to be bought. */
  readonly costBought: number;
  readonly checks: readonly Check[];
}

/** A hair over a whole unit is that unit: 2.0000000001 bags are two. */
const ROUNDING = 1e-9;

const FORMS = [['pots', 'potVolume_L'], ['length_m', 'width_m', 'depth_cm'], ['volume_L']] as const;

/** The fields of the one form that is meant, each above zero. */
function settledVolume_L(want: Wanted): number {
  const begun = FORMS.filter((form) => form.some((field) => want[field] !== undefined));
  const [form] = begun;
  if (form === undefined)
    throw new CoreError('missing', 'want', 'give pots and potVolume_L, or length_m, width_m and depth_cm, or volume_L');
  if (begun.length > 1) refuse('want', 'give pots, or a bed, or a volume: one of them');
  const values = form.map((field) => {
    const value = want[field];
    if (value === undefined) throw new CoreError('missing', `want.${field}`, `${form.join(', ')} belong together`);
    return requirePositive(`want.${field}`, value, '');
  });
  if (want.pots !== undefined && !Number.isInteger(want.pots))
    refuse('want.pots', `${String(want.pots)} must be a whole number`);
  const product = values.reduce((a, b) => a * b, 1);
  // A square metre one centimetre deep is ten litres.
  return want.length_m === undefined ? product : product * LITRES_PER_M2_CM;
}

const LITRES_PER_M2_CM = 10;

function requireShare(path: string, share: number): void {
  if (!(share >= 0 && share < 1)) refuse(path, `${String(share)} must be 0 or more and under 1`);
}

/**
 * How much of what for so many pots, a bed or a volume.
 *
 * finished = settled volume wanted / (1 - settling); loose = finished / (1 - shrink); each line's loose share by parts,
 * over its yield = what to take from stock; whole units up, what is left over, what that costs. A bed is length x width
 * x depth. `costUsed` and `costBought` sum the lines that have a unit and a price; others are named in a check.
 * Throws for nothing wanted, shares outside 0..1, no parts, a yield of zero, a price without a unit.
 * Example: 100 pots of 2 L, settling 0.1, shrink 0.2: 222.2 L finished, 277.8 L loose.
 */
export function quantity(input: QuantityInput): QuantityResult {
  requireShare('settling', input.settling);
  requireShare('shrink', input.shrink);
  const finished_L = settledVolume_L(input.want) / (1 - input.settling);
  const loose_L = finished_L / (1 - input.shrink);
  const parts = input.lines.reduce(
    (sum, line, i) => sum + requireNotNegative(`lines[${String(i)}].parts`, line.parts, 'parts'),
    0,
  );
  if (!(parts > 0)) refuse('lines', 'no line has a part');
  const lines = input.lines.map((line, i) => lineOf(line, (loose_L * line.parts) / parts, `lines[${String(i)}]`));
  const priced = input.lines.map((line, i) => ({ line, result: lines[i] as QuantityLineResult }));
  const costUsed = priced.reduce(
    (sum, { line, result }) =>
      result.cost === undefined ? sum : sum + (result.take_L / (line.unit_L as number)) * (line.pricePerUnit as number),
    0,
  );
  const costBought = lines.reduce((sum, line) => sum + (line.cost ?? 0), 0);
  const unpriced = priced
    .filter(({ line, result }) => line.parts > 0 && result.cost === undefined)
    .map(({ line }) => line.name);
  const checks: Check[] =
    unpriced.length === 0
      ? []
      : [
          {
            code: 'no-price',
            severity: 'note',
            message: `Costs leave out what has no price here: ${unpriced.join(', ')}.`,
          },
        ];
  return { finished_L, loose_L, lines, costUsed, costBought, checks };
}

function lineOf(line: QuantityLine, loose_L: number, at: string): QuantityLineResult {
  const share = requirePositive(`${at}.yield`, line.yield ?? 1, '');
  const take_L = loose_L / share;
  const base = { name: line.name, loose_L, take_L };
  if (line.unit_L === undefined) {
    if (line.pricePerUnit !== undefined) refuse(`${at}.unit_L`, 'a price for a unit needs the unit’s volume');
    return base;
  }
  requirePositive(`${at}.unit_L`, line.unit_L, 'L');
  const units = Math.ceil(take_L / line.unit_L - ROUNDING);
  const whole = { ...base, units, leftover_L: Math.max(0, units * line.unit_L - take_L) };
  if (line.pricePerUnit === undefined) return whole;
  return { ...whole, cost: units * requireNotNegative(`${at}.pricePerUnit`, line.pricePerUnit, '') };
}

export const quantityMethod = defineMethod({
  name: 'quantity',
  version: 1,
  source: 'Volume balance.',
  schema: INPUT,
  calculate: quantity,
  outputs: {},
  golden: {
    input: {
      want: { pots: 100, potVolume_L: 2 },
      settling: 0.1,
      shrink: 0.2,
      lines: [
        { name: 'bark', parts: 3, unit_L: 70, pricePerUnit: 9 },
        { name: 'pumice', parts: 1, yield: 0.9, unit_L: 50, pricePerUnit: 14 },
      ],
    },
    gives: {
      finished_L: 222.222222222,
      loose_L: 277.777777778,
      costUsed: 48.3906525573,
      costBought: 55,
    },
  },
});
