import { pipeline } from 'node:stream/promises';
import { PartAsked, TakeInFile, type FileReport } from '@bent-pail/contract';
import type { Response } from 'express';
import { readIds } from '../http/body';
import { drained } from '../http/drained';
import { defineRoute, type Route } from '../http/defineRoute';
import { LEADS, READS } from '../http/guard';
import type { Server } from '../resource';
import { received, requireId, waiting } from './incoming';
import { fileKinds } from './kinds';
import { mergeFile } from './merge';
import type { Part } from './partRepository';
import { fileSchema } from './schema';
import { letGo } from './waitingRepository';
import { writeNotebook, writeZip } from './write';

/** The ids that a part begins with; nothing where the whole is asked for. */
const partOf = (asked: PartAsked): { readonly part?: Part } => {
  const part = Object.fromEntries(Object.entries(asked).map(([kind, ids]) => [kind, readIds(ids as string)])) as Part;
  return Object.keys(part).length === 0 ? {} : { part };
};

const named = (response: Response, now: number, ending: string): void => {
  const day = new Date(now).toISOString().slice(0, 10);
  response.setHeader('Content-Disposition', `attachment; filename="bent-pail-notebook-${day}.${ending}"`);
};

/** A notebook as an open file, out and in. */
export const notebookFileRoutes = ({ db, clock, cards }: Server): Route[] => [
  defineRoute({
    method: 'get',
    address: '/notebook-file/schema.json',
    guard: READS,
    answer: async () => fileSchema(await fileKinds(db.manager)),
  }),
  defineRoute({
    method: 'get',
    address: '/notebook-file/notebook.json',
    guard: LEADS,
    query: PartAsked,
    respond: async ({ query }, response) => {
      const now = clock.now();
      named(response, now, 'json');
      response.type('application/json');
      // Hundreds of megabytes are not packed on their way: whoever wants them small takes the ZIP.
      response.setHeader('Cache-Control', 'no-store, no-transform');
      await writeNotebook(db, { now: new Date(now), ...partOf(query) }, async (text) => {
        if (!response.write(text)) await drained(response);
        return !response.destroyed;
      });
      response.end();
    },
  }),
  defineRoute({
    method: 'get',
    address: '/notebook-file/notebook.zip',
    guard: LEADS,
    query: PartAsked,
    respond: async ({ query }, response) => {
      const now = clock.now();
      named(response, now, 'zip');
      response.type('application/zip');
      await writeZip(db, { now: new Date(now), ...partOf(query) }, (zip) => pipeline(zip, response));
    },
  }),
  defineRoute({
    method: 'put',
    address: '/notebook-file/incoming/:id',
    guard: LEADS,
    answer: async ({ params, request }): Promise<FileReport> => {
      const id = requireId(params.id);
      return { id, ...(await received(db, { id, body: request }, (file) => mergeFile(db, file, undefined))) };
    },
  }),
  defineRoute({
    method: 'post',
    address: '/notebook-file/incoming/:id',
    guard: LEADS,
    body: TakeInFile,
    answer: async ({ params, body }): Promise<FileReport> => {
      const id = requireId(params.id);
      const report = await waiting(db, id, (file) => mergeFile(db, file, body));
      if (report.isDone) {
        await letGo(db, id);
        await cards.start();
      }
      return { id, ...report };
    },
  }),
  defineRoute({
    method: 'delete',
    address: '/notebook-file/incoming/:id',
    guard: LEADS,
    status: 204,
    answer: ({ params }) => letGo(db, requireId(params.id)),
  }),
];
