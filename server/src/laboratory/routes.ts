import { ImportedReport, LabRequestsAsked, NewLabRequest } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { askLaboratory, listRequests, markImported } from './service';

export const laboratoryRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/laboratory',
    guard: READS,
    query: LabRequestsAsked,
    answer: ({ query }) => listRequests(context, query),
  }),
  defineRoute({
    method: 'post',
    address: '/laboratory',
    guard: WORKS,
    body: NewLabRequest,
    status: 201,
    answer: ({ who, body }) => askLaboratory(context, who, body),
  }),
  defineRoute({
    method: 'post',
    address: '/laboratory/:id/imported',
    guard: WORKS,
    body: ImportedReport,
    answer: ({ params, body }) => markImported(context, params.id, body),
  }),
];
