/** A JSON Schema, as published by `--schema` and as used to check input. */
export type JsonSchema = Readonly<Record<string, unknown>>;

export const number: JsonSchema = { type: 'number' };
export const text: JsonSchema = { type: 'string', minLength: 1 };

/** A closed object: fields that are not named are refused by name. */
export function object(properties: Readonly<Record<string, JsonSchema>>, required: readonly string[]): JsonSchema {
  return { type: 'object', properties, required, additionalProperties: false };
}

export const list = (items: JsonSchema): JsonSchema => ({ type: 'array', items });

export const container = object({ height_cm: number, topDiameter_cm: number, baseDiameter_cm: number }, ['height_cm']);

export const retentionFields = { thetaR: number, thetaS: number, alpha_percm: number, n: number };
export const retention = object(retentionFields, Object.keys(retentionFields));

const side: JsonSchema = { type: ['number', 'null'] };
/** A window whose sides may be open. */
export const range: JsonSchema = { type: 'array', items: side, minItems: 2, maxItems: 2 };
