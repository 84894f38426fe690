import { NewComplaint, NewSale, SellingTerms } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { addComplaint, addSale, keepTerms, sellingPage } from './service';

export const sellingRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/blends/:id/selling',
    guard: READS,
    answer: ({ params }) => sellingPage(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/blends/:id/selling/terms',
    guard: WORKS,
    body: SellingTerms,
    status: 201,
    answer: ({ who, params, body }) => keepTerms(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/blends/:id/selling/sales',
    guard: WORKS,
    body: NewSale,
    status: 201,
    answer: ({ who, params, body }) => addSale(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/blends/:id/selling/complaints',
    guard: WORKS,
    body: NewComplaint,
    status: 201,
    answer: ({ who, params, body }) => addComplaint(context, who, params.id, body),
  }),
];
