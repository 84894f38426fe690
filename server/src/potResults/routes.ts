import { NewPotResult, PutAwayPotResult } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { archivePotResult, keepPotResult, listPotResults } from './service';

export const potResultRoutes = (context: Context): Route[] => [
  defineRoute({ method: 'get', address: '/pot-results', guard: READS, answer: () => listPotResults(context) }),
  defineRoute({
    method: 'post',
    address: '/pot-results',
    guard: WORKS,
    body: NewPotResult,
    status: 201,
    answer: ({ who, body }) => keepPotResult(context, who, body),
  }),
  defineRoute({
    method: 'patch',
    address: '/pot-results/:id',
    guard: WORKS,
    body: PutAwayPotResult,
    answer: ({ params, body }) => archivePotResult(context, params.id, body.archived),
  }),
];
