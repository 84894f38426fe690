import { defineRoute, type Route } from '../http/defineRoute';
import { READS } from '../http/guard';
import { openApiOf } from './document';

/** The document of all routes, its own among them: made once, when it is first asked for. */
export function openApiRoutes(all: () => readonly Route[]): Route[] {
  let made: object | undefined;
  return [
    defineRoute({
      method: 'get',
      address: '/openapi.json',
      guard: READS,
      answer: () => {
        made ??= openApiOf(all());
        return made;
      },
    }),
  ];
}
