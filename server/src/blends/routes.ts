import { BlendsAsked, IdsAsked, NewBlendVersion } from '@bent-pail/contract';
import type { Context } from '../context';
import { readIds } from '../http/body';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { blendPage, deskBlends, keepVersion, listBlends } from './service';

export const blendRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/blends',
    guard: READS,
    query: BlendsAsked,
    answer: ({ query }) => listBlends(context, query),
  }),
  defineRoute({
    method: 'get',
    address: '/blends/desk',
    guard: READS,
    query: IdsAsked,
    answer: ({ query }) => deskBlends(context, readIds(query.ids)),
  }),
  defineRoute({
    method: 'get',
    address: '/blends/:id',
    guard: READS,
    answer: ({ params }) => blendPage(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/blends',
    guard: WORKS,
    body: NewBlendVersion,
    status: 201,
    answer: ({ who, body }) => keepVersion(context, who, body),
  }),
];
