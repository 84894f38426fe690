import { CloseYear, OpenYear } from '@bent-pail/contract';
import { defineRoute, type Route } from '../http/defineRoute';
import { LEADS, READS } from '../http/guard';
import type { Server } from '../resource';
import { closeYear, openYear, yearsPage } from './service';

export const yearRoutes = (server: Server): Route[] => [
  defineRoute({ method: 'get', address: '/years', guard: READS, answer: () => yearsPage(server) }),
  defineRoute({
    method: 'post',
    address: '/years',
    guard: LEADS,
    body: CloseYear,
    status: 201,
    answer: ({ who, body }) => closeYear(server, who, body),
  }),
  defineRoute({
    method: 'post',
    address: '/years/:id/opening',
    guard: LEADS,
    body: OpenYear,
    answer: ({ who, params, body }) => openYear(server, who, params.id, body),
  }),
];
