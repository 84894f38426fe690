import { IsIn, IsInt, IsUUID, Max, Min } from 'class-validator';
import { SALE_KINDS } from './choices';
import { IsDay, IsReal, IsWords, Optional } from './decorators';

const MOST = 1e6;

function IsMoney(what: string): PropertyDecorator {
  return (target, key) => {
    IsReal(`${what} must be a number.`)(target, key);
    Min(0, { message: `${what} cannot be negative.` })(target, key);
    Max(MOST, { message: `${what} is too large; check it.` })(target, key);
  };
}

export type SaleKind = (typeof SALE_KINDS)[number];

/** On which terms a mix of one's own is sold: the next version of them. */
export class SellingTerms {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsReal('The volume of a pack must be a number.')
  @Min(0.1, { message: 'A pack holds at least 0.1 L.' })
  @Max(5000, { message: 'A pack of more than 5000 L; check it.' })
  pack_L!: number;

  /** Bag, label and what else goes with each. */
  @IsMoney('The packaging')
  packaging!: number;

  @IsReal('The minutes must be a number.')
  @Min(0, { message: 'Minutes cannot be negative.' })
  @Max(1440, { message: 'More than a day on one pack; check it.' })
  minutes!: number;

  @IsMoney('The hour')
  hourPrice!: number;

  @Optional()
  @IsMoney('The price to the trade')
  tradePrice?: number;

  @Optional()
  @IsMoney('The price to private buyers')
  privatePrice?: number;
}

/** Packs that were sold, of which batch. */
export class NewSale {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsDay('Give the day as 2026-11-24.')
  on!: string;

  @IsInt({ message: 'Give the packs as a whole number.' })
  @Min(1, { message: 'At least one pack.' })
  @Max(100_000, { message: 'More than 100 000 packs; check it.' })
  packs!: number;

  @IsIn(SALE_KINDS, { message: `Sold to one of ${SALE_KINDS.join(', ')}.` })
  kind!: SaleKind;

  /** For one pack. */
  @IsMoney('The price')
  price!: number;

  /** The batch that they were filled from, a lot of the shelf. */
  @Optional()
  @IsUUID('all', { message: 'Name the batch by its lot.' })
  lotId?: string;
}

/** Something that somebody did not like. */
export class NewComplaint {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsDay('Give the day as 2026-11-24.')
  on!: string;

  @IsWords(300, 'Say what was wrong, in 1 to 300 letters.')
  words!: string;

  @Optional()
  @IsUUID('all', { message: 'Name the batch by its lot.' })
  lotId?: string;
}

export interface SellingPage {
  readonly currency: string;
  readonly terms?: Omit<SellingTerms, 'id'> & { readonly by: string; readonly keptAt: string };
  /** What a litre of the newest version costs, where all its parts have a price. */
  readonly costPerL?: number;
  /** Batches of it on the shelf, the newest first. */
  readonly batches: readonly {
    readonly lotId: string;
    readonly code: string;
    readonly n: number;
    readonly sold: number;
    readonly air?: number;
    readonly water?: number;
    readonly pH?: number;
    readonly height_cm?: number;
    readonly madeOn?: string;
  }[];
  readonly sales: readonly (Omit<NewSale, 'lotId'> & { readonly by: string; readonly code?: string })[];
  readonly complaints: readonly (Omit<NewComplaint, 'lotId'> & { readonly by: string; readonly code?: string })[];
}
