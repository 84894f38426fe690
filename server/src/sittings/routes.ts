import {
  ExcuseRater,
  KnowsSample,
  LateRater,
  NewSitting,
  RatingBody,
  SheetsAsked,
  WarmUpBody,
} from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { RATES, READS, WORKS } from '../http/guard';
import { openSitting } from './opening';
import { sittingPage } from './page';
import { addRater, excuseRater } from './raters';
import { handIn, listOwnSheets, ownSheetOf, rate, rateWarmUp, sayKnown } from './sheets';

export const sittingRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'post',
    address: '/sittings',
    guard: WORKS,
    body: NewSitting,
    status: 201,
    answer: ({ who, body }) => openSitting(context, who, body),
  }),
  defineRoute({
    method: 'get',
    address: '/sittings/:id',
    guard: READS,
    answer: ({ who, params }) => sittingPage(context, who, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/sittings/:id/raters',
    guard: WORKS,
    body: LateRater,
    status: 201,
    answer: ({ who, params, body }) => addRater(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/sittings/:id/raters/:rater/excused',
    guard: WORKS,
    body: ExcuseRater,
    answer: ({ who, params, body }) => excuseRater(context, who, params.id, params.rater, body),
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
    method: 'put',
    address: '/sheets/:id/warm-up/:criterion',
    guard: RATES,
    body: WarmUpBody,
    answer: ({ who, params, body }) => rateWarmUp(context, who, params.id, params.criterion, body),
  }),
  defineRoute({
    method: 'post',
    address: '/sheets/:id/known',
    guard: RATES,
    body: KnowsSample,
    answer: ({ who, params, body }) => sayKnown(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/sheets/:id/hand-in',
    guard: RATES,
    answer: ({ who, params }) => handIn(context, who, params.id),
  }),
];
