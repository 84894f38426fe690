import { EditMe, FirstLead, NewUser, SignIn, type Me } from '@bent-pail/contract';
import type { Request } from 'express';
import rateLimit from 'express-rate-limit';
import type { Context } from '../context';
import type { Api } from '../http/api';
import { readBody } from '../http/body';
import { LEADS, meOf, PUBLIC, READS, SIGNED_IN } from '../http/guard';
import { addUser, DEMO_PEOPLE, demoSignIn, editMe, firstLead, listUsers, sessionState, signIn } from './service';

/** Wrong passwords from one address in a quarter of an hour before it has to wait. */
const WRONG_TRIES = Object.freeze({ windowMs: 15 * 60 * 1000, limit: 20 });

/** A fresh session for a person, so that an id known before signing in is worth nothing. */
async function begin(request: Request, me: Me): Promise<void> {
  await new Promise<void>((resolve, reject) => {
    request.session.regenerate((error: unknown) => {
      if (error === undefined || error === null) resolve();
      else reject(error instanceof Error ? error : new Error('the session store refused'));
    });
  });
  request.session.me = me;
}

export function accountRoutes(api: Api, context: Context): void {
  api.router.use(
    '/session',
    rateLimit({
      ...WRONG_TRIES,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      skipSuccessfulRequests: true,
      skip: (request) => request.method !== 'POST',
      message: { error: { code: 'too-often', message: 'Too many wrong passwords; wait a quarter of an hour.' } },
    }),
  );
  api.route('get', '/session', PUBLIC, async (request, response) => {
    response.json(await sessionState(context, request.session.me));
  });
  api.route('post', '/session', PUBLIC, async (request, response) => {
    const { name, password } = readBody(SignIn, request.body);
    await begin(request, await signIn(context, name, password));
    response.json(await sessionState(context, request.session.me));
  });
  api.route('post', '/session/demo', PUBLIC, async (request, response) => {
    const named = (request.body as { name?: unknown } | undefined)?.name;
    await begin(request, await demoSignIn(context, typeof named === 'string' ? named : DEMO_PEOPLE.lead));
    response.json(await sessionState(context, request.session.me));
  });
  api.route('post', '/first-lead', PUBLIC, async (request, response) => {
    await begin(request, await firstLead(context, readBody(FirstLead, request.body)));
    response.status(201).json(await sessionState(context, request.session.me));
  });
  api.route('delete', '/session', SIGNED_IN, async (request, response) => {
    await new Promise<void>((resolve) => {
      request.session.destroy(() => {
        resolve();
      });
    });
    response.status(204).end();
  });
  api.route('patch', '/me', SIGNED_IN, async (request, response) => {
    const me = meOf(request);
    const { singleKeys } = readBody(EditMe, request.body);
    request.session.me = await editMe(context, me, singleKeys ?? me.singleKeys);
    response.json(request.session.me);
  });
  api.route('get', '/users', READS, async (_request, response) => {
    response.json(await listUsers(context));
  });
  api.route('post', '/users', LEADS, async (request, response) => {
    response.status(201).json(await addUser(context, readBody(NewUser, request.body)));
  });
}
