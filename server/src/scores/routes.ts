import { AgreedValue, NewScorecard, OwnRubric, RatingBody, ScorecardsAsked, SheetsAsked } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { LEADS, RATES, READS, WORKS } from '../http/guard';
import { panelPage } from './panel';
import { rankingPage } from './ranking';
import { keepRubric, listRubrics, rubricCalled } from './rubrics';
import { addScorecard, agree, handIn, listOwnSheets, listScorecards, ownSheetOf, rate, scorecardPage } from './service';

export const scoreRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/scorecards',
    guard: READS,
    query: ScorecardsAsked,
    answer: ({ query }) => listScorecards(context, query),
  }),
  defineRoute({
    method: 'get',
    address: '/scorecards/:id',
    guard: READS,
    answer: ({ params }) => scorecardPage(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/scorecards',
    guard: WORKS,
    body: NewScorecard,
    status: 201,
    answer: ({ body }) => addScorecard(context, body),
  }),
  defineRoute({
    method: 'post',
    address: '/scorecards/:id/agreed',
    guard: WORKS,
    body: AgreedValue,
    status: 201,
    answer: ({ who, params, body }) => agree(context, who, params.id, body),
  }),
  defineRoute({ method: 'get', address: '/panel', guard: READS, answer: () => panelPage(context) }),
  defineRoute({ method: 'get', address: '/rubrics', guard: READS, answer: () => listRubrics(context) }),
  defineRoute({
    method: 'get',
    address: '/rubrics/:key/ranking',
    guard: READS,
    answer: ({ params }) => rankingPage(context, params.key),
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
  defineRoute({
    method: 'get',
    address: '/sheets',
    guard: RATES,
    query: SheetsAsked,
    answer: ({ who, query }) => listOwnSheets(context, who, query),
  }),
  defineRoute({
    method: 'get',
    address: '/sheets/:id',
    guard: RATES,
    answer: ({ who, params }) => ownSheetOf(context, who, params.id),
  }),
  defineRoute({
    method: 'put',
    address: '/sheets/:id/ratings/:criterion',
    guard: RATES,
    body: RatingBody,
    answer: ({ who, params, body }) => rate(context, who, params.id, params.criterion, body),
  }),
  defineRoute({
    method: 'post',
    address: '/sheets/:id/hand-in',
    guard: RATES,
    answer: ({ who, params }) => handIn(context, who, params.id),
  }),
];
