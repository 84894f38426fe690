import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { liveRoutes } from '../testing/liveRoutes';
import { startTestServer, type TestServer } from '../testing/testServer';
import { pathOf } from './document';

interface Document {
  readonly openapi: string;
  readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>;
  readonly components: {
    readonly schemas: Readonly<Record<string, { readonly properties?: object; readonly required?: string[] }>>;
  };
}
interface Operation {
  readonly summary: string;
  readonly security?: unknown[];
  readonly parameters: readonly { readonly name: string; readonly in: string; readonly required: boolean }[];
  readonly requestBody?: {
    readonly content: { readonly 'application/json': { readonly schema: { readonly $ref: string } } };
  };
}

let server: TestServer;
let document: Document;
beforeAll(async () => {
  server = await startTestServer();
  document = (await (await server.as('reader')).get<Document>('/openapi.json')).body;
});
afterAll(() => server.close());

describe('what scripts may ask', () => {
  it('is exactly what the live router answers', () => {
    const told = Object.entries(document.paths).flatMap(([path, methods]) =>
      Object.keys(methods).map((method) => `${method.toUpperCase()} ${path}`),
    );
    const live = liveRoutes(server.app).map(({ method, address }) => `${method} ${pathOf(address)}`);
    expect(told.sort()).toEqual([...new Set(live)].sort());
    expect(document.openapi).toBe('3.1.0');
  });

  it('names every part of an address, and whom it is for', () => {
    for (const [path, methods] of Object.entries(document.paths))
      for (const operation of Object.values(methods)) {
        const named = operation.parameters.filter((one) => one.in === 'path').map(({ name }) => name);
        expect(named, path).toEqual([...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name));
        expect(operation.summary).toMatch(/^(Anybody.*|For: .*)\.$/);
      }
    expect(document.paths['/shop']?.get?.security ?? document.paths['/health']?.get?.security).toEqual([]);
  });

  it('says what a body is made of, to its innermost part, and what may be left out', () => {
    const refs = JSON.stringify(document).matchAll(/"\$ref":"#\/components\/schemas\/(\w+)"/g);
    for (const [, name] of refs) expect(document.components.schemas, name).toHaveProperty(name as string);
    const reading = document.paths['/runs/{id}/readings']?.post?.requestBody?.content['application/json'].schema.$ref;
    const { properties, required } = document.components.schemas[reading?.split('/').at(-1) ?? ''] ?? {};
    expect(properties).toMatchObject({ value: { type: 'number' }, takenAt: { type: 'string', format: 'date-time' } });
    expect(required).toEqual(expect.arrayContaining(['id', 'step', 'value']));
    expect(required).not.toContain('corrects');
    const list = document.paths['/runs']?.get?.parameters.find(({ name }) => name === 'find');
    expect(list).toMatchObject({ in: 'query', required: false });
  });
});
