import { ROLE_NAMES } from '@bent-pail/contract';
import type { TypeMetadata } from 'class-transformer';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { targetConstructorToSchema } from 'class-validator-jsonschema';
import packageJson from '../../package.json' with { type: 'json' };
import type { Route } from '../http/defineRoute';
import type { Access } from '../http/guard';

type Json = Readonly<Record<string, unknown>>;

/** Our own checks, as a schema says them. */
const CONVERTERS: Readonly<Record<string, Json>> = {
  isDay: { type: 'string', format: 'date' },
  isMoment: { type: 'string', format: 'date-time' },
  isWindow: { type: 'array', items: { type: 'number', nullable: true }, minItems: 2, maxItems: 2 },
};

type BodyClass = NonNullable<Route['body']>;

/** Classes that bodies and queries are made of, each under its name, those that stand inside others too. */
function schemasOf(classes: ReadonlySet<BodyClass>): Record<string, Json> {
  const schemas: Record<string, Json> = {};
  const left = [...classes];
  for (let next = left.pop(); next !== undefined; next = left.pop()) {
    if (next.name in schemas) continue;
    schemas[next.name] = targetConstructorToSchema(next, {
      classTransformerMetadataStorage: defaultMetadataStorage,
      additionalConverters: CONVERTERS,
      refPointerPrefix: '#/components/schemas/',
    }) as Json;
    const keys = Object.keys((schemas[next.name] as { properties?: object }).properties ?? {});
    for (const key of keys) {
      const inner = defaultMetadataStorage.findTypeMetadata(next, key) as TypeMetadata | undefined;
      if (inner !== undefined) left.push(inner.typeFunction() as BodyClass);
    }
  }
  return schemas;
}

/** `/lots/:id` as the document writes it: `/lots/{id}`. */
export const pathOf = (address: string): string => address.replaceAll(/:(\w+)/g, '{$1}');

function whoMay(access: Access): string {
  if (access.kind === 'public') return 'Anybody.';
  if (access.kind === 'signed-in') return 'Anybody who is signed in.';
  if (access.kind === 'group') return 'For: a phone of a class’s group, while the class lasts.';
  return `For: ${access.roles.map((role) => ROLE_NAMES[role]).join(', ')}.`;
}

const refTo = (type: BodyClass): Json => ({ $ref: `#/components/schemas/${type.name}` });

function queryOf(type: BodyClass | undefined, schemas: Readonly<Record<string, Json>>): Json[] {
  if (type === undefined) return [];
  const { properties = {}, required = [] } = schemas[type.name] as {
    readonly properties?: Readonly<Record<string, Json>>;
    readonly required?: readonly string[];
  };
  return Object.entries(properties).map(([name, schema]) => ({
    name,
    in: 'query',
    required: required.includes(name),
    schema,
  }));
}

function operationOf({ address, guard, body, query }: Route, schemas: Readonly<Record<string, Json>>): Json {
  const params = [...address.matchAll(/:(\w+)/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
  return {
    tags: [address.split('/')[1]],
    summary: whoMay(guard),
    'x-for': guard.kind === 'roles' ? guard.roles : guard.kind,
    ...(guard.kind === 'public' ? { security: [] } : {}),
    parameters: [...params, ...queryOf(query, schemas)],
    ...(body === undefined
      ? {}
      : { requestBody: { required: true, content: { 'application/json': { schema: refTo(body) } } } }),
    responses: {
      '2XX': { description: 'Done; what is asked for, as JSON unless the address ends otherwise.' },
      '4XX': {
        description: 'Refused.',
        content: { 'application/json': { schema: { $ref: '#/components/schemas/Problem' } } },
      },
    },
  };
}

/** What every refusal looks like. */
const PROBLEM: Json = {
  type: 'object',
  properties: {
    error: {
      type: 'object',
      properties: {
        code: { type: 'string' },
        message: { type: 'string', description: 'A sentence for a person.' },
        path: { type: 'string', description: 'The field that it is about.' },
      },
      required: ['code', 'message'],
    },
  },
  required: ['error'],
};

/** The OpenAPI 3.1 document of some routes: what they take, by whom; answers are told by kind alone. */
export function openApiOf(routes: readonly Route[]): Json {
  const classes = new Set(routes.flatMap(({ body, query }) => [body ?? [], query ?? []].flat()));
  const schemas = schemasOf(classes);
  const paths: Record<string, Record<string, Json>> = {};
  for (const route of routes) {
    const path = pathOf(route.address);
    paths[path] = { ...paths[path], [route.method]: operationOf(route, schemas) };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Bent Pail',
      version: packageJson.version,
      description:
        'Masses in g, volumes in mL or L, lengths in cm, as the names say. Ids are UUIDs that the sender makes: the same again changes nothing.',
    },
    servers: [{ url: '/api' }],
    security: [{ key: [] }],
    paths,
    components: {
      securitySchemes: { key: { type: 'http', scheme: 'bearer', description: 'A key from Record, Keys for scripts.' } },
      schemas: { ...schemas, Problem: PROBLEM },
    },
  };
}
