import { LookAtTable, MapTable, TakeInTable } from '@bent-pail/contract';
import { defineRoute, type Route } from '../http/defineRoute';
import { WORKS } from '../http/guard';
import { received, requireId, waiting } from '../notebookFile/incoming';
import { letGo } from '../notebookFile/waitingRepository';
import type { Server } from '../resource';
import { takeTable } from './service';

export const tableFileRoutes = (server: Server): Route[] => [
  defineRoute({
    method: 'put',
    address: '/table-files/incoming/:id',
    guard: WORKS,
    query: LookAtTable,
    answer: ({ who, params, query: { kind }, request }) => {
      const id = requireId(params.id);
      return received(server.db, { id, body: request }, (file) => takeTable(server, who, { id, file, kind }));
    },
  }),
  defineRoute({
    method: 'post',
    address: '/table-files/incoming/:id/mapping',
    guard: WORKS,
    body: MapTable,
    answer: ({ who, params, body: { kind, mapping } }) => {
      const id = requireId(params.id);
      return waiting(server.db, id, (file) => takeTable(server, who, { id, file, kind, mapping }));
    },
  }),
  defineRoute({
    method: 'post',
    address: '/table-files/incoming/:id',
    guard: WORKS,
    body: TakeInTable,
    answer: async ({ who, params, body }) => {
      const id = requireId(params.id);
      const { kind, mapping } = body;
      const report = await waiting(server.db, id, (file) => takeTable(server, who, { id, file, kind, mapping }, body));
      if (report.isDone) await letGo(server.db, id);
      return report;
    },
  }),
  defineRoute({
    method: 'delete',
    address: '/table-files/incoming/:id',
    guard: WORKS,
    status: 204,
    answer: ({ params }) => letGo(server.db, requireId(params.id)),
  }),
];
