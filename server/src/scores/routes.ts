import { AgreedValue, GrowthSaid, MustSaid, OverrideSaid, OwnRubric, ScorecardsAsked } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { LEADS, READS, WORKS } from '../http/guard';
import { panelPage } from './panel';
import { rankingPage } from './ranking';
import { keepRubric, listRubrics, rubricCalled } from './rubrics';
import { agree, listScorecards, override, sayGrowth, sayMust, scorecardPage } from './service';

export const scoreRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/scorecards',
    guard: READS,
    query: ScorecardsAsked,
    answer: ({ who, query }) => listScorecards(context, who, query),
  }),
  defineRoute({
    method: 'get',
    address: '/scorecards/:id',
    guard: READS,
    answer: ({ who, params }) => scorecardPage(context, who, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/scorecards/:id/agreed',
    guard: WORKS,
    body: AgreedValue,
    status: 201,
    answer: ({ who, params, body }) => agree(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/scorecards/:id/musts',
    guard: WORKS,
    body: MustSaid,
    status: 201,
    answer: ({ who, params, body }) => sayMust(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/scorecards/:id/overrides',
    guard: LEADS,
    body: OverrideSaid,
    status: 201,
    answer: ({ who, params, body }) => override(context, who, params.id, body),
  }),
  defineRoute({
    method: 'put',
    address: '/scorecards/:id/growth',
    guard: WORKS,
    body: GrowthSaid,
    answer: ({ who, params, body }) => sayGrowth(context, who, params.id, body),
  }),
  defineRoute({ method: 'get', address: '/panel', guard: READS, answer: () => panelPage(context) }),
  defineRoute({ method: 'get', address: '/rubrics', guard: READS, answer: () => listRubrics(context) }),
  defineRoute({
    method: 'get',
    address: '/rubrics/:key/ranking',
    guard: READS,
    answer: ({ who, params }) => rankingPage(context, who, params.key),
  }),
  defineRoute({
    method: 'get',
    address: '/rubrics/:key',
    guard: READS,
    answer: ({ params }) => rubricCalled(context, params.key),
  }),
  defineRoute({
    method: 'post',
    address: '/rubrics',
    guard: LEADS,
    body: OwnRubric,
    status: 201,
    answer: ({ who, body }) => keepRubric(context, who, body),
  }),
];
