import { NewScorecard, RatingBody, ScorecardsAsked } from '@bent-pail/contract';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody, readQuery } from '../http/body';
import { meOf, RATES, READS, WORKS } from '../http/guard';
import { addScorecard, handIn, listOwnSheets, listScorecards, ownSheetOf, rate, scorecardPage } from './service';

export function scoreRoutes(api: Api, context: Context): void {
  api.route('get', '/scorecards', READS, async (request, response) => {
    response.json(await listScorecards(context, readQuery(ScorecardsAsked, request.query)));
  });
  api.route('get', '/scorecards/:id', READS, async (request, response) => {
    response.json(await scorecardPage(context, param(request, 'id')));
  });
  api.route('post', '/scorecards', WORKS, async (request, response) => {
    response.status(201).json(await addScorecard(context, readBody(NewScorecard, request.body)));
  });
  api.route('get', '/sheets', RATES, async (request, response) => {
    response.json(await listOwnSheets(context, meOf(request)));
  });
  api.route('get', '/sheets/:id', RATES, async (request, response) => {
    response.json(await ownSheetOf(context, meOf(request), param(request, 'id')));
  });
  api.route('put', '/sheets/:id/ratings/:criterion', RATES, async (request, response) => {
    const body = readBody(RatingBody, request.body);
    response.json(await rate(context, meOf(request), param(request, 'id'), param(request, 'criterion'), body));
  });
  api.route('post', '/sheets/:id/hand-in', RATES, async (request, response) => {
    response.json(await handIn(context, meOf(request), param(request, 'id')));
  });
}
