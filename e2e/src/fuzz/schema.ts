import fc from 'fast-check';
import type { Known } from './known';
import { oddLeaf, oddText } from './odd';

/** A part of the OpenAPI document, as far as bodies are made from it. */
export interface Schema {
  readonly $ref?: string;
  readonly type?: string | readonly string[];
  readonly enum?: readonly unknown[];
  readonly format?: string;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly items?: Schema;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly oneOf?: readonly Schema[];
  readonly anyOf?: readonly Schema[];
  readonly allOf?: readonly Schema[];
}

const DEEPEST = 6;
const FAR = 1e4;

/** Bodies that a schema takes, made of what the notebook is known to hold. */
export class Bodies {
  constructor(
    private readonly schemas: Readonly<Record<string, Schema>>,
    private readonly known: Known,
  ) {}

  of(schema: Schema, field = '', depth = 0): fc.Arbitrary<unknown> {
    if (depth > DEEPEST) return oddLeaf;
    const whole = this.whole(schema);
    const kinds = whole.oneOf ?? whole.anyOf;
    if (kinds !== undefined && whole.properties === undefined)
      return fc.oneof(...kinds.map((kind) => this.of(kind, field, depth + 1)));
    if (whole.enum !== undefined) return fc.constantFrom(...whole.enum);
    const type = typeof whole.type === 'string' ? whole.type : whole.type?.[0];
    if (type === 'object' || whole.properties !== undefined) return this.object(whole, depth);
    if (type === 'array') return this.array(whole, field, depth);
    if (type === 'boolean') return fc.boolean();
    const seen = this.known.of(field).filter((value) => typeof value === (type === 'string' ? 'string' : 'number'));
    const made = type === 'string' ? this.text(whole) : type === undefined ? oddLeaf : number(whole, type);
    return seen.length === 0 ? made : fc.oneof(made, { weight: 2, arbitrary: fc.constantFrom(...seen) });
  }

  private whole(schema: Schema): Schema {
    const { $ref, allOf } = schema;
    if ($ref !== undefined) return this.schemas[$ref.split('/').at(-1) ?? ''] ?? {};
    return allOf === undefined ? schema : allOf.reduce<Schema>((all, part) => ({ ...all, ...this.whole(part) }), {});
  }

  private object({ properties = {}, required = [] }: Schema, depth: number): fc.Arbitrary<unknown> {
    const fields = Object.entries(properties).map(([name, inner]) => [name, this.of(inner, name, depth + 1)] as const);
    return fc.record(Object.fromEntries(fields), { requiredKeys: required.filter((name) => name in properties) });
  }

  private array({ items = {}, minItems = 0, maxItems }: Schema, field: string, depth: number): fc.Arbitrary<unknown> {
    const maxLength = Math.max(minItems, Math.min(maxItems ?? 3, 3));
    return fc.array(this.of(items, field.replace(/s$/, ''), depth + 1), { minLength: minItems, maxLength });
  }

  private text({ format, minLength = 0, maxLength = 60 }: Schema): fc.Arbitrary<unknown> {
    if (format === 'uuid') return fc.oneof(fc.constantFrom(...this.known.ids), fc.uuid());
    if (format === 'date') return fc.date({ noInvalidDate: true, min: SPAN.from, max: SPAN.until }).map(dayOf);
    if (format === 'date-time')
      return fc.date({ noInvalidDate: true, min: SPAN.from, max: SPAN.until }).map((at) => at.toISOString());
    return fc.oneof(fc.string({ minLength, maxLength: Math.max(minLength, Math.min(maxLength, 60)) }), oddText);
  }
}

const SPAN = { from: new Date('2026-01-01'), until: new Date('2027-01-01') };
const dayOf = (at: Date): string => at.toISOString().slice(0, 10);

function number({ minimum = -FAR, maximum = FAR }: Schema, type: string): fc.Arbitrary<number> {
  const [min, max] = [Math.max(minimum, -FAR * FAR), Math.min(maximum, FAR * FAR)];
  if (min > max) return fc.constant(min);
  return type === 'integer'
    ? fc.integer({ min: Math.ceil(min), max: Math.floor(max) })
    : fc.double({ min, max, noNaN: true });
}
