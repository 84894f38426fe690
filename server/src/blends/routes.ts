import { BlendsAsked, IdsAsked, NewBlendVersion } from '@bent-pail/contract';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody, readIds, readQuery } from '../http/body';
import { meOf, READS, WORKS } from '../http/guard';
import { blendPage, deskBlends, keepVersion, listBlends } from './service';

export function blendRoutes(api: Api, context: Context): void {
  api.route('get', '/blends', READS, async (request, response) => {
    response.json(await listBlends(context, readQuery(BlendsAsked, request.query)));
  });
  api.route('get', '/blends/desk', READS, async (request, response) => {
    response.json(await deskBlends(context, readIds(readQuery(IdsAsked, request.query).ids)));
  });
  api.route('get', '/blends/:id', READS, async (request, response) => {
    response.json(await blendPage(context, param(request, 'id')));
  });
  api.route('post', '/blends', WORKS, async (request, response) => {
    const body = readBody(NewBlendVersion, request.body);
    response.status(201).json(await keepVersion(context, meOf(request), body));
  });
}
