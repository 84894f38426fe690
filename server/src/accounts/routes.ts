import {
  ChangePassword,
  DEMO_PEOPLE,
  DemoSignIn,
  EditMe,
  EditUser,
  FirstLead,
  NewUser,
  SignIn,
} from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { inPerson, LEADS, PUBLIC, READS, SIGNED_IN } from '../http/guard';
import { addUser, changePassword, editUser, endSessionCalled, endSessions, listSessions, listUsers } from './people';
import { demoSignIn, editMe, firstLead, sessionState, signIn } from './service';
import { beginSession, endSession } from './session';

/** Coming in and going out, and the people of the notebook. */
export const accountRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/session',
    guard: PUBLIC,
    answer: ({ request }) => sessionState(context, request.who),
  }),
  defineRoute({
    method: 'post',
    address: '/session',
    guard: PUBLIC,
    body: SignIn,
    answer: async ({ request, body }) => {
      await beginSession(request, await signIn(context, body.name, body.password), context.clock.now());
      return sessionState(context, request.who);
    },
  }),
  defineRoute({
    method: 'post',
    address: '/session/demo',
    guard: PUBLIC,
    body: DemoSignIn,
    answer: async ({ request, body }) => {
      await beginSession(request, await demoSignIn(context, body.name ?? DEMO_PEOPLE[0].name), context.clock.now());
      return sessionState(context, request.who);
    },
  }),
  defineRoute({
    method: 'post',
    address: '/first-lead',
    guard: PUBLIC,
    body: FirstLead,
    status: 201,
    answer: async ({ request, body }) => {
      await beginSession(request, await firstLead(context, body), context.clock.now());
      return sessionState(context, request.who);
    },
  }),
  defineRoute({
    method: 'delete',
    address: '/session',
    guard: inPerson(SIGNED_IN),
    status: 204,
    answer: ({ request }) => endSession(request),
  }),
  defineRoute({
    method: 'patch',
    address: '/me',
    guard: inPerson(SIGNED_IN),
    body: EditMe,
    answer: ({ who, body }) => editMe(context, who, body),
  }),
  defineRoute({
    method: 'put',
    address: '/me/password',
    guard: inPerson(SIGNED_IN),
    body: ChangePassword,
    status: 204,
    answer: async ({ who, request, body }) => beginSession(request, who, await changePassword(context, who, body)),
  }),
  defineRoute({
    method: 'get',
    address: '/me/sessions',
    guard: inPerson(SIGNED_IN),
    answer: ({ who, request }) => listSessions(context, who, request.sessionID),
  }),
  defineRoute({
    method: 'delete',
    address: '/me/sessions/:key',
    guard: inPerson(SIGNED_IN),
    status: 204,
    answer: ({ who, params }) => endSessionCalled(context, who, params.key),
  }),
  defineRoute({
    method: 'delete',
    address: '/me/sessions',
    guard: inPerson(SIGNED_IN),
    status: 204,
    // Everywhere else: this session goes on as a new one.
    answer: async ({ who, request }) => beginSession(request, who, await endSessions(context, who.id)),
  }),
  defineRoute({ method: 'get', address: '/users', guard: READS, answer: () => listUsers(context) }),
  defineRoute({
    method: 'post',
    address: '/users',
    guard: inPerson(LEADS),
    body: NewUser,
    status: 201,
    answer: ({ body }) => addUser(context, body),
  }),
  defineRoute({
    method: 'patch',
    address: '/users/:id',
    guard: inPerson(LEADS),
    body: EditUser,
    answer: ({ params, body }) => editUser(context, params.id, body),
  }),
  defineRoute({
    method: 'delete',
    address: '/users/:id/sessions',
    guard: inPerson(LEADS),
    status: 204,
    answer: ({ params }) => endSessions(context, params.id),
  }),
];
