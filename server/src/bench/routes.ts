import {
  ArchiveRun,
  NewExclusion,
  NewReading,
  NewRun,
  QuickStart,
  ReopenRun,
  RestoreRun,
  RunInstruments,
  RunsAsked,
  SeveralRuns,
  TakeBack,
} from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { keepReading } from './keepReading';
import { archiveRun, restoreRun } from './putAway';
import { quickStart } from './quickStart';
import { reopenRun } from './reopen';
import { chooseInstruments, exclude, finishRun, listRuns, sheetFor, startRun, startRuns } from './service';
import { takeBack } from './takeBack';

export const benchRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/runs',
    guard: READS,
    query: RunsAsked,
    answer: ({ query }) => listRuns(context, query),
  }),
  defineRoute({
    method: 'post',
    address: '/runs',
    guard: WORKS,
    body: NewRun,
    status: 201,
    answer: ({ who, body }) => startRun(context, who, body),
  }),
  defineRoute({
    method: 'post',
    address: '/runs/several',
    guard: WORKS,
    body: SeveralRuns,
    status: 201,
    answer: ({ who, body }) => startRuns(context, who, body),
  }),
  defineRoute({
    method: 'post',
    address: '/quick-start',
    guard: WORKS,
    body: QuickStart,
    status: 201,
    answer: ({ who, body }) => quickStart(context, who, body),
  }),
  defineRoute({
    method: 'get',
    address: '/runs/:id',
    guard: READS,
    answer: ({ params }) => sheetFor(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/runs/:id/readings',
    guard: WORKS,
    body: NewReading,
    status: 201,
    answer: ({ who, params, body }) => keepReading(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/runs/:id/exclusions',
    guard: WORKS,
    body: NewExclusion,
    status: 201,
    answer: ({ who, params, body }) => exclude(context, who, params.id, body),
  }),
  defineRoute({
    method: 'put',
    address: '/runs/:id/instruments',
    guard: WORKS,
    body: RunInstruments,
    answer: ({ params, body }) => chooseInstruments(context, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/runs/:id/reopen',
    guard: WORKS,
    body: ReopenRun,
    status: 201,
    answer: ({ who, params, body }) => reopenRun(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/runs/:id/taken-back',
    guard: WORKS,
    body: TakeBack,
    status: 201,
    answer: ({ who, params, body }) => takeBack(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/runs/:id/archive',
    guard: WORKS,
    body: ArchiveRun,
    status: 201,
    answer: ({ who, params, body }) => archiveRun(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/runs/:id/restore',
    guard: WORKS,
    body: RestoreRun,
    status: 201,
    answer: ({ who, params, body }) => restoreRun(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/runs/:id/finish',
    guard: WORKS,
    answer: ({ who, params }) => finishRun(context, who, params.id),
  }),
];
