import type { Role } from '@bent-pail/contract';
import { ROLE_NAMES } from '@bent-pail/contract/choices';

/** As much of an OpenAPI document as a page shows. */
export interface ApiDocument {
  readonly paths: Readonly<Record<string, Readonly<Record<string, ApiOperation>>>>;
  readonly components: { readonly schemas: Readonly<Record<string, ApiSchema>> };
}

export interface ApiOperation {
  readonly tags: readonly string[];
  /** Roles that may ask, or that anybody may. */
  readonly 'x-for': readonly Role[] | 'public' | 'signed-in';
  readonly parameters: readonly {
    readonly name: string;
    readonly in: 'path' | 'query';
    readonly required: boolean;
    readonly schema: ApiSchema;
  }[];
  readonly requestBody?: { readonly content: { readonly 'application/json': { readonly schema: ApiSchema } } };
}

export interface ApiSchema {
  readonly $ref?: string;
  readonly type?: string;
  readonly format?: string;
  readonly enum?: readonly unknown[];
  readonly items?: ApiSchema;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly properties?: Readonly<Record<string, ApiSchema>>;
  readonly required?: readonly string[];
}

/** A route as a line of the page. */
export interface ApiLine {
  readonly key: string;
  readonly method: string;
  readonly path: string;
  readonly tag: string;
  readonly who: string;
  readonly operation: ApiOperation;
}

const ANYBODY_WORDS = { public: 'for anybody', 'signed-in': 'for anybody who is signed in' } as const;

/** Whom a route is for. */
const whoSaid = (who: ApiOperation['x-for']): string =>
  typeof who === 'string' ? ANYBODY_WORDS[who] : who.map((role) => ROLE_NAMES[role]).join(', ');

/** Routes in the order of their addresses, those of one word together. */
export const linesOf = ({ paths }: ApiDocument): readonly ApiLine[] =>
  Object.entries(paths)
    .flatMap(([path, methods]) =>
      Object.entries(methods).map(([method, operation]) => ({
        key: `${method} ${path}`,
        method: method.toUpperCase(),
        path,
        tag: operation.tags[0] ?? '',
        who: whoSaid(operation['x-for']),
        operation,
      })),
    )
    .sort((a, b) => a.path.localeCompare(b.path));

/** The name of a class that a schema refers to. */
const nameOf = ($ref: string): string => $ref.split('/').at(-1) ?? '';

/** What a value must be, in few words. */
export function typeSaid({ $ref, type, format, enum: one, items, minimum, maximum }: ApiSchema): string {
  if ($ref !== undefined) return nameOf($ref);
  if (one !== undefined) return one.map(String).join(' | ');
  if (type === 'array') return `list of ${typeSaid(items ?? {})}`;
  const span = [
    minimum === undefined ? '' : `from ${String(minimum)}`,
    maximum === undefined ? '' : `to ${String(maximum)}`,
  ]
    .filter((part) => part !== '')
    .join(' ');
  return [format ?? type ?? 'any', span].filter((part) => part !== '').join(', ');
}

/** The fields of a body's class; of one that stands inside it too, under its name. */
export function fieldsOf(
  schema: ApiSchema,
  schemas: ApiDocument['components']['schemas'],
  inside = '',
): readonly { readonly name: string; readonly type: string; readonly isNeeded: boolean }[] {
  const own = schema.$ref === undefined ? schema : (schemas[nameOf(schema.$ref)] ?? {});
  return Object.entries(own.properties ?? {}).flatMap(([key, field]) => {
    const isList = field.type === 'array';
    const name = `${inside}${key}${isList ? '[]' : ''}`;
    const inner = isList ? field.items : field;
    const line = { name, type: typeSaid(field), isNeeded: own.required?.includes(key) === true };
    return inner?.$ref === undefined ? [line] : [line, ...fieldsOf(inner, schemas, `${name}.`)];
  });
}
