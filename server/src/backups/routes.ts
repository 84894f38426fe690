import { createReadStream } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { defineRoute, type Route } from '../http/defineRoute';
import { LEADS } from '../http/guard';
import { notFound } from '../http/problems';
import type { Server } from '../resource';
import { backedUp } from './tellTrouble';

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
      await backedUp(backups.take('by-hand'));
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
