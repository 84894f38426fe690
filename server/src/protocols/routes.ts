import { NewProtocol } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { LEADS, READS } from '../http/guard';
import { keepProtocol, listProtocols } from './service';

export const protocolRoutes = (context: Context): Route[] => [
  defineRoute({ method: 'get', address: '/protocols', guard: READS, answer: () => listProtocols(context) }),
  defineRoute({
    method: 'post',
    address: '/protocols',
    guard: LEADS,
    body: NewProtocol,
    status: 201,
    answer: ({ who, body }) => keepProtocol(context, who, body),
  }),
];
