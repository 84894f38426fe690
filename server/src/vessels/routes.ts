import { EditVessel, FillingExclusion, NewFilling, NewVessel, TakeUpFillings } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { addFilling, addVessel, editVessel, excludeFilling, listFillings, listVessels } from './service';
import { takeUpFillings } from './takeUp';

/** Vessels and pots, which everybody at the bench shares, and the water that measures them. */
export const vesselRoutes = (context: Context): Route[] => [
  defineRoute({ method: 'get', address: '/vessels', guard: READS, answer: () => listVessels(context) }),
  defineRoute({
    method: 'post',
    address: '/vessels',
    guard: WORKS,
    body: NewVessel,
    status: 201,
    answer: ({ body }) => addVessel(context, body),
  }),
  defineRoute({
    method: 'patch',
    address: '/vessels/:id',
    guard: WORKS,
    body: EditVessel,
    answer: ({ params, body }) => editVessel(context, params.id, body),
  }),
  defineRoute({
    method: 'get',
    address: '/vessels/:id/fillings',
    guard: READS,
    answer: ({ params }) => listFillings(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/vessels/:id/fillings',
    guard: WORKS,
    body: NewFilling,
    status: 201,
    answer: ({ who, params, body }) => addFilling(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/vessels/:id/fillings/:filling/exclusion',
    guard: WORKS,
    body: FillingExclusion,
    status: 201,
    answer: ({ who, params, body }) => excludeFilling(context, who, params.id, params.filling, body),
  }),
  defineRoute({
    method: 'post',
    address: '/runs/:id/fillings',
    guard: WORKS,
    body: TakeUpFillings,
    status: 201,
    answer: ({ who, params, body }) => takeUpFillings(context, who, params.id, body),
  }),
];
