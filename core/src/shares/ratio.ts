import { refuse, requireNotNegative, requirePositive } from '../errors';
import { defineMethod, list, maybe, number, object, type InputOf } from '../method';

const INPUT = object({
  add: list(number()),
  take: maybe(list(number(), 'a tare or a blank')),
  per: maybe(list(number())),
  perTake: maybe(list(number())),
});
export type RatioInput = InputOf<typeof INPUT>;

const sum = (values: readonly number[] | undefined): number => (values ?? []).reduce((all, one) => all + one, 0);

/**
 * A part over a whole: (sum of add - sum of take) / (sum of per - sum of perTake).
 *
 * All readings of one kind in one unit, not negative; `take` is a tare or a blank. The result has the units of the part
 * over those of the whole; without `per` it is the part itself, a difference. Throws where the part would be negative (path `take`) or the whole is not above 0 (path `per`).
 * Example: 12 and 8 less a blank of 2, over 4: 4.5.
 */
export function ratio({ add, take, per, perTake }: RatioInput): { readonly ratio: number } {
  for (const [name, values] of Object.entries({ add, take: take ?? [], per: per ?? [], perTake: perTake ?? [] })) {
    values.forEach((value, i) => {
      requireNotNegative(`${name}[${String(i)}]`, value, '');
    });
  }
  const part = sum(add) - sum(take);
  if (part < 0) refuse('take', `${String(sum(take))} is taken off ${String(sum(add))}; it cannot be more`);
  return { ratio: per === undefined ? part : part / requirePositive('per', sum(per) - sum(perTake), '') };
}

export const ratioMethod = defineMethod({
  name: 'ratio',
  version: 1,
  source: 'Readings of the sheet, as named below.',
  schema: INPUT,
  calculate: ratio,
  outputs: {
    share: {
      of: 'ratio',
      sentence: 'The part that was found, over the whole that it was found in.',
      formula: '(sum of the parts − what is taken off) / whole',
    },
    difference: {
      of: 'ratio',
      sentence: 'What was read, less what is taken off.',
      formula: 'reading − what is taken off',
    },
  },
  golden: {
    input: { add: [12, 8], take: [2], per: [4] },
    gives: {
      ratio: 4.5,
    },
  },
});
