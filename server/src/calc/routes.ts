import { CALC_NAMES, calcSchema } from '@bent-pail/contract/calc';
import { defineRoute, type Route } from '../http/defineRoute';
import { SIGNED_IN } from '../http/guard';
import { notFound } from '../http/problems';
import type { Server } from '../resource';

/** The same calculations as on the command line, with the same bodies and the same sentences. */
export const calcRoutes = ({ calculator }: Server): Route[] => [
  defineRoute({ method: 'get', address: '/calc', guard: SIGNED_IN, answer: () => ({ names: CALC_NAMES }) }),
  defineRoute({
    method: 'get',
    address: '/calc/:name/schema',
    guard: SIGNED_IN,
    answer: ({ params }) => {
      const schema = calcSchema(params.name);
      if (schema === undefined) throw notFound('calculation');
      return schema;
    },
  }),
  defineRoute({
    method: 'post',
    address: '/calc/:name',
    guard: SIGNED_IN,
    // The schema of the calculation looks at the body, and refuses it as the command line does.
    respond: async ({ params, request }, response) => {
      const answer = await calculator.calculate({ name: params.name, input: request.body as unknown });
      if (answer.ok) response.set('Calc-Method', answer.method).json(answer.result);
      else response.status(422).json({ error: answer.error });
    },
  }),
];
