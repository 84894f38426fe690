import { ChangedVerdict } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { LEADS, READS } from '../http/guard';
import { changeVerdict, dropVerdict, listVerdicts } from './service';

export const verdictRoutes = (context: Context): Route[] => [
  defineRoute({ method: 'get', address: '/verdicts', guard: READS, answer: () => listVerdicts(context) }),
  defineRoute({
    method: 'post',
    address: '/verdicts',
    guard: LEADS,
    body: ChangedVerdict,
    answer: ({ who, body }) => changeVerdict(context, who, body),
  }),
  defineRoute({
    method: 'delete',
    address: '/verdicts/:id',
    guard: LEADS,
    answer: ({ who, params }) => dropVerdict(context, who, params.id),
  }),
];
