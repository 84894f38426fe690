import { pino, type DestinationStream, type Logger } from 'pino';

/** PostgreSQL's classes whose sentences quote what was sent: odd values, and syntax in which they may stand. */
const QUOTES_VALUES = /^(22|42601)/;

interface Thrown {
  readonly name?: unknown;
  readonly message?: unknown;
  readonly stack?: unknown;
  readonly code?: unknown;
  readonly constraint?: unknown;
  readonly table?: unknown;
  readonly cause?: unknown;
}

const textOf = (value: unknown): string | undefined => (typeof value === 'string' ? value : undefined);

/** The lines of a stack that say where, without the message above them. */
const whereOf = (stack: string): string =>
  stack
    .split('\n')
    .filter((line) => line.startsWith('    at '))
    .join('\n');

/**
 * An error as the log keeps it: what kind, where, and PostgreSQL's own code. Not the question with its parameters, nor
 * what PostgreSQL says in detail of a row: personal notes and hashes of passwords stand in those.
 */
export function loggedError(error: unknown): object {
  if (typeof error !== 'object' || error === null) return { message: typeof error };
  const { name, message, stack, code, constraint, table, cause } = error as Thrown;
  const known = textOf(code);
  const said = textOf(message) ?? '';
  return {
    type: textOf(name) ?? 'Error',
    message: known !== undefined && QUOTES_VALUES.test(known) ? said.replaceAll(/"[^]*"/g, '"…"') : said,
    ...(known === undefined ? {} : { code: known }),
    ...(textOf(constraint) === undefined ? {} : { constraint }),
    ...(textOf(table) === undefined ? {} : { table }),
    stack: whereOf(textOf(stack) ?? ''),
    ...(cause === undefined ? {} : { cause: loggedError(cause) }),
  };
}

/** A request as the log keeps it: no header, and nothing behind the question mark, where words that are looked for stand. */
function loggedRequest(request: unknown): object {
  const { id, method, url } = request as { readonly id?: unknown; readonly method?: unknown; readonly url?: unknown };
  return { id, method, path: textOf(url)?.split('?')[0] };
}

const SERIALIZERS = Object.freeze({ err: loggedError, req: loggedRequest });

/** The server's log: lines of JSON, each with the request it belongs to, without secrets and personal notes. */
export const createLogger = (level: string, to?: DestinationStream): Logger =>
  to === undefined ? pino({ level, serializers: SERIALIZERS }) : pino({ level, serializers: SERIALIZERS }, to);

/** The same for what a request logs. */
export const LOGGED = SERIALIZERS;
