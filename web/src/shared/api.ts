import type { Problem, ProblemBody } from '@bent-pail/contract';

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

async function send<T>(method: string, address: string, sent?: Sent): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${address}`, {
      method,
      credentials: 'same-origin',
      ...(sent === undefined ? {} : { headers: { 'content-type': sent.type }, body: sent.body }),
    });
  } catch {
    throw new Unreachable();
  }
  if (response.status === 503 || response.status === 502 || response.status === 504) throw new Unreachable();
  const text = await response.text();
  const answer: unknown = text === '' ? undefined : JSON.parse(text);
  if (!response.ok) throw new ApiProblem(response.status, (answer as ProblemBody).error);
  return answer as T;
}

export const api = {
  get: <T>(address: string) => send<T>('GET', address),
  post: <T>(address: string, body: unknown = {}) => send<T>('POST', address, asJson(body)),
  put: <T>(address: string, body: unknown) => send<T>('PUT', address, asJson(body)),
  patch: <T>(address: string, body: unknown) => send<T>('PATCH', address, asJson(body)),
  putFile: (address: string, file: File) => send<undefined>('PUT', address, { body: file, type: file.type }),
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
