import { FilledPotsAsked, NewFilledPot, NewPotEntry } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { addFilledPot, addPotEntry, filledPotPage, listFilledPots } from './service';

export const filledPotRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/pots',
    guard: READS,
    query: FilledPotsAsked,
    answer: ({ query }) => listFilledPots(context, query),
  }),
  defineRoute({
    method: 'get',
    address: '/pots/:id',
    guard: READS,
    answer: ({ params }) => filledPotPage(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/pots',
    guard: WORKS,
    body: NewFilledPot,
    status: 201,
    answer: ({ who, body }) => addFilledPot(context, who, body),
  }),
  defineRoute({
    method: 'post',
    address: '/pots/:id/diary',
    guard: WORKS,
    body: NewPotEntry,
    status: 201,
    answer: ({ who, params, body }) => addPotEntry(context, who, params.id, body),
  }),
];
