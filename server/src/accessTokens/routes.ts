import { NewAccessToken } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { inPerson, READS } from '../http/guard';
import { endToken, listTokens, makeToken } from './service';

export const accessTokenRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/access-tokens',
    guard: READS,
    answer: ({ who }) => listTokens(context, who),
  }),
  defineRoute({
    method: 'post',
    address: '/access-tokens',
    guard: inPerson(READS),
    body: NewAccessToken,
    status: 201,
    answer: ({ who, body }) => makeToken(context, who, body),
  }),
  defineRoute({
    method: 'delete',
    address: '/access-tokens/:id',
    guard: inPerson(READS),
    answer: ({ who, params }) => endToken(context, who, params.id),
  }),
];
