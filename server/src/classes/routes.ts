import {
  ClassesAsked,
  ClassExclusion,
  JoinCode,
  JoinGroup,
  LetIn,
  MoreTime,
  NewClass,
  NewGroupReading,
  NewGuess,
  NewLesson,
} from '@bent-pail/contract';
import { defineRoute, type Route } from '../http/defineRoute';
import { GROUP, LEADS, PUBLIC, READS, WORKS } from '../http/guard';
import { LiveStreams } from '../live/stream';
import type { Server } from '../resource';
import { groupPage } from './groupPage';
import { keepGroupReading, keepGuess } from './groupSheets';
import { join, leave, lookUp } from './joining';
import { listLessons, makeLesson } from './lessons';
import { letIn } from './letIn';
import { groupOfPhone } from './phoneLink';
import {
  beginClass,
  endClass,
  excludeGroup,
  giveMoreTime,
  listClasses,
  listWipes,
  pageOf,
  reveal,
  sendAway,
  wipeClass,
} from './service';

/** A class as its teacher handles it. */
const teachers = (context: Server): Route[] => [
  defineRoute({ method: 'get', address: '/lessons', guard: READS, answer: () => listLessons(context) }),
  defineRoute({
    method: 'post',
    address: '/lessons',
    guard: WORKS,
    body: NewLesson,
    status: 201,
    answer: ({ who, body }) => makeLesson(context, who, body),
  }),
  defineRoute({
    method: 'get',
    address: '/classes',
    guard: READS,
    query: ClassesAsked,
    answer: ({ query }) => listClasses(context, query),
  }),
  defineRoute({
    method: 'post',
    address: '/classes',
    guard: WORKS,
    body: NewClass,
    status: 201,
    answer: ({ who, body }) => beginClass(context, who, body),
  }),
  defineRoute({
    method: 'get',
    address: '/classes/:id',
    guard: READS,
    answer: ({ params }) => pageOf(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/classes/:id/end',
    guard: WORKS,
    answer: ({ params }) => endClass(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/classes/:id/time',
    guard: WORKS,
    body: MoreTime,
    answer: ({ params, body }) => giveMoreTime(context, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/classes/:id/reveal',
    guard: WORKS,
    answer: ({ params }) => reveal(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/classes/:id/groups/:group/away',
    guard: WORKS,
    answer: ({ params }) => sendAway(context, params.id, params.group),
  }),
  defineRoute({
    method: 'post',
    address: '/classes/:id/exclusions',
    guard: WORKS,
    body: ClassExclusion,
    status: 201,
    answer: ({ who, params, body }) => excludeGroup(context, who, params.id, body),
  }),
  defineRoute({
    method: 'post',
    address: '/classes/:id/runs',
    guard: WORKS,
    body: LetIn,
    status: 201,
    answer: ({ who, params, body }) => letIn(context, who, params.id, body),
  }),
  defineRoute({
    method: 'delete',
    address: '/classes/:id',
    guard: LEADS,
    answer: ({ who, params }) => wipeClass(context, who, params.id),
  }),
  defineRoute({ method: 'get', address: '/class-wipes', guard: READS, answer: () => listWipes(context) }),
];

/** How phones come in by the code on the wall, and what a group's link opens: its own sheet, and nothing else. */
function groups(context: Server): Route[] {
  const streams = new LiveStreams(context.hub);
  return [
    defineRoute({
      method: 'post',
      address: '/join',
      guard: PUBLIC,
      body: JoinCode,
      answer: ({ body }) => lookUp(context, body),
    }),
    defineRoute({
      method: 'post',
      address: '/join/group',
      guard: PUBLIC,
      body: JoinGroup,
      answer: ({ body, request }) => join(context, request, body),
    }),
    defineRoute({
      method: 'get',
      address: '/group',
      guard: GROUP,
      answer: ({ group }) => groupPage(context.db.manager, group),
    }),
    defineRoute({
      method: 'delete',
      address: '/group',
      guard: GROUP,
      status: 204,
      answer: ({ group, request }) => leave(context, request, group),
    }),
    defineRoute({
      method: 'post',
      address: '/group/guesses',
      guard: GROUP,
      body: NewGuess,
      status: 201,
      answer: ({ group, body }) => keepGuess(context, group, body),
    }),
    defineRoute({
      method: 'post',
      address: '/group/readings',
      guard: GROUP,
      body: NewGroupReading,
      status: 201,
      answer: ({ group, body }) => keepGroupReading(context, group, body),
    }),
    defineRoute({
      method: 'get',
      address: '/group/live',
      guard: GROUP,
      respond: ({ group }, response) => {
        const isStillIn = async (): Promise<boolean> => (await groupOfPhone(context, group.phoneId)) !== undefined;
        const stream = streams.begin(response, { id: group.phoneId, isStillIn });
        stream.say('group', 'all');
        // Of the others a phone does not even hear that they got on.
        stream.until(
          context.hub.hearClasses(({ classId, groupId }) => {
            const isMine = classId === group.classId && (groupId === undefined || groupId === group.groupId);
            if (isMine || classId === 'all') stream.say('group', 'changed');
          }),
        );
      },
    }),
  ];
}

export const classRoutes = (context: Server): Route[] => [...teachers(context), ...groups(context)];
