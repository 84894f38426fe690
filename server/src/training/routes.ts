import { NewHandTry, NewTrainingSample } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { RATES, WORKS } from '../http/guard';
import { keepTry, putOut, takeAway, trainingPage } from './service';

export const trainingRoutes = (context: Context): Route[] => [
  defineRoute({ method: 'get', address: '/training', guard: RATES, answer: ({ who }) => trainingPage(context, who) }),
  defineRoute({
    method: 'post',
    address: '/training/samples',
    guard: WORKS,
    body: NewTrainingSample,
    status: 201,
    answer: ({ who, body }) => putOut(context, who, body),
  }),
  defineRoute({
    method: 'post',
    address: '/training/samples/:id/away',
    guard: WORKS,
    answer: ({ who, params }) => takeAway(context, who, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/training/tries',
    guard: RATES,
    body: NewHandTry,
    status: 201,
    answer: ({ who, body }) => keepTry(context, who, body),
  }),
];
