import type { ClassConstructor } from 'class-transformer';
import type { Request, Response } from 'express';
import { readBody, readQuery } from './body';
import type { Access } from './guard';
import { groupAsks, whoAsks, type GroupLink, type Principal } from './principal';
import { isNoId, notFound } from './problems';

export type Method = 'get' | 'post' | 'put' | 'patch' | 'delete';

/** The parts of an address that stand for something, as `id` of `/lots/:id`. */
type ParamOf<A extends string> = A extends `${string}:${infer P}/${infer Rest}`
  ? P | ParamOf<Rest>
  : A extends `${string}:${infer P}`
    ? P
    : never;

/** What was asked, by whom; the guard and the classes have looked at it before. */
export interface Asked<A extends string, B, Q> {
  /** Only behind a guard that lets nobody in who is not known. */
  readonly who: Principal;
  /** Only behind the guard of groups. */
  readonly group: GroupLink;
  readonly params: Readonly<Record<ParamOf<A>, string>>;
  readonly body: B;
  readonly query: Q;
  readonly request: Request;
}

interface Told<A extends string, B extends object, Q extends object> {
  readonly method: Method;
  /** Whole, so that the router can be read as a list. */
  readonly address: A;
  readonly guard: Access;
  readonly body?: ClassConstructor<B>;
  readonly query?: ClassConstructor<Q>;
}

/** What is answered as JSON, or nothing; with the status that it has where it is not 200. */
interface Answering<A extends string, B extends object, Q extends object> extends Told<A, B, Q> {
  readonly status?: number;
  readonly answer: (asked: Asked<A, B, Q>) => unknown;
}

/** What writes its answer itself: streams, pictures, tables. */
interface Responding<A extends string, B extends object, Q extends object> extends Told<A, B, Q> {
  readonly respond: (asked: Asked<A, B, Q>, response: Response) => Promise<void> | void;
}

/** A route as the server lists it: who may use it, what it takes, what it does. */
export interface Route {
  readonly method: Method;
  readonly address: string;
  readonly guard: Access;
  readonly body?: ClassConstructor<object>;
  readonly query?: ClassConstructor<object>;
  readonly handle: (request: Request, response: Response) => Promise<void>;
}

/** Where an address's first word is not what one of them is called. */
const ONE_OF: Readonly<Record<string, string>> = {
  users: 'person',
  laboratory: 'request',
  'album-photos': 'photo',
  'table-files': 'file',
};

const thingOf = (address: string): string => {
  const [, many = ''] = address.split('/');
  return ONE_OF[many] ?? many.replace(/s$/, '');
};

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** An address that was mistyped names nothing: that is said, and not that a value is wrong. */
async function answered(
  answer: () => unknown,
  address: string,
  params: Readonly<Record<string, string | string[]>>,
): Promise<unknown> {
  try {
    return await answer();
  } catch (error) {
    const { id } = params;
    if (isNoId(error) && typeof id === 'string' && !UUID.test(id)) throw notFound(thingOf(address));
    throw error;
  }
}

/** A route says once who may use it, what it takes and what it answers. */
export function defineRoute<const A extends string, B extends object = never, Q extends object = never>(
  route: Answering<A, B, Q> | Responding<A, B, Q>,
): Route {
  const { method, address, guard, body, query } = route;
  const askedBy = (request: Request): Asked<A, B, Q> => ({
    get who() {
      return whoAsks(request);
    },
    get group() {
      return groupAsks(request);
    },
    params: request.params as Record<ParamOf<A>, string>,
    body: (body === undefined ? undefined : readBody(body, request.body)) as B,
    query: (query === undefined ? undefined : readQuery(query, request.query)) as Q,
    request,
  });
  return {
    method,
    address,
    guard,
    ...(body === undefined ? {} : { body }),
    ...(query === undefined ? {} : { query }),
    handle: async (request, response) => {
      const asked = askedBy(request);
      if ('respond' in route) return route.respond(asked, response);
      const said = await answered(() => route.answer(asked), address, request.params);
      if (route.status === 204) response.status(204).end();
      else response.status(route.status ?? 200).json(said);
    },
  };
}
