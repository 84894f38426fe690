import { CoreError, methodCalled, METHODS, type CalcName, type CoreErrorCode } from '@bent-pail/core';
import { Ajv, type ErrorObject, type ValidateFunction } from 'ajv';
import { workRefusal } from './limits';
import { magnitudeRefusal, resultRefusal } from './magnitudes';
import type { CalcError } from './calcError';

export type CalcAnswer =
  | { readonly ok: true; readonly result: unknown; readonly method: string }
  | { readonly ok: false; readonly error: CalcError };

const ajv = new Ajv({ discriminator: true, allErrors: false, verbose: true, strictTypes: false });
const compiled = new Map<string, ValidateFunction>();

/** A JSON Schema, as published by `--schema` and as used to check input. */
export type JsonSchema = Readonly<Record<string, unknown>>;

/** The names that can be asked for. */
export const CALC_NAMES: readonly string[] = METHODS.map(({ name }) => name);

/** The published schema of a calculation's input; undefined for a name that there is not. */
export function calcSchema(name: string): JsonSchema | undefined {
  const method = methodCalled(name);
  if (method === undefined) return undefined;
  const $schema = 'http://json-schema.org/draft-07/schema#';
  return { $schema, title: `calc ${name}`, description: `method ${method.stamp}`, ...method.schema };
}

export function unknownName(name: string): CalcError {
  return {
    code: 'unknown',
    path: 'name',
    message: `unknown name: there is no calculation "${name}"; known are ${CALC_NAMES.join(', ')}`,
  };
}

/**
 * Checks an input's shape, runs the calculation and answers with its result or one sentence.
 * The same on the command line, over HTTP and in the tests; `shared` also refuses what would keep others waiting.
 */
export function runCalc(name: string, input: unknown, { shared = false } = {}): CalcAnswer {
  const method = methodCalled(name);
  if (method === undefined) return { ok: false, error: unknownName(name) };
  let validate = compiled.get(name);
  if (validate === undefined) {
    validate = ajv.compile(method.schema);
    compiled.set(name, validate);
  }
  if (!validate(input)) return { ok: false, error: sentence(validate.errors?.[0] as ErrorObject) };
  const tooFar = magnitudeRefusal(input);
  if (tooFar !== undefined) return { ok: false, error: tooFar };
  try {
    const tooMuch = shared ? workRefusal(method.name as CalcName, input) : undefined;
    if (tooMuch !== undefined) return { ok: false, error: tooMuch };
    const result = method.calculate(input);
    const notFinite = resultRefusal(result);
    return notFinite === undefined ? { ok: true, result, method: method.stamp } : { ok: false, error: notFinite };
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    return { ok: false, error: { code: error.code, path: error.path, message: error.message } };
  }
}

/** `/replicates/1/dry_g` as `replicates[1].dry_g`. */
function pathOf(pointer: string, last?: string): string {
  const parts = pointer.split('/').slice(1);
  if (last !== undefined) parts.push(last);
  return parts.reduce((path, part) => {
    if (/^\d+$/.test(part)) return `${path}[${part}]`;
    return path === '' ? part : `${path}.${part}`;
  }, '');
}

const shown = (value: unknown): string => {
  const written = JSON.stringify(value) as string | undefined;
  if (written === undefined || written.length > 60) return 'this value';
  return typeof value === 'number' && !Number.isFinite(value) ? 'a number that is not finite' : written;
};

function sentence(error: ErrorObject): CalcError {
  const params = error.params as Record<string, unknown>;
  const at = (last?: string): string => pathOf(error.instancePath, last);
  const answer = (code: CoreErrorCode, path: string, words: string): CalcError => ({
    code,
    path: path === '' ? 'input' : path,
    message: `${code} ${path === '' ? 'input' : path}: ${words}`,
  });
  switch (error.keyword) {
    case 'required':
      return answer('missing', at(String(params.missingProperty)), 'this field is needed');
    case 'additionalProperties': {
      const properties = (error.parentSchema as { properties?: object }).properties ?? {};
      return answer(
        'unknown',
        at(String(params.additionalProperty)),
        `no such field; known are ${Object.keys(properties).join(', ')}`,
      );
    }
    case 'type':
      return answer('invalid', at(), `${shown(error.data)} is not of the right kind; give ${wanted(params.type)}`);
    case 'enum':
      return answer(
        'unknown',
        at(),
        `${shown(error.data)} is not known; known are ${(params.allowedValues as unknown[]).slice(0, 6).join(', ')}${(params.allowedValues as unknown[]).length > 6 ? ', …' : ''}`,
      );
    case 'discriminator':
      return discriminated(error, at, answer);
    default:
      return answer('invalid', at(), `${shown(error.data)} ${error.message ?? 'cannot be used'}`);
  }
}

/** Forms told apart by one field: which are known stands in the schema itself. */
function discriminated(
  error: ErrorObject,
  at: (last?: string) => string,
  answer: (code: CoreErrorCode, path: string, words: string) => CalcError,
): CalcError {
  const { tag, error: kind, tagValue } = error.params as { tag: string; error: string; tagValue?: unknown };
  const forms =
    (error.parentSchema as { oneOf?: readonly { properties: Record<string, { const?: string }> }[] }).oneOf ?? [];
  const known = forms.map((form) => form.properties[tag]?.const ?? '').join(', ');
  if (kind === 'mapping') return answer('unknown', at(tag), `${shown(tagValue)} is not known; known are ${known}`);
  return answer('missing', at(tag), `say which of ${known}`);
}

function wanted(type: unknown): string {
  const kinds: Readonly<Record<string, string>> = {
    number: 'a JSON number such as 12.5, without quotes',
    integer: 'a whole number',
    string: 'a text',
    array: 'a list in square brackets',
    object: 'an object in curly brackets',
  };
  const names = Array.isArray(type) ? (type as unknown[]).map(String) : [String(type)];
  return names.map((name) => kinds[name] ?? name).join(' or ');
}
