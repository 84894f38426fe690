import { EditLot, EditMaterial, IdsAsked, LotsAsked, NewLot, NewMaterial } from '@bent-pail/contract';
import type { Context } from '../context';
import { readIds } from '../http/body';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { addLot, addMaterial, deskLots, editLot, editMaterial, listLots, lotPage } from './service';

export const shelfRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/lots',
    guard: READS,
    query: LotsAsked,
    answer: ({ query }) => listLots(context, query),
  }),
  defineRoute({
    method: 'get',
    address: '/lots/desk',
    guard: READS,
    query: IdsAsked,
    answer: ({ query }) => deskLots(context, readIds(query.ids)),
  }),
  defineRoute({
    method: 'get',
    address: '/lots/:id',
    guard: READS,
    answer: ({ params }) => lotPage(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/materials',
    guard: WORKS,
    body: NewMaterial,
    status: 201,
    answer: ({ body }) => addMaterial(context, body),
  }),
  defineRoute({
    method: 'patch',
    address: '/materials/:id',
    guard: WORKS,
    body: EditMaterial,
    status: 204,
    answer: ({ params, body }) => editMaterial(context, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/lots',
    guard: WORKS,
    body: NewLot,
    status: 201,
    answer: ({ body }) => addLot(context, body),
  }),
  defineRoute({
    method: 'patch',
    address: '/lots/:id',
    guard: WORKS,
    body: EditLot,
    answer: ({ params, body }) => editLot(context, params.id, body),
  }),
];
