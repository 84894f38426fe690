import { OwnPlant, OwnProfile } from '@bent-pail/contract';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody } from '../http/body';
import { meOf, READS, WORKS } from '../http/guard';
import { dropGuide, keepPlant, keepProfile, listPlants, listProfiles } from './service';

export function guideRoutes(api: Api, context: Context): void {
  api.route('get', '/profiles', READS, async (_request, response) => {
    response.json(await listProfiles(context));
  });
  api.route('post', '/profiles', WORKS, async (request, response) => {
    response.json(await keepProfile(context, meOf(request), readBody(OwnProfile, request.body)));
  });
  api.route('delete', '/profiles/:id', WORKS, async (request, response) => {
    await dropGuide(context, 'profile', param(request, 'id'));
    response.json(await listProfiles(context));
  });
  api.route('get', '/plants', READS, async (_request, response) => {
    response.json(await listPlants(context));
  });
  api.route('post', '/plants', WORKS, async (request, response) => {
    response.json(await keepPlant(context, meOf(request), readBody(OwnPlant, request.body)));
  });
  api.route('delete', '/plants/:id', WORKS, async (request, response) => {
    await dropGuide(context, 'plant', param(request, 'id'));
    response.json(await listPlants(context));
  });
}
