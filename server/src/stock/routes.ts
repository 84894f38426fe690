import { NewBatch, NewPrepared, StockCount } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { WORKS } from '../http/guard';
import { prepareLot } from './prepare';
import { countStock, makeBatch } from './service';

export const stockRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'post',
    address: '/lots/:id/stock',
    guard: WORKS,
    body: StockCount,
    answer: ({ who, params, body }) => countStock(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/lots/:id/prepared',
    guard: WORKS,
    body: NewPrepared,
    status: 201,
    answer: ({ who, params, body }) => prepareLot(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/blends/:id/versions/:n/batches',
    guard: WORKS,
    body: NewBatch,
    status: 201,
    answer: ({ who, params, body }) => {
      const n = Number(params.n);
      return makeBatch(context, who, params.id, n, body);
    },
  }),
];
