import { ClaimsAsked, NewClaimsSheet } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { claimsPage, keepClaims, listClaims } from './service';

export const claimsRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/claims',
    guard: READS,
    query: ClaimsAsked,
    answer: ({ query }) => listClaims(context, query),
  }),
  defineRoute({
    method: 'get',
    address: '/lots/:id/claims',
    guard: READS,
    answer: ({ params }) => claimsPage(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/lots/:id/claims',
    guard: WORKS,
    body: NewClaimsSheet,
    status: 201,
    answer: ({ who, params, body }) => keepClaims(context, who, params.id, body),
  }),
];
