import type { Api } from '../http/api';
import { meOf, SIGNED_IN } from '../http/guard';
import type { Server } from '../resource';

/** How many of each thing there are, for the bench edge of every page: numbers only, and quick. */
export function countRoutes(api: Api, { counts }: Server): void {
  api.route('get', '/counts', SIGNED_IN, async (request, response) => {
    response.json(await counts(meOf(request)));
  });
}
