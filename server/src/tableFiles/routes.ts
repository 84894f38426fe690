import { LookAtTable, MapTable, TakeInTable } from '@bent-pail/contract';
import { defineRoute, type Route } from '../http/defineRoute';
import { WORKS } from '../http/guard';
import { letGo, receive, requireId, waiting } from '../notebookFile/incoming';
import type { Server } from '../resource';
import { takeTable } from './service';

export const tableFileRoutes = (server: Server): Route[] => [
  defineRoute({
    method: 'put',
    address: '/table-files/incoming/:id',
    guard: WORKS,
    query: LookAtTable,
    answer: async ({ who, params, query: { kind }, request }) => {
      const id = requireId(params.id);
      const file = await receive(id, request);
      try {
        return await takeTable(server, who, { id, file, kind });
      } catch (error) {
        await letGo(id);
        throw error;
      }
    },
  }),
  defineRoute({
    method: 'post',
    address: '/table-files/incoming/:id/mapping',
    guard: WORKS,
    body: MapTable,
    answer: ({ who, params, body: { kind, mapping } }) => {
      const id = requireId(params.id);
      return takeTable(server, who, { id, file: waiting(id), kind, mapping });
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
      const report = await takeTable(server, who, { id, file: waiting(id), kind, mapping }, body);
      if (report.isDone) await letGo(id);
      return report;
    },
  }),
  defineRoute({
    method: 'delete',
    address: '/table-files/incoming/:id',
    guard: WORKS,
    status: 204,
    answer: ({ params }) => letGo(requireId(params.id)),
  }),
];
