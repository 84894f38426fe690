import {
  GATE_DECISIONS,
  GATE_MOISTURES,
  GATE_SMELLS,
  type GateDecision,
  type GateMoisture,
  type GateSmell,
  type MaterialSpread,
} from '@bent-pail/core';
import { IsIn, IsUUID, Max, Min } from 'class-validator';
import { SUPPLIER_KINDS } from './choices';
import { IsDay, IsReal, IsWords, Nested, Optional } from './decorators';
import { ListAsked } from './lists';

export type SupplierKind = (typeof SUPPLIER_KINDS)[number];

function IsCount(what: string, least: number, most: number): PropertyDecorator {
  return (target, key) => {
    IsReal(`${what} must be a number.`)(target, key);
    Min(least, { message: `${what} must be ${String(least)} or more.` })(target, key);
    Max(most, { message: `${what} is too large; check it.` })(target, key);
  };
}

/** Whoever something comes from: a trader, or somebody who gives what they have left. */
export class NewSupplier {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(80, 'Name the supplier in 1 to 80 letters.')
  name!: string;

  @IsIn(SUPPLIER_KINDS, { message: `A supplier is one of ${SUPPLIER_KINDS.join(', ')}.` })
  kind!: SupplierKind;

  /** What may be taken, by whose word. */
  @Optional()
  @IsWords(200, 'Say who allows it, in 1 to 200 letters.')
  permission?: string;

  @Optional()
  @IsDay('Give the day as 2026-11-24.')
  permissionUntil?: string;

  @Optional()
  @IsWords(200, 'Keep the note under 200 letters.')
  note?: string;
}

/** What was seen of a load before it was tipped. */
export class GateBody {
  @Optional()
  @IsCount('The weeds', 0, 1000)
  weeds?: number;

  @Optional()
  @IsCount('The foreign bits', 0, 1000)
  foreign?: number;

  @Optional()
  @IsCount('How much warmer it is', -40, 90)
  warmer_C?: number;

  @Optional()
  @IsIn(GATE_MOISTURES, { message: `It is one of ${GATE_MOISTURES.join(', ')}.` })
  moisture?: GateMoisture;

  @Optional()
  @IsIn(GATE_SMELLS, { message: `It smells ${GATE_SMELLS.join(', ')}.` })
  smell?: GateSmell;
}

/** Something that came, or did not: a lot of the shelf, or a product that was out of stock. */
export class NewDelivery {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsDay('Give the day as 2026-11-24.')
  on!: string;

  /** The lot that came; absent where nothing did. */
  @Optional()
  @IsUUID('all', { message: 'Name the lot by its id.' })
  lotId?: string;

  /** What was out of stock. */
  @Optional()
  @IsWords(120, 'Say what was out of stock, in 1 to 120 letters.')
  outOfStock?: string;

  @Optional()
  @Nested(() => GateBody, 'Say what was seen at the gate.')
  gate?: GateBody;

  @Optional()
  @IsIn(GATE_DECISIONS, { message: `A load is one of ${GATE_DECISIONS.join(', ')}.` })
  decision?: GateDecision;

  @Optional()
  @IsWords(200, 'Say more in 1 to 200 letters.')
  words?: string;
}

export class SuppliersAsked extends ListAsked {
  @Optional()
  @IsIn(SUPPLIER_KINDS, { message: `A supplier is one of ${SUPPLIER_KINDS.join(', ')}.` })
  kind?: SupplierKind;
}

export interface SupplierRow {
  readonly id: string;
  readonly name: string;
  readonly kind: SupplierKind;
  readonly permission?: string;
  readonly permissionUntil?: string;
  readonly note?: string;
  /** Loads that came, and of these what was sorted and what was sent back. */
  readonly came: number;
  readonly sorted: number;
  readonly sentBack: number;
  readonly outOfStock: number;
  readonly lastOn?: string;
}

export interface DeliveryLine {
  readonly id: string;
  readonly on: string;
  readonly lot?: { readonly id: string; readonly name: string; readonly code: string; readonly pricePerL?: number };
  readonly outOfStock?: string;
  readonly gate?: GateBody;
  readonly decision?: GateDecision;
  readonly words?: string;
  readonly by: string;
}

export interface SupplierPage extends SupplierRow {
  /** Newest first. */
  readonly deliveries: readonly DeliveryLine[];
  /** How even what comes is: by product, where two or more of its loads were measured alike. */
  readonly even: readonly { readonly name: string; readonly spreads: readonly MaterialSpread[] }[];
  readonly currency: string;
}
