import * as T from 'typebox';

/** A JSON Schema that the type of an input is read from, so that neither is written twice. */
export type Schema = T.TSchema;

type Immutable<V> = V extends object ? { readonly [K in keyof V]: Immutable<V[K]> } : V;

/** The type that a schema describes; nothing in it can be changed. */
export type InputOf<S extends Schema> = Immutable<T.Static<S>>;

const described = (description: string | undefined): T.TSchemaOptions =>
  description === undefined ? {} : { description };

export const number = (description?: string): T.TNumber => T.Number(described(description));

/** A word or name of at least one sign. */
export const text = (description?: string): T.TString => T.String({ minLength: 1, ...described(description) });

export const flag = (description?: string): T.TBoolean => T.Boolean(described(description));

/** A whole number within bounds. */
export const whole = (bounds: { readonly minimum?: number; readonly maximum?: number } = {}): T.TInteger =>
  T.Integer(bounds);

/** One of some words. */
export const choice = <const V extends string>(values: readonly V[]): T.TUnsafe<V> =>
  T.Unsafe<V>({ type: 'string', enum: [...values] });

/** A word that tells one form of an object from the others. */
export const fixed = <const V extends string>(value: V): T.TUnsafe<V> => T.Unsafe<V>({ const: value });

export const list = <S extends Schema>(items: S, description?: string): T.TArray<S> =>
  T.Array(items, described(description));

export const maybe = <S extends Schema>(schema: S): T.TOptional<S> => T.Optional(schema) as T.TOptional<S>;

/** A closed object: fields that are not named are refused by name. */
export const object = <P extends T.TProperties>(properties: P, description?: string): T.TObject<P> =>
  T.Object(properties, { additionalProperties: false, ...described(description) });

/** The same schema under each of some keys. */
export const fieldsOf = <K extends string, S extends Schema>(keys: readonly K[], each: S): Readonly<Record<K, S>> =>
  Object.fromEntries(keys.map((key) => [key, each])) as Record<K, S>;

/** Objects of several forms, told apart by one field, so that a mistake inside a form is reported as such. */
export function forms<const F extends readonly Schema[]>(by: string, of: F): T.TUnsafe<InputOf<F[number]>> {
  return T.Unsafe<InputOf<F[number]>>({
    type: 'object',
    required: [by],
    discriminator: { propertyName: by },
    oneOf: [...of],
  });
}

/** One of several shapes that nothing but their own fields tells apart. */
export const either = <const F extends readonly Schema[]>(...of: F): T.TUnsafe<InputOf<F[number]>> =>
  T.Unsafe<InputOf<F[number]>>({ anyOf: [...of] });

/** Two numbers in their order. */
export const pair = T.Unsafe<[number, number]>({
  type: 'array',
  items: { type: 'number' },
  minItems: 2,
  maxItems: 2,
});

/** A number, or null where it is missing in its place. */
export const numberOrNull = T.Unsafe<number | null>({ type: ['number', 'null'] });

/** An interval; an open side is null. */
export const range = T.Unsafe<[number | null, number | null]>({
  type: 'array',
  items: { type: ['number', 'null'] },
  minItems: 2,
  maxItems: 2,
});
