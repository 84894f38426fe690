import {
  EditTrial,
  LayOut,
  NewSettled,
  NewTrial,
  NewTrialEvent,
  NewTrialMove,
  NewTrialReading,
  ReopenRun,
  TrialExclusion,
  TrialsAsked,
} from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import {
  excludePlot,
  finishTrial,
  keepEvent,
  keepTrialReading,
  listReadings,
  movePlot,
  reopenTrial,
  settleDifference,
} from './keeping';
import { trialPage } from './page';
import { editTrial, layOut, listTrials, planTrial } from './plans';

/** A trial before it is sown. */
const planning = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/trials',
    guard: READS,
    query: TrialsAsked,
    answer: ({ query }) => listTrials(context, query),
  }),
  defineRoute({
    method: 'post',
    address: '/trials',
    guard: WORKS,
    body: NewTrial,
    status: 201,
    answer: ({ who, body }) => planTrial(context, who, body),
  }),
  defineRoute({
    method: 'get',
    address: '/trials/:id',
    guard: READS,
    answer: ({ params }) => trialPage(context.db.manager, params.id),
  }),
  defineRoute({
    method: 'put',
    address: '/trials/:id',
    guard: WORKS,
    body: EditTrial,
    answer: ({ params, body }) => editTrial(context, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/trials/:id/layout',
    guard: WORKS,
    body: LayOut,
    answer: ({ params, body }) => layOut(context, params.id, body),
  }),
];

/** What is read and said while it grows. */
const keeping = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/trials/:id/readings',
    guard: READS,
    answer: ({ params }) => listReadings(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/trials/:id/readings',
    guard: WORKS,
    body: NewTrialReading,
    status: 201,
    answer: ({ who, params, body }) => keepTrialReading(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/trials/:id/events',
    guard: WORKS,
    body: NewTrialEvent,
    status: 201,
    answer: ({ who, params, body }) => keepEvent(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/trials/:id/exclusions',
    guard: WORKS,
    body: TrialExclusion,
    status: 201,
    answer: ({ who, params, body }) => excludePlot(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/trials/:id/moves',
    guard: WORKS,
    body: NewTrialMove,
    status: 201,
    answer: ({ who, params, body }) => movePlot(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/trials/:id/settled',
    guard: WORKS,
    body: NewSettled,
    status: 201,
    answer: ({ who, params, body }) => settleDifference(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/trials/:id/finish',
    guard: WORKS,
    answer: ({ params }) => finishTrial(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/trials/:id/reopen',
    guard: WORKS,
    body: ReopenRun,
    answer: ({ who, params, body }) => reopenTrial(context, who, params.id, body),
  }),
];

export const trialRoutes = (context: Context): Route[] => [...planning(context), ...keeping(context)];
