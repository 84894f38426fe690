import fc from 'fast-check';
import { file } from './files';
import type { Known } from './known';
import { oddText, twist, twisted } from './odd';
import { Bodies, type Schema } from './schema';

interface Operation {
  readonly parameters?: readonly { readonly name: string; readonly in: string; readonly schema: Schema }[];
  readonly requestBody?: { readonly content: { readonly 'application/json': { readonly schema: Schema } } };
}

/** The document that a notebook gives of itself. */
export interface ApiDocument {
  readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>;
  readonly components: { readonly schemas: Readonly<Record<string, Schema>> };
}

/** One question to the server. */
export interface Call {
  /** As the document lists it. */
  readonly route: string;
  readonly method: string;
  readonly address: string;
  readonly body?: unknown;
  readonly file?: Buffer;
}

/**
 * What would end the fuzz itself, or takes its time by its nature: the own session, the stream, and what makes or fetches
 * whole backups.
 */
const LEFT_OUT = new Set([
  ...['DELETE /session', 'GET /live', 'GET /group/live', 'POST /backups', 'GET /backups/{name}', 'POST /years'],
  ...['DELETE /me/sessions', 'DELETE /me/sessions/{key}', 'DELETE /group'],
  ...['GET /notebook-file/notebook.json', 'GET /notebook-file/notebook.zip', 'PUT /me/password'],
]);

/** Calls over every route of a document, seeded. */
export function callsOf({ paths, components }: ApiDocument, known: Known): fc.Arbitrary<Call> {
  const bodies = new Bodies(components.schemas, known);
  const id = fc.oneof(
    { weight: 8, arbitrary: fc.constantFrom(...known.ids) },
    { weight: 1, arbitrary: fc.uuid() },
    { weight: 1, arbitrary: oddText },
  );
  const partOf = (name: string): fc.Arbitrary<string> => {
    const seen = [...known.of(name), ...known.of('key')].filter((value): value is string => typeof value === 'string');
    return name === 'id' || seen.length === 0 ? id : fc.oneof(id, fc.constantFrom(...seen));
  };
  const callOf = (path: string, method: string, operation: Operation): fc.Arbitrary<Call> => {
    const route = `${method.toUpperCase()} ${path}`;
    const names = [...path.matchAll(/\{(\w+)\}/g)].map(([, name = '']) => name);
    const queries = (operation.parameters ?? []).filter((one) => one.in === 'query');
    const query = fc.record(
      Object.fromEntries(queries.map(({ name, schema }) => [name, fc.oneof(bodies.of(schema, name), oddText)])),
      { requiredKeys: [] },
    );
    const schema = operation.requestBody?.content['application/json'].schema;
    const isFile = schema === undefined && method === 'put';
    const body =
      schema === undefined ? fc.constant({}) : fc.tuple(bodies.of(schema), twist).map(([b, t]) => twisted(b, t));
    return fc.record({ parts: fc.tuple(...names.map(partOf)), query, body, file }).map((made) => {
      let at = 0;
      const place = path.replaceAll(/\{\w+\}/g, () => encoded(String(made.parts[at++])));
      const asked = new URLSearchParams(
        Object.entries(made.query).map(([key, value]) => [key, String(value)]),
      ).toString();
      return {
        route,
        method: method.toUpperCase(),
        address: asked === '' ? place : `${place}?${asked}`,
        ...(method === 'get' ? {} : isFile ? { file: made.file } : { body: made.body }),
      };
    });
  };
  const all = Object.entries(paths).flatMap(([path, operations]) =>
    Object.entries(operations)
      .filter(([method]) => !LEFT_OUT.has(`${method.toUpperCase()} ${path}`))
      .map(([method, operation]) => callOf(path, method, operation)),
  );
  return fc.oneof(...all);
}

/** A part of an address; half a pair of surrogates is no text that can be sent. */
const encoded = (part: string): string => encodeURIComponent(part.replaceAll(/\p{Surrogate}/gu, '\uFFFD'));
