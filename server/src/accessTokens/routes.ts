import { NewAccessToken } from '@bent-pail/contract';
import type { Request } from 'express';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS } from '../http/guard';
import { HttpProblem } from '../http/problems';
import { endToken, listTokens, makeToken } from './service';

/** A key makes no keys: only a person who signed in does. */
function requirePerson(request: Request): void {
  if (request.get('authorization') !== undefined)
    throw new HttpProblem(403, { code: 'not-yours', message: 'A key makes and ends no keys; sign in for that.' });
}

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
    guard: READS,
    body: NewAccessToken,
    status: 201,
    answer: ({ who, body, request }) => {
      requirePerson(request);
      return makeToken(context, who, body);
    },
  }),
  defineRoute({
    method: 'delete',
    address: '/access-tokens/:id',
    guard: READS,
    answer: ({ who, params, request }) => {
      requirePerson(request);
      return endToken(context, who, params.id);
    },
  }),
];
