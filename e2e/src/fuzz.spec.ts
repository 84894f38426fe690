import type { ClassPage, Page, SessionState } from '@bent-pail/contract';
import { DEMO_PEOPLE } from '@bent-pail/contract/choices';
import fc from 'fast-check';
import { VIEWS } from '../../web/src/app/views';
import { FuzzAsker, type Answered } from './fuzz/asker';
import { callsOf, type ApiDocument, type Call } from './fuzz/calls';
import { HOSTILE } from './fuzz/files';
import { Known } from './fuzz/known';
import { expect, test, type Notebook } from './notebook';
import { Person } from './person';
import { stands } from './stands';
import { inTurn } from './turns';

/** A seeded sample in every test run; `npm run crash` sends all of it. */
const FULL = process.env.BENT_PAIL_CRASH === 'full';
const BODIES = Number(process.env.BENT_PAIL_BODIES ?? (FULL ? '200000' : '600'));
const SEED = Number(process.env.BENT_PAIL_SEED ?? '20261201');
const CHUNK = 500;
const AT_ONCE = 4;
/** Nothing but a calculation and a file that is read may take longer: those have a thread or a process, and a deadline. */
const SLOW_MS = 1000;
const MAY_TAKE_LONGER = /^(POST \/calc|\w+ .*\/(incoming|photos)\/)/;
/** Shares of those who ask: mostly somebody who may do everything. */
const LEAD_OF_TEN = 7;

/** What is wrong with an answer; nothing where it is one that a page can show. */
function wrongWith({ status, text, type }: Answered): string | undefined {
  if (status < 400) return undefined;
  if (status >= 500 && !(status === 503 && text.includes('"busy"'))) return `answered ${String(status)}`;
  if (!type.startsWith('application/json')) return `refused as ${type}`;
  const { error } = JSON.parse(text) as { readonly error?: { readonly code?: unknown; readonly message?: unknown } };
  return typeof error?.code === 'string' && typeof error.message === 'string' && error.message.length > 3
    ? undefined
    : `refused without a sentence: ${text.slice(0, 100)}`;
}

async function lookAround(lead: FuzzAsker, document: ApiDocument, known: Known): Promise<void> {
  const lists = Object.keys(document.paths).filter((path) => !path.includes('{') && document.paths[path]?.get);
  for (const path of lists.filter((one) => !/live|notebook-file|backups|exports/.test(one)))
    known.take(await lead.json(path).catch(() => undefined));
  for (const [list, one] of [
    ['/lots', '/lots'],
    ['/runs', '/runs'],
    ['/blends', '/blends'],
    ['/trials', '/trials'],
    ['/classes', '/classes'],
    ['/pots', '/pots'],
  ] as const) {
    const { rows = [] } = await lead.json<{ readonly rows?: readonly { readonly id: string }[] }>(list);
    for (const { id } of rows.slice(0, 6)) known.take(await lead.json(`${one}/${id}`).catch(() => undefined));
  }
}

/** Asks everything, some at once, and tells what was wrong. */
class Fuzz {
  readonly wrong: string[] = [];
  readonly statuses = new Map<number, number>();
  readonly slow: { readonly asker: FuzzAsker; readonly call: Call }[] = [];
  asked = 0;

  constructor(
    private readonly askers: readonly FuzzAsker[],
    private readonly phone: FuzzAsker,
  ) {}

  async all(calls: readonly Call[]): Promise<void> {
    const left = [...calls];
    const work = async (): Promise<void> => {
      for (let call = left.pop(); call !== undefined; call = left.pop()) await this.one(call);
    };
    await Promise.all(Array.from({ length: AT_ONCE }, work));
  }

  private async one(call: Call): Promise<void> {
    const person = this.askers[this.asked % 10 < LEAD_OF_TEN ? 0 : (this.asked % (this.askers.length - 1)) + 1];
    const asker = /^\w+ \/group/.test(call.route) ? this.phone : person;
    this.asked += 1;
    if (asker === undefined) throw new Error('nobody asks');
    const answer = await asker.ask(call);
    this.statuses.set(answer.status, (this.statuses.get(answer.status) ?? 0) + 1);
    const wrong = wrongWith(answer);
    if (wrong !== undefined) this.tell(call, wrong);
    else if (answer.took_ms >= SLOW_MS && !MAY_TAKE_LONGER.test(call.route)) this.slow.push({ asker, call });
  }

  /** What was slow is asked again once nobody else is at it: whether it is slow by itself. */
  async askSlowAgain(): Promise<void> {
    for (const { asker, call } of this.slow) {
      const took_ms: number[] = [];
      while (took_ms.length < 3 && took_ms.every((ms) => ms >= SLOW_MS)) took_ms.push((await asker.ask(call)).took_ms);
      if (took_ms.every((ms) => ms >= SLOW_MS))
        this.tell(call, `took ${took_ms.map((ms) => (ms / 1000).toFixed(1)).join(', ')} s`);
    }
  }

  say(): void {
    process.stdout.write(`\n${String(this.asked)} calls, ${String(this.slow.length)} slow\n${this.wrong.join('\n')}\n`);
  }

  private tell(call: Call, what: string): void {
    this.wrong.push(`${call.route}: ${what}: ${call.address} ${JSON.stringify(call.body ?? null).slice(0, 300)}`);
  }
}

/** Where there is something to look at, by the names that things have before anybody is at them. */
async function everyPage(me: Person): Promise<readonly string[]> {
  const asker = {
    list: <T>(address: string) => me.list<T>(address),
    all: <T>(address: string) => me.ask<readonly T[]>(address),
  };
  return (await Promise.all(Object.values(VIEWS).map((view) => view.looks(asker)))).flat();
}

/** Every page stands, whatever is kept by now, and nothing breaks in it. */
async function openAll(me: Person, url: string, addresses: readonly string[]): Promise<void> {
  const said: string[] = [];
  me.page.on('pageerror', ({ message }) => said.push(`${me.page.url()}: ${message}`));
  for (const address of addresses) {
    await me.page.goto(`${url}${address}`);
    await stands(me.page);
    if (await me.page.getByText('This page stumbled').isVisible()) said.push(`${address}: stumbled`);
  }
  expect(said).toEqual([]);
}

/** Begins a class, and gives the code on its wall. */
async function openCode(lead: FuzzAsker): Promise<string> {
  const { rows } = await lead.json<Page<{ readonly id: string }>>('/lots');
  const plan = { name: 'Fuzz', lesson: 'acid', groups: 3, minutes: 600 };
  const body = { id: crypto.randomUUID(), ...plan, lotIds: rows.slice(0, 2).map(({ id }) => id) };
  const { text } = await lead.ask({ method: 'POST', address: '/classes', body });
  const { code } = JSON.parse(text) as ClassPage;
  if (code === undefined) throw new Error(`the class was answered ${text}`);
  return code;
}

async function beginFuzz(notebook: Notebook): Promise<{ readonly fuzz: Fuzz; readonly calls: fc.Arbitrary<Call> }> {
  // One asker a role: the first is a lead.
  const byRole = new Map(DEMO_PEOPLE.toReversed().map(({ name, role }) => [role, name]));
  const names = [byRole.get('lead'), ...[...byRole].flatMap(([role, name]) => (role === 'lead' ? [] : [name]))];
  const askers: FuzzAsker[] = [];
  for (const name of names) {
    const asker = new FuzzAsker(notebook.url);
    await asker.signIn(name ?? '');
    askers.push(asker);
  }
  const [lead] = askers;
  if (lead === undefined) throw new Error('the demo has no lead');
  const document = await lead.json<ApiDocument>('/openapi.json');
  const known = new Known();
  await lookAround(lead, document, known);
  const mine = await Promise.all(askers.map((asker) => asker.json<SessionState>('/session')));
  known.spare(mine.flatMap(({ me }) => me?.id ?? []));
  const phone = new FuzzAsker(notebook.url);
  await phone.join(await openCode(lead));
  return { fuzz: new Fuzz(askers, phone), calls: callsOf(document, known) };
}

test(`${String(BODIES)} odd calls over every route: each answered, none in more than a second, and every page opens after them`, async ({
  browser,
  notebook,
}) => {
  test.setTimeout(FULL ? 4 * 3_600_000 : 600_000);
  const me = await Person.enter(browser, notebook, DEMO_PEOPLE[0].name);
  const addresses = (await everyPage(me)).filter(inTurn(6, FULL));
  const { fuzz, calls } = await beginFuzz(notebook);
  for (let i = 0; fuzz.asked < BODIES && fuzz.wrong.length < 50; i += 1) {
    const numRuns = Math.min(CHUNK, BODIES - fuzz.asked);
    await fuzz.all(fc.sample(calls, { numRuns, seed: SEED + i }));
    if (FULL && i % 20 === 19) fuzz.say();
  }
  await fuzz.askSlowAgain();
  expect.soft(fuzz.wrong).toEqual([]);
  // A fuzz that is turned away at the door says little: some of it must be taken, and most refused by its content.
  const share = (from: number, to: number): number =>
    [...fuzz.statuses].filter(([status]) => status >= from && status < to).reduce((sum, [, n]) => sum + n, 0) / BODIES;
  expect(share(200, 300)).toBeGreaterThan(0.05);
  expect(share(400, 500)).toBeGreaterThan(0.2);
  expect(share(401, 402)).toBeLessThan(0.05);
  await openAll(me, notebook.url, addresses);
});

test('files that were made to break whoever opens them are refused, and nothing of them is left', async ({
  notebook,
}) => {
  // Each is read by a process of its own, some until its limit.
  test.setTimeout(600_000);
  const lead = new FuzzAsker(notebook.url);
  await lead.signIn(DEMO_PEOPLE[0].name);
  const { rows } = await lead.json<{ readonly rows: readonly { readonly id: string }[] }>('/lots');
  const lot = rows[0]?.id ?? '';
  const id = (): string => crypto.randomUUID();
  const photos: (readonly [string, number])[] = [];
  for (const [what, hostile] of Object.entries(HOSTILE)) {
    for (const address of [
      `/notebook-file/incoming/${id()}`,
      `/table-files/incoming/${id()}?kind=lots`,
      `/lots/${lot}/photos/${id()}`,
    ]) {
      const answer = await lead.ask({ method: 'PUT', address, file: hostile });
      expect.soft([what, address, wrongWith(answer)]).toEqual([what, address, undefined]);
      if (address.includes('/photos/')) photos.push([what, answer.status]);
    }
  }
  // A picture with something behind it is a picture, and is kept as its pixels alone.
  expect(photos.filter(([, status]) => status < 400).map(([what]) => what)).toEqual([
    'a small picture',
    'a picture with a page behind it',
    'a picture with a ZIP behind it',
  ]);
  for (const { id } of await lead.json<readonly { readonly id: string }[]>(`/lots/${lot}/photos`)) {
    const { text, type } = await lead.ask({ method: 'GET', address: `/album-photos/${id}` });
    expect(type).toBe('image/jpeg');
    expect(text).not.toMatch(/<script|worksheet/);
  }
  expect((await lead.ask({ method: 'GET', address: '/ready' })).status).toBe(200);
});
