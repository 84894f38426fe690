import { NewDelivery, NewSupplier, SuppliersAsked } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { addDelivery, listSuppliers, putSupplier, supplierPage } from './service';

export const supplierRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/suppliers',
    guard: READS,
    query: SuppliersAsked,
    answer: ({ query }) => listSuppliers(context, query),
  }),
  defineRoute({
    method: 'get',
    address: '/suppliers/:id',
    guard: READS,
    answer: ({ params }) => supplierPage(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/suppliers',
    guard: WORKS,
    body: NewSupplier,
    status: 201,
    answer: ({ body }) => putSupplier(context, body),
  }),
  defineRoute({
    method: 'post',
    address: '/suppliers/:id/deliveries',
    guard: WORKS,
    body: NewDelivery,
    status: 201,
    answer: ({ who, params, body }) => addDelivery(context, who, params.id, body),
  }),
];
