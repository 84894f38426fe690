import { CoreError } from '@bent-pail/core';
import type { Problem } from '@bent-pail/contract';
import type { ErrorRequestHandler } from 'express';
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

const DATABASE_GONE = /^(08|57P|ECONN|EPIPE|ETIMEDOUT)/;
const CONNECTION_WORDS =
  /connection terminated|timeout exceeded when trying to connect|not queryable|Connection ended/i;

/** Whether an error means that PostgreSQL is away, rather than that the question was wrong. */
export function databaseIsGone(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const code = (error as { code?: unknown }).code;
  return (typeof code === 'string' && DATABASE_GONE.test(code)) || CONNECTION_WORDS.test(error.message);
}

/** What PostgreSQL's constraint says, as a problem; undefined where the error is none of them. */
function fromConstraint(error: unknown): HttpProblem | undefined {
  const code = (error as { code?: unknown }).code;
  switch (code) {
    case '23505':
      return conflict('This is already there, with other content.');
    case '23503':
      return new HttpProblem(422, { code: 'missing', message: 'This names something that does not exist.' });
    case '23514':
    case '22P02':
    case '22003':
      return new HttpProblem(422, { code: 'invalid', message: 'A value lies outside what can be kept.' });
    // A zero byte: PostgreSQL keeps it neither in a text nor in JSON.
    case '22021':
    case '22P05':
      return new HttpProblem(422, { code: 'invalid', message: 'There is a character in it that cannot be kept.' });
    default:
      return undefined;
  }
}

function toProblem(error: unknown): HttpProblem | undefined {
  if (error instanceof HttpProblem) return error;
  if (error instanceof CoreError) {
    return new HttpProblem(422, { code: error.code, message: error.message, path: error.path });
  }
  if (databaseIsGone(error)) return unavailable();
  const parse = error as { type?: unknown; status?: unknown };
  if (parse.type === 'entity.parse.failed') {
    return new HttpProblem(422, { code: 'invalid', path: 'input', message: 'invalid input: this is not JSON' });
  }
  if (parse.status === 404) return notFound('file');
  if (parse.type === 'entity.too.large') {
    return new HttpProblem(413, { code: 'too-large', message: 'This is more than can be sent at once.' });
  }
  return fromConstraint(error);
}

/** The one place where errors become answers. */
export const answerProblems: ErrorRequestHandler = (error, request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const known = toProblem(error);
  if (known === undefined) request.log.error({ err: error as unknown }, 'unexpected error');
  const problem =
    known ?? new HttpProblem(500, { code: 'fault', message: 'Something broke on the server; it is in its log.' });
  if (problem.status === 503) response.setHeader('Retry-After', '2');
  response.status(problem.status).json({ error: problem.problem });
};
