import type { ClassPage, GroupPage, JoinPage } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import type { Pumice } from './bench';
import type { Answer, Client, TestServer } from './testServer';

/** A class on a lot, in a measured pot. */
export async function beginClass(teacher: Client, shelf: Pumice, more: object = {}): Promise<ClassPage> {
  const answer = await teacher.post<ClassPage>('/classes', {
    id: uuidv7(),
    name: 'Potting, Tuesday',
    lesson: 'air-and-water',
    groups: 3,
    lotIds: [shelf.lotId],
    vesselId: shelf.vesselIds[0],
    minutes: 60,
    ...more,
  });
  if (answer.status !== 201) throw new Error(`class: ${JSON.stringify(answer.body)}`);
  return answer.body;
}

/** A phone that joined a group by the code on the wall. */
export async function joinGroup(server: TestServer, code: string | undefined, group: number): Promise<Client> {
  const phone = server.anonymous();
  const seen = await phone.post<JoinPage>('/join', { code });
  if (seen.status !== 200) throw new Error(`join: ${JSON.stringify(seen.body)}`);
  const joined = await phone.post('/join/group', { code, group });
  if (joined.status !== 200) throw new Error(`join: ${JSON.stringify(joined.body)}`);
  return phone;
}

export const guess = (
  phone: Client,
  sampleId: string,
  figure: string,
  value: number,
  margin = 5,
): Promise<Answer<GroupPage>> =>
  phone.post<GroupPage>('/group/guesses', { id: uuidv7(), sampleId, figure, value, margin });

export const groupReading = (
  server: TestServer,
  sampleId: string,
  repeat: number,
  step: string,
  value: number,
): object => ({ id: uuidv7(), sampleId, repeat, step, value, takenAt: new Date(server.clock.now()).toISOString() });

/** Water poured in and run out, for each time, with the waits between. */
export async function measureJug(
  server: TestServer,
  phone: Client,
  sampleId: string,
  times: readonly (readonly [number, number])[],
): Promise<void> {
  const keep = async (repeat: number, step: string, value: number): Promise<void> => {
    const answer = await phone.post('/group/readings', groupReading(server, sampleId, repeat, step, value));
    if (answer.status !== 201) throw new Error(`${step}: ${JSON.stringify(answer.body)}`);
  };
  for (const [repeat, [added, collected]] of times.entries()) {
    await keep(repeat, 'added', added);
    await keep(repeat, 'soak', server.clock.now() / 1000);
    server.clock.forward(10);
    await keep(repeat, 'drain', server.clock.now() / 1000);
    server.clock.forward(10);
    await keep(repeat, 'collected', collected);
  }
}
