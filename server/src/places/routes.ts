import { NewPlace } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { listPlaces, putPlace } from './service';

export const placeRoutes = (context: Context): Route[] => [
  defineRoute({ method: 'get', address: '/places', guard: READS, answer: () => listPlaces(context) }),
  defineRoute({
    method: 'post',
    address: '/places',
    guard: WORKS,
    body: NewPlace,
    status: 201,
    answer: ({ body }) => putPlace(context, body),
  }),
];
