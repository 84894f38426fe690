import { NewPrice } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { addPrice, listPrices, priceBoardPage } from './service';

/** What a real litre costs: products by what was seen of their price, and what is made here. */
export const priceRoutes = (context: Context): Route[] => [
  defineRoute({ method: 'get', address: '/prices', guard: READS, answer: () => priceBoardPage(context) }),
  defineRoute({
    method: 'get',
    address: '/lots/:id/prices',
    guard: READS,
    answer: ({ params }) => listPrices(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/prices',
    guard: WORKS,
    body: NewPrice,
    status: 201,
    answer: ({ who, body }) => addPrice(context, who, body),
  }),
];
