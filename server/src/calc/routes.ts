import { CALC_NAMES, calcSchema } from '@bent-pail/contract/calc';
import { param, type Api } from '../http/api';
import type { Server } from '../resource';
import { SIGNED_IN } from '../http/guard';
import { notFound } from '../http/problems';

/** The same calculations as on the command line, with the same bodies and the same sentences. */
export function calcRoutes(api: Api, { calculator }: Server): void {
  api.route('get', '/calc', SIGNED_IN, (_request, response) => {
    response.json({ names: CALC_NAMES });
  });
  api.route('get', '/calc/:name/schema', SIGNED_IN, (request, response) => {
    const schema = calcSchema(param(request, 'name'));
    if (schema === undefined) throw notFound('calculation');
    response.json(schema);
  });
  api.route('post', '/calc/:name', SIGNED_IN, async (request, response) => {
    const answer = await calculator.calculate({ name: param(request, 'name'), input: request.body as unknown });
    if (answer.ok) response.set('Calc-Method', answer.method).json(answer.result);
    else response.status(422).json({ error: answer.error });
  });
}
