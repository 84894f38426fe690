import { ROLES } from '@bent-pail/contract';
import { METRIC } from '@bent-pail/core';
import { IsIn } from 'class-validator';
import express from 'express';
import request from 'supertest';
import { describe, expect, it } from 'vitest';
import { systemClock } from '../clock';
import { apiRouter } from './api';
import { defineRoute } from './defineRoute';
import { LEADS, PUBLIC, SIGNED_IN } from './guard';
import { principalOf, seesAll, type Principal } from './principal';
import { answerProblems } from './problems';

class Colour {
  @IsIn(['ink', 'pencil'], { message: 'Ink or pencil.' })
  colour!: string;
}

const person = (role: Principal['role']): Principal =>
  principalOf({ id: 'p', name: 'Somebody', role, singleKeys: true, units: METRIC });

const ROUTES = [
  defineRoute({
    method: 'post',
    address: '/lots/:id/colour/:place',
    guard: LEADS,
    body: Colour,
    status: 201,
    answer: ({ who, params, body }) => ({ by: who.name, ...params, colour: body.colour }),
  }),
  defineRoute({
    method: 'get',
    address: '/drawn',
    guard: SIGNED_IN,
    query: Colour,
    answer: ({ query }) => query.colour,
  }),
  defineRoute({ method: 'delete', address: '/drawn', guard: SIGNED_IN, status: 204, answer: () => 'said to nobody' }),
  defineRoute({
    method: 'get',
    address: '/line',
    guard: PUBLIC,
    respond: (_asked, response) => {
      response.type('text/plain').send('as it comes');
    },
  }),
];

/** The routes as somebody sees them; nobody where no role is named. */
const seenBy = (role?: Principal['role']) =>
  request(
    express()
      .use((asked, _response, next) => {
        if (role !== undefined) asked.who = person(role);
        next();
      })
      .use(express.json())
      .use(apiRouter(ROUTES, systemClock))
      .use(answerProblems(() => undefined)),
  );

describe('a route', () => {
  it('answers with its parts of the address, its body and who asked', async () => {
    const answer = await seenBy('lead').post('/lots/7/colour/top').send({ colour: 'ink' });
    expect(answer.status).toBe(201);
    expect(answer.body).toEqual({ by: 'Somebody', id: '7', place: 'top', colour: 'ink' });
  });

  it('refuses a body and a question that are not of their class, naming the field', async () => {
    for (const refused of [
      await seenBy('lead').post('/lots/7/colour/top').send({ colour: 'blue' }),
      await seenBy('tester').get('/drawn?colour=blue'),
    ]) {
      expect(refused.status).toBe(422);
      expect(refused.body).toEqual({ error: { code: 'invalid', path: 'colour', message: 'Ink or pencil.' } });
    }
    expect((await seenBy('tester').get('/drawn?colour=ink')).body).toBe('ink');
  });

  it('lets in only whom its guard names, before anything is read', async () => {
    expect((await seenBy().post('/lots/7/colour/top').send({ colour: 'blue' })).status).toBe(401);
    expect((await seenBy('tester').post('/lots/7/colour/top').send({ colour: 'blue' })).status).toBe(403);
    expect((await seenBy().get('/line')).text).toBe('as it comes');
  });

  it('says nothing where there is nothing to say', async () => {
    const answer = await seenBy('reader').delete('/drawn');
    expect(answer.status).toBe(204);
    expect(answer.text).toBe('');
  });
});

describe('how far somebody reaches', () => {
  it('is all of the notebook, or one’s own sheets', () => {
    const reach = Object.fromEntries(ROLES.map((role) => [role, person(role).scope]));
    expect(reach).toEqual({
      lead: 'notebook',
      tester: 'notebook',
      reader: 'notebook',
      panellist: 'own sheets',
    });
    expect(ROLES.filter((role) => seesAll(person(role)))).toEqual(['lead', 'tester', 'reader']);
  });
});
