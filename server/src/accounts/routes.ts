import { ChangePassword, EditMe, EditUser, FirstLead, NewUser, SignIn } from '@bent-pail/contract';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody } from '../http/body';
import { LEADS, meOf, PUBLIC, READS, SIGNED_IN } from '../http/guard';
import { addUser, changePassword, editUser, endSessions, listUsers } from './people';
import { DEMO_PEOPLE, demoSignIn, editMe, firstLead, sessionState, signIn } from './service';
import { beginSession, endSession } from './session';
import { signInLimit } from './signInLimit';

export function accountRoutes(api: Api, context: Context): void {
  const { clock } = context;
  const limit = signInLimit();
  api.router.use('/session', (request, response, next) => {
    if (request.method === 'POST') void limit(request, response, next);
    else next();
  });
  api.route('get', '/session', PUBLIC, async (request, response) => {
    response.json(await sessionState(context, request.me));
  });
  api.route('post', '/session', PUBLIC, async (request, response) => {
    const { name, password } = readBody(SignIn, request.body);
    await beginSession(request, await signIn(context, name, password), clock.now());
    response.json(await sessionState(context, request.me));
  });
  api.route('post', '/session/demo', PUBLIC, async (request, response) => {
    const named = (request.body as { name?: unknown } | undefined)?.name;
    const me = await demoSignIn(context, typeof named === 'string' ? named : DEMO_PEOPLE.lead);
    await beginSession(request, me, clock.now());
    response.json(await sessionState(context, request.me));
  });
  api.route('post', '/first-lead', PUBLIC, async (request, response) => {
    await beginSession(request, await firstLead(context, readBody(FirstLead, request.body)), clock.now());
    response.status(201).json(await sessionState(context, request.me));
  });
  api.route('delete', '/session', SIGNED_IN, async (request, response) => {
    await endSession(request);
    response.status(204).end();
  });
  api.route('patch', '/me', SIGNED_IN, async (request, response) => {
    const me = meOf(request);
    const { singleKeys } = readBody(EditMe, request.body);
    response.json(await editMe(context, me, singleKeys ?? me.singleKeys));
  });
  api.route('put', '/me/password', SIGNED_IN, async (request, response) => {
    const me = meOf(request);
    await beginSession(request, me, await changePassword(context, me, readBody(ChangePassword, request.body)));
    response.status(204).end();
  });
  // Everywhere else: this session goes on as a new one.
  api.route('delete', '/me/sessions', SIGNED_IN, async (request, response) => {
    const me = meOf(request);
    await beginSession(request, me, await endSessions(context, me.id));
    response.status(204).end();
  });
  api.route('get', '/users', READS, async (_request, response) => {
    response.json(await listUsers(context));
  });
  api.route('post', '/users', LEADS, async (request, response) => {
    response.status(201).json(await addUser(context, readBody(NewUser, request.body)));
  });
  api.route('patch', '/users/:id', LEADS, async (request, response) => {
    response.json(await editUser(context, param(request, 'id'), readBody(EditUser, request.body)));
  });
  api.route('delete', '/users/:id/sessions', LEADS, async (request, response) => {
    await endSessions(context, param(request, 'id'));
    response.status(204).end();
  });
}
