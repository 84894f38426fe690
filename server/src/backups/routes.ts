import { createReadStream } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { BackupTrouble } from '../backup/trouble';
import { defineRoute, type Route } from '../http/defineRoute';
import { LEADS } from '../http/guard';
import { HttpProblem, notFound } from '../http/problems';
import type { Server } from '../resource';

/** Why no backup could be taken is a lead's to know. */
const told = (error: unknown): Error =>
  error instanceof BackupTrouble
    ? new HttpProblem(503, { code: 'unavailable', message: error.message })
    : (error as Error);

export const backupRoutes = ({ backups }: Server): Route[] => [
  defineRoute({
    method: 'get',
    address: '/backups',
    guard: LEADS,
    answer: () => backups.list(),
  }),
  defineRoute({
    method: 'post',
    address: '/backups',
    guard: LEADS,
    status: 201,
    answer: async () => {
      try {
        await backups.take('by-hand');
      } catch (error) {
        throw told(error);
      }
      return backups.list();
    },
  }),
  defineRoute({
    method: 'get',
    address: '/backups/:name',
    guard: LEADS,
    respond: async ({ params }, response) => {
      const file = await backups.fileOf(params.name);
      if (file === undefined) throw notFound('backup');
      response.setHeader('Content-Disposition', `attachment; filename="bent-pail-${params.name}"`);
      response.type('application/x-tar');
      await pipeline(createReadStream(file), response);
    },
  }),
];
