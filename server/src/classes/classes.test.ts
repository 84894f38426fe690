import type { ClassPage, ClassRow, GroupPage, OwnLesson } from '@bent-pail/contract';
import { LESSONS } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { fillSheet, putOnShelf, startRun, type Pumice } from '../testing/bench';
import { beginClass, groupReading, guess, joinGroup } from '../testing/classes';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let teacher: Client;
let shelf: Pumice;
beforeAll(async () => {
  server = await startTestServer();
  teacher = await server.as('tester');
  shelf = await putOnShelf(teacher);
  const run = await startRun(teacher, shelf);
  await fillSheet(server, teacher, run);
  await teacher.post(`/runs/${run.id}/finish`);
  await server.app.cards.settled();
});
afterAll(() => server.close());

const pageOf = async (id: string): Promise<ClassPage> => (await teacher.get<ClassPage>(`/classes/${id}`)).body;
const sampleIn = (page: ClassPage): string => page.samples[0]?.id ?? '';
const groupIn = (page: ClassPage, number: number): string => page.groups[number - 1]?.id ?? '';

describe('a class', () => {
  it('begins with groups, a code for the wall, blind samples, and what the bench says of them', async () => {
    const page = await beginClass(teacher, shelf);
    expect(page.code).toMatch(/^[A-Z0-9]{6}$/);
    expect(page.groups.map(({ number }) => number)).toEqual([1, 2, 3]);
    expect(page.samples).toMatchObject([{ lotId: shelf.lotId, lot: 'Pumice 3-8 mm, PM-3' }]);
    expect(page.samples[0]?.code).toMatch(/^[A-Z][0-9]$/);
    expect(page.samples[0]?.bench.air?.value).toBeGreaterThan(10);
    expect(page.pot).toMatchObject({ name: 'V1', height_cm: 12 });
    expect((await teacher.get<ClassRow[]>('/classes?state=open')).body.map(({ id }) => id)).toContain(page.id);
  });

  it.each([
    [{ lesson: 'fire-eating' }, 'lesson'],
    [{ lotIds: [] }, 'lotIds'],
    [{ lotIds: [uuidv7()] }, 'lotIds[0]'],
    [{ vesselId: uuidv7() }, 'vesselId'],
    [{ groups: 41 }, 'groups'],
    [{ minutes: 2000 }, 'minutes'],
  ])('refuses %j with a sentence at its field', async (wrong, path) => {
    const body = { name: 'x', lesson: 'acid', groups: 2, lotIds: [shelf.lotId], minutes: 30, ...wrong };
    const answer = await teacher.post('/classes', { id: uuidv7(), ...body });
    expect(answer.status).toBe(422);
    expect(answer.body).toMatchObject({ error: { path } });
  });

  it('ends by itself, with every link in it; more time keeps it going', async () => {
    const page = await beginClass(teacher, shelf, { minutes: 20 });
    const phone = await joinGroup(server, page.code, 1);
    server.clock.forward(15);
    await teacher.post(`/classes/${page.id}/time`, { minutes: 10 });
    server.clock.forward(10);
    expect((await phone.get('/group')).status).toBe(200);
    server.clock.forward(6);
    expect((await phone.get('/group')).status).toBe(401);
    expect((await phone.post('/group/guesses', {})).status).toBe(401);
    expect((await server.anonymous().post('/join', { code: page.code })).body).toMatchObject({
      error: { code: 'no-class' },
    });
    expect((await pageOf(page.id)).code).toBeUndefined();
    expect((await teacher.post(`/classes/${page.id}/time`, { minutes: 10 })).status).toBe(422);
    // The code is free for another class.
    await beginClass(teacher, shelf);
    const [kept] = await server.db.query<{ code: string | null }[]>('select code from classes where id = $1', [
      page.id,
    ]);
    expect(kept?.code).toBeNull();
  });

  it('is ended by its teacher at once', async () => {
    const page = await beginClass(teacher, shelf);
    const phone = await joinGroup(server, page.code, 2);
    const ended = await teacher.post<ClassPage>(`/classes/${page.id}/end`);
    expect(ended.body.isOpen).toBe(false);
    expect((await phone.get('/group')).status).toBe(401);
  });
});

describe('a group’s phone', () => {
  it('guesses before the sheet opens, and measures after', async () => {
    const page = await beginClass(teacher, shelf);
    const phone = await joinGroup(server, page.code?.toLowerCase(), 1);
    const sampleId = sampleIn(page);
    const early = await phone.post('/group/readings', groupReading(server, sampleId, 0, 'added', 500));
    expect(early.body).toMatchObject({ error: { message: 'Guess first: the sheet opens then.' } });
    expect((await guess(phone, sampleId, 'air', 130)).body).toMatchObject({ error: { path: 'value' } });
    expect((await guess(phone, sampleId, 'collected', 30)).body).toMatchObject({ error: { path: 'figure' } });
    await guess(phone, sampleId, 'air', 20);
    await guess(phone, sampleId, 'air', 30, 4);
    await guess(phone, sampleId, 'held', 40);
    const open = (await phone.get<GroupPage>('/group')).body;
    expect(open.guesses).toContainEqual({ sampleId, figure: 'air', value: 30, margin: 4 });
    expect(open.guesses).toHaveLength(2);
    const wrong = await phone.post('/group/readings', groupReading(server, sampleId, 0, 'added', -3));
    expect(wrong.body).toMatchObject({ error: { message: expect.stringMatching(/must lie between 0/) as string } });
    // The pot is known: nobody measures it, and no third time is asked for.
    expect((await phone.post('/group/readings', groupReading(server, sampleId, 0, 'volume', 900))).status).toBe(422);
    expect((await phone.post('/group/readings', groupReading(server, sampleId, 2, 'added', 500))).status).toBe(422);
    const kept = await phone.post<GroupPage>('/group/readings', groupReading(server, sampleId, 0, 'added', 500));
    expect(kept.status).toBe(201);
    expect((await guess(phone, sampleId, 'air', 1)).body).toMatchObject({ error: { path: 'sampleId' } });
  });

  it('keeps a reading that is sent twice once, and shows it on the group’s other phone', async () => {
    const page = await beginClass(teacher, shelf);
    const [one, two] = [await joinGroup(server, page.code, 1), await joinGroup(server, page.code, 1)];
    for (const figure of ['air', 'held']) await guess(one, sampleIn(page), figure, 25);
    const body = groupReading(server, sampleIn(page), 0, 'added', 500);
    expect((await one.post('/group/readings', body)).status).toBe(201);
    expect((await one.post('/group/readings', body)).status).toBe(201);
    expect((await one.post('/group/readings', { ...body, value: 501 })).status).toBe(409);
    expect((await two.get<GroupPage>('/group')).body.readings).toHaveLength(1);
    expect((await pageOf(page.id)).groups[0]?.phones).toBe(2);
  });

  it('is sent away, and may come again; leaves by itself', async () => {
    const page = await beginClass(teacher, shelf);
    const phone = await joinGroup(server, page.code, 1);
    await teacher.post(`/classes/${page.id}/groups/${groupIn(page, 1)}/away`);
    expect((await phone.get('/group')).status).toBe(401);
    await phone.post('/join/group', { code: page.code, group: 2 });
    expect((await phone.get<GroupPage>('/group')).body.number).toBe(2);
    // Joining another group leaves the first.
    await phone.post('/join/group', { code: page.code, group: 3 });
    expect((await pageOf(page.id)).groups.map(({ phones }) => phones)).toEqual([0, 0, 1]);
    expect((await phone.send('DELETE', '/group')).status).toBe(204);
    expect((await phone.get('/group')).status).toBe(401);
  });

  it('shares a group with a few others at most', async () => {
    const page = await beginClass(teacher, shelf);
    for (let i = 0; i < 8; i += 1) await joinGroup(server, page.code, 1);
    expect((await server.anonymous().post('/join/group', { code: page.code, group: 1 })).status).toBe(422);
    expect((await server.anonymous().post('/join/group', { code: page.code, group: 9 })).status).toBe(422);
  });

  it('leaves a teacher who tries it out signed in', async () => {
    const page = await beginClass(teacher, shelf);
    const curious = await server.as('tester');
    await curious.post('/join/group', { code: page.code, group: 1 });
    expect((await curious.get('/group')).status).toBe(200);
    expect((await curious.get(`/classes/${page.id}`)).status).toBe(200);
  });
});

describe('lessons', () => {
  it('of one’s own have another’s sheet with other words, and a class follows them as they were', async () => {
    const id = uuidv7();
    const questions = [{ ask: 'Which is wetter?', answer: 'The lower one.' }];
    const body = {
      id,
      from: 'pot-height',
      title: 'Pots for leeks',
      aim: 'Deep or low?',
      minutes: 40,
      repeats: 1,
      questions,
    };
    const kept = await teacher.post<OwnLesson[]>('/lessons', body);
    expect(kept.body.find(({ key }) => key === id)).toMatchObject({
      sheet: 'heights',
      title: 'Pots for leeks',
      questions,
    });
    const page = await beginClass(teacher, shelf, { lesson: id });
    expect(page.plan).toMatchObject({ key: id, sheet: 'heights', questions });
    const again = await teacher.post('/lessons', { ...body, id: uuidv7(), from: id });
    expect(again.status).toBe(201);
    expect((await teacher.post('/lessons', { ...body, id: uuidv7(), from: 'none' })).body).toMatchObject({
      error: { path: 'from' },
    });
  });

  it.each(LESSONS.map(({ key }) => [key]))('%s can be held', async (lesson) => {
    const page = await beginClass(teacher, shelf, { lesson });
    const phone = await joinGroup(server, page.code, 1);
    const { body } = await phone.get<GroupPage>('/group');
    expect(body).toMatchObject({ title: page.plan.title, repeats: page.plan.repeats });
    expect(JSON.stringify(body)).not.toContain(page.plan.questions[0]?.answer ?? 'an answer');
  });
});
