import type { Problem, ProblemBody } from '@bent-pail/contract';
import { BUILD_HEADER, noticeBuild } from '../kit/version';
import { waitingSaid } from './waitingSaid';

/** The server answered that it cannot do this; the sentence is for the person. */
export class ApiProblem extends Error {
  readonly status: number;
  readonly problem: Problem;

  constructor(status: number, problem: Problem) {
    super(problem.message);
    this.name = 'ApiProblem';
    this.status = status;
    this.problem = problem;
  }
}

/** The server did not answer at all, or its database is away. */
export class Unreachable extends Error {
  constructor() {
    super('The bench computer does not answer. What you typed is kept here.');
    this.name = 'Unreachable';
  }
}

interface Sent {
  readonly body: string | Blob;
  readonly type: string;
}

const asJson = (body: unknown): Sent => ({ body: JSON.stringify(body), type: 'application/json' });

/** Statuses that say that the server, or the database behind it, is not there. */
const AWAY = new Set([502, 503, 504]);

async function send<T>(method: string, address: string, sent?: Sent, signal?: AbortSignal): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${address}`, {
      method,
      credentials: 'same-origin',
      ...(signal === undefined ? {} : { signal }),
      headers: { ...waitingSaid(), ...(sent === undefined ? {} : { 'content-type': sent.type }) },
      ...(sent === undefined ? {} : { body: sent.body }),
    });
  } catch (error) {
    // Nobody waits for the answer any more.
    if (signal?.aborted === true) throw error;
    throw new Unreachable();
  }
  noticeBuild(response.headers.get(BUILD_HEADER));
  const answer = await answerOf(response);
  // Busy is an answer: somebody is there, and says when to try again.
  const isBusy = problemIn(answer).code === 'busy';
  if (AWAY.has(response.status) && !isBusy) throw new Unreachable();
  if (response.ok && answer !== ODD) return answer as T;
  throw new ApiProblem(response.status, problemIn(answer));
}

/** Stands for an answer that is no JSON: something between here and the bench computer spoke. */
const ODD = Symbol('odd');

async function answerOf(response: Response): Promise<unknown> {
  const text = await response.text();
  if (text === '') return undefined;
  try {
    return JSON.parse(text);
  } catch {
    return ODD;
  }
}

function problemIn(answer: unknown): Problem {
  const known = typeof answer === 'object' && answer !== null ? (answer as Partial<ProblemBody>).error : undefined;
  return (
    known ?? {
      code: 'odd',
      message: 'The bench computer answered in a way that this page does not understand. What you typed is kept here.',
    }
  );
}

export const api = {
  get: <T>(address: string, signal?: AbortSignal) => send<T>('GET', address, undefined, signal),
  post: <T>(address: string, body: unknown = {}) => send<T>('POST', address, asJson(body)),
  put: <T>(address: string, body: unknown) => send<T>('PUT', address, asJson(body)),
  patch: <T>(address: string, body: unknown) => send<T>('PATCH', address, asJson(body)),
  putFile: (address: string, file: File, signal?: AbortSignal) =>
    send<undefined>('PUT', address, { body: file, type: file.type }, signal),
  /** The same where something is answered; whatever the file is, its bytes are sent as they are. */
  putFileFor: <T>(address: string, file: File, signal?: AbortSignal) =>
    send<T>('PUT', address, { body: file, type: 'application/octet-stream' }, signal),
  remove: <T>(address: string) => send<T>('DELETE', address),
};

/** The sentence of any trouble, for a person. */
export function sentenceOf(error: unknown): string {
  return error instanceof Error ? error.message : 'Something went wrong.';
}

/** The sentence that belongs to one field of a form, if the trouble is there. */
export function sentenceAt(error: unknown, path: string): string | undefined {
  return error instanceof ApiProblem && error.problem.path === path ? error.problem.message : undefined;
}
