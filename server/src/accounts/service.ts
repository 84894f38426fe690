import { randomBytes } from 'node:crypto';
import { DEMO_PEOPLE, DEMO_PLACE, type EditMe, type FirstLead, type Me, type SessionState } from '@bent-pail/contract';
import type { DataSource } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { Context } from '../context';
import type { NotebookRow } from '../notebook/entities';
import { personOf, type Principal } from '../http/principal';
import { conflict, HttpProblem, refused } from '../http/problems';
import { changeNotebook, insertNotebook, knownNotebook, notebookRow } from '../notebook/repository';
import { notebookInfo } from '../notebook/service';
import { hashPassword, passwordMatches } from './passwords';
import { toMe } from './me';
import { changeUser, countUsers, holdPeople, insertUser, userCalled } from './repository';

/** What a notebook is called until its first lead names it. */
const UNNAMED = Object.freeze({ place: 'This bench', currency: '£', zone: 'Europe/London' });

/** The notebook's own row, made on the first start; with `demo` also the demo people, with passwords nobody knows. */
export async function openNotebook(db: DataSource, demo: boolean): Promise<NotebookRow> {
  const known = await knownNotebook(db.manager);
  if (known !== null) return known;
  await db.transaction(async (manager) => {
    await insertNotebook(manager, {
      version: 1,
      ...UNNAMED,
      ...(demo ? { place: DEMO_PLACE } : {}),
      measures: {},
      hours: {},
      handfuls: {},
      demo,
      demoLoaded: false,
      sessionSecret: randomBytes(32).toString('base64'),
    });
    if (!demo) return;
    for (const { name, role } of DEMO_PEOPLE) {
      const passwordHash = await hashPassword(randomBytes(24).toString('base64'));
      await insertUser(manager, { id: uuidv7(), name, role, passwordHash });
    }
  });
  return notebookRow(db.manager);
}

export async function sessionState(
  { db, clock, networkAddress }: Context,
  who: Principal | undefined,
): Promise<SessionState> {
  const notebook = await notebookRow(db.manager);
  const users = await countUsers(db.manager);
  return {
    ...(who === undefined ? {} : { me: personOf(who) }),
    notebook: notebookInfo(notebook),
    demo: notebook.demo,
    needsFirstLead: users === 0,
    now: clock.now(),
    ...(networkAddress === undefined ? {} : { networkAddress }),
  };
}

export async function signIn({ db }: Context, name: string, password: string): Promise<Me> {
  const user = await userCalled(db.manager, name);
  // The same work and the same sentence for a wrong name, so that names cannot be guessed.
  const matches =
    user === null ? await hashPassword(password).then(() => false) : await passwordMatches(user.passwordHash, password);
  if (user === null || !matches) {
    throw new HttpProblem(401, { code: 'wrong', message: 'Name or password is not right.', path: 'password' });
  }
  return toMe(user);
}

export async function demoSignIn({ db }: Context, name: string): Promise<Me> {
  const notebook = await notebookRow(db.manager);
  if (!notebook.demo)
    throw new HttpProblem(403, { code: 'not-demo', message: 'One-click sign-in is for demo notebooks.' });
  const user = await userCalled(db.manager, name);
  if (user === null) throw refused('name', 'There is no such person in the demo.');
  return toMe(user);
}

const hasLead = (): HttpProblem => conflict('This notebook has its first lead already; sign in.');

export async function firstLead({ db }: Context, body: FirstLead): Promise<Me> {
  // Asked before anything is hashed: this door is open to everybody.
  if ((await countUsers(db.manager)) > 0) throw hasLead();
  const passwordHash = await hashPassword(body.password);
  return db.transaction(async (manager) => {
    await holdPeople(manager);
    if ((await countUsers(manager)) > 0) throw hasLead();
    const user = await insertUser(manager, { id: uuidv7(), name: body.name, role: 'lead', passwordHash });
    await changeNotebook(manager, { place: body.place });
    return toMe(user);
  });
}

export async function editMe({ db }: Context, who: Principal, change: EditMe): Promise<Me> {
  const { singleKeys = who.singleKeys, units = who.units } = change;
  await changeUser(db.manager, who.id, { singleKeys, units });
  return { ...personOf(who), singleKeys, units };
}
