import { PACK_FORMS, PRICE_KINDS, type MeasuredProduct, type PricedPack } from '@bent-pail/core';
import { IsIn, IsUUID, Max, Min } from 'class-validator';
import { IsDay, IsReal, IsWords, Optional } from './decorators';

/** Kinds of price that somebody notes; what is made is worked out. */
export const NOTED_KINDS = PRICE_KINDS.filter((kind) => kind !== 'made');

const MOST = 1e6;

function IsAmount(what: string, least = 0): PropertyDecorator {
  return (target, key) => {
    IsReal(`${what} must be a number.`)(target, key);
    Min(least, { message: `${what} must be ${String(least)} or more.` })(target, key);
    Max(MOST, { message: `${what} is too large; check it.` })(target, key);
  };
}

/** A price of a product as it was seen on a day; a later one never changes an earlier. */
export class NewPrice {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsUUID('all', { message: 'Say which lot it is the price of.' })
  lotId!: string;

  @IsIn(NOTED_KINDS, { message: `A price is one of ${NOTED_KINDS.join(', ')}.` })
  kind!: Exclude<(typeof PRICE_KINDS)[number], 'made'>;

  @IsAmount('The price')
  price!: number;

  @IsDay('Give the day as 2026-11-24.')
  on!: string;

  @IsIn(PACK_FORMS, { message: `A pack is one of ${PACK_FORMS.join(', ')}.` })
  form!: (typeof PACK_FORMS)[number];

  /** As printed; what the compressed pack or the block measures. */
  @Optional()
  @IsAmount('The volume of a pack', 0.01)
  pack_L?: number;

  /** Loose litres out of a litre compressed or of block, as somebody says. */
  @Optional()
  @IsAmount('The factor', 0.1)
  factor?: number;

  @Optional()
  @IsAmount('The weight of a pack', 0.001)
  pack_kg?: number;

  @Optional()
  @IsAmount('The delivery')
  delivery?: number;

  @Optional()
  @IsAmount('The minutes of work')
  minutes?: number;

  /** Where it was seen, and who says so. */
  @Optional()
  @IsWords(120, 'Say where in 1 to 120 letters.')
  place?: string;
}

/** A price that was noted. */
export interface PriceNote extends Omit<NewPrice, 'id'> {
  readonly id: string;
  readonly by: string;
  readonly keptAt: string;
}

/** A pack on the board, ready to be worked out; its name tells it apart. */
export interface BoardPack extends PricedPack {
  /** Absent for what is made. */
  readonly lotId?: string;
  readonly blendId?: string;
  readonly on?: string;
  readonly place?: string;
  /** How many prices of it were noted. */
  readonly noted: number;
}

/** What stands on the price board: products with a price, and what is made oneself. */
export interface PriceBoardPage {
  /** Products that were measured, for finding those that nobody can tell apart. */
  readonly measured: readonly MeasuredProduct[];
  readonly currency: string;
  readonly packs: readonly BoardPack[];
}
