import { CoreError } from '@bent-pail/core';
import type { Problem } from '@bent-pail/contract';
import type { ErrorRequestHandler, Request } from 'express';
import type {} from 'pino-http';

/** A request that cannot be done, with its status and the sentence that the person reads. */
export class HttpProblem extends Error {
  readonly status: number;
  readonly problem: Problem;

  constructor(status: number, problem: Problem) {
    super(problem.message);
    this.status = status;
    this.problem = problem;
  }
}

export const notFound = (what: string): HttpProblem =>
  new HttpProblem(404, { code: 'not-found', message: `There is no such ${what}.` });

export const refused = (path: string, message: string): HttpProblem =>
  new HttpProblem(422, { code: 'invalid', message, path });

export const conflict = (message: string, current?: unknown): HttpProblem =>
  new HttpProblem(409, { code: 'conflict', message, ...(current === undefined ? {} : { current }) });

export const unavailable = (): HttpProblem =>
  new HttpProblem(503, {
    code: 'unavailable',
    message: 'The notebook’s database does not answer. What you type waits here and is sent again.',
  });

/** Too much at once; in a moment there is room again. */
export const busy = (): HttpProblem =>
  new HttpProblem(503, { code: 'busy', message: 'The bench computer has its hands full; try again in a moment.' });

export const diskFull = (): HttpProblem =>
  new HttpProblem(507, {
    code: 'disk-full',
    message:
      'The disk of the bench computer is full: nothing more can be kept until there is room. What you typed waits here.',
  });

/** PostgreSQL's classes of trouble with the connection or the server itself, and the system's words for the same. */
const DATABASE_GONE = /^(08|57P|53[023]|25P03|58|ECONN|EPIPE|ETIMEDOUT|EHOST|ENET|ENOTFOUND|EAI_AGAIN)/;
const CONNECTION_WORDS =
  /connection terminated|timeout exceeded when trying to connect|not queryable|Connection ended|connection error|Cannot use a pool after calling end|timeout expired|Driver not Connected/i;
/** TypeORM's own words for a connection that went away under a transaction. */
const RUNNER_GONE =
  /^(QueryRunner(Provider)?AlreadyReleased|TransactionNotStarted|ConnectionIsNotSet|CannotExecuteNotConnected)Error$/;

const codeOf = (error: unknown): string | undefined => {
  const code = (error as { code?: unknown } | null | undefined)?.code;
  return typeof code === 'string' ? code : undefined;
};

/** Whether an error means that PostgreSQL is away, rather than that the question was wrong. */
export function databaseIsGone(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  if (RUNNER_GONE.test(error.name)) return true;
  return DATABASE_GONE.test(codeOf(error) ?? '') || CONNECTION_WORDS.test(error.message);
}

/** Whether PostgreSQL could not read a text as what it should be, as an id. */
export const isNoId = (error: unknown): boolean => codeOf(error) === '22P02';

/** Whether an error means that nothing more can be written. */
export const diskIsFull = (error: unknown): boolean => ['53100', 'ENOSPC', 'EDQUOT'].includes(codeOf(error) ?? '');

/** What PostgreSQL's constraint says, as a problem; undefined where the error is none of them. */
function fromConstraint(error: unknown): HttpProblem | undefined {
  switch (codeOf(error)) {
    case '23505':
      return conflict('This is already there, with other content.');
    case '23503':
      return new HttpProblem(422, { code: 'missing', message: 'This names something that does not exist.' });
    case '23514':
    case '22P02':
    case '22003':
    case '22007':
    case '22008':
      return new HttpProblem(422, { code: 'invalid', message: 'A value lies outside what can be kept.' });
    // A zero byte: PostgreSQL keeps it neither in a text nor in JSON.
    case '22021':
    case '22P05':
      return new HttpProblem(422, { code: 'invalid', message: 'There is a character in it that cannot be kept.' });
    // Two that wait for each other: one is let go and may try again.
    case '40001':
    case '40P01':
      return busy();
    default:
      return undefined;
  }
}

/** Sentences for what is wrong with a request itself, before anybody looked at what it asks. */
const REQUEST_SENTENCES: Readonly<Record<number, string>> = {
  400: 'This request cannot be read.',
  404: 'There is no such file.',
  412: 'This file is another by now.',
  413: 'This is more than can be sent at once.',
  415: 'This is written in a way that cannot be read here; send JSON as UTF-8.',
  416: 'This file has no such part.',
};

/** Trouble that the HTTP libraries found: a status in the four hundreds and no sentence of ours. */
function fromRequest(error: unknown): HttpProblem | undefined {
  const { type, status } = error as { readonly type?: unknown; readonly status?: unknown };
  if (type === 'entity.parse.failed')
    return new HttpProblem(422, { code: 'invalid', path: 'input', message: 'invalid input: this is not JSON' });
  if (typeof status !== 'number' || status < 400 || status > 499) return undefined;
  if (status === 404) return notFound('file');
  const code = status === 413 ? 'too-large' : 'unreadable';
  return new HttpProblem(status, { code, message: REQUEST_SENTENCES[status] ?? 'This request cannot be read.' });
}

/** What a person is told of an error; undefined for what should never happen. */
export function problemOf(error: unknown): HttpProblem | undefined {
  if (error instanceof HttpProblem) return error;
  if (error instanceof CoreError)
    return new HttpProblem(422, { code: error.code, message: error.message, path: error.path });
  if (typeof error !== 'object' || error === null) return undefined;
  if (diskIsFull(error)) return diskFull();
  if (databaseIsGone(error)) return unavailable();
  return fromRequest(error) ?? fromConstraint(error);
}

/** Seconds after which it is worth trying again. */
const RETRY_AFTER = '2';

/** Something went wrong in a request: what, and what is said of it. */
export interface Met {
  readonly error: unknown;
  readonly problem: HttpProblem;
  readonly request: Request;
}

/** The one place where errors become answers; `met` hears of each of them. */
export const answerProblems =
  (met: (what: Met) => void): ErrorRequestHandler =>
  (error, request, response, _next) => {
    const known = problemOf(error);
    const problem =
      known ?? new HttpProblem(500, { code: 'fault', message: 'Something broke on the server; it is in its log.' });
    met({ error, problem, request });
    if (response.headersSent) {
      // Too late for a sentence: the answer is on its way, and ends here.
      request.log.warn({ err: error as unknown }, 'trouble after the answer began');
      request.socket.destroy();
      return;
    }
    if (known === undefined) request.log.error({ err: error as unknown }, 'unexpected error');
    if (problem.status === 503 || problem.status === 507) response.setHeader('Retry-After', RETRY_AFTER);
    response.status(problem.status).json({ error: problem.problem });
  };
