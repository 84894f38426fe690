import { EditLot, EditMaterial, IdsAsked, LotsAsked, NewLot, NewMaterial } from '@bent-pail/contract';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody, readIds, readQuery } from '../http/body';
import { READS, WORKS } from '../http/guard';
import { addLot, addMaterial, deskLots, editLot, editMaterial, listLots, lotPage } from './service';

export function shelfRoutes(api: Api, context: Context): void {
  api.route('get', '/lots', READS, async (request, response) => {
    response.json(await listLots(context, readQuery(LotsAsked, request.query)));
  });
  api.route('get', '/lots/desk', READS, async (request, response) => {
    response.json(await deskLots(context, readIds(readQuery(IdsAsked, request.query).ids)));
  });
  api.route('get', '/lots/:id', READS, async (request, response) => {
    response.json(await lotPage(context, param(request, 'id')));
  });
  api.route('post', '/materials', WORKS, async (request, response) => {
    response.status(201).json(await addMaterial(context, readBody(NewMaterial, request.body)));
  });
  api.route('patch', '/materials/:id', WORKS, async (request, response) => {
    await editMaterial(context, param(request, 'id'), readBody(EditMaterial, request.body));
    response.status(204).end();
  });
  api.route('post', '/lots', WORKS, async (request, response) => {
    response.status(201).json(await addLot(context, readBody(NewLot, request.body)));
  });
  api.route('patch', '/lots/:id', WORKS, async (request, response) => {
    response.json(await editLot(context, param(request, 'id'), readBody(EditLot, request.body)));
  });
}
