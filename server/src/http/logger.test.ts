import { Writable } from 'node:stream';
import { expect, it } from 'vitest';
import { createLogger, loggedError } from './logger';

/** What a log of errors says, as one text. */
function logged(write: (log: ReturnType<typeof createLogger>) => void): string {
  let said = '';
  const to = new Writable({
    write(part: Buffer, _encoding, done) {
      said += part.toString();
      done();
    },
  });
  write(createLogger('info', to));
  return said;
}

const NOTE = 'Mrs Bly’s knee is bad again';

it('keeps no parameter, detail or value of a question that failed', () => {
  const error = Object.assign(new Error(`invalid input syntax for type uuid: "${NOTE}"`), {
    name: 'QueryFailedError',
    code: '22P02',
    query: `insert into notes values ($1)`,
    parameters: [NOTE, '$argon2id$v=19$'],
    detail: `Key (text)=(${NOTE}) already exists.`,
    driverError: { detail: NOTE },
    table: 'notes',
    cause: Object.assign(new Error('away'), { parameters: [NOTE] }),
  });
  const said = logged((log) => {
    log.error({ err: error }, 'unexpected error');
  });
  expect(said).not.toContain('Bly');
  expect(said).not.toContain('argon2');
  expect(JSON.parse(said)).toMatchObject({
    err: { type: 'QueryFailedError', code: '22P02', table: 'notes', cause: { message: 'away' } },
    msg: 'unexpected error',
  });
  expect(said).toContain('logger.test.ts');
});

it('keeps what is no value: which constraint, which column, what broke', () => {
  const error = Object.assign(new Error('null value in column "name" of relation "lots"'), { code: '23502' });
  expect(loggedError(error)).toMatchObject({
    code: '23502',
    message: 'null value in column "name" of relation "lots"',
  });
  expect(loggedError(new TypeError('x is not a function'))).toMatchObject({ type: 'TypeError' });
  expect(loggedError('thrown text')).toEqual({ message: 'string' });
});

it('keeps of a request its id, method and path: no header, no word that was looked for', () => {
  const said = logged((log) => {
    const request = { id: 'r-1', method: 'GET', url: `/api/find?q=${NOTE}`, headers: { cookie: 'bent-pail=s%3Aabc' } };
    log.warn({ req: request }, 'slow');
  });
  expect(JSON.parse(said)).toMatchObject({ req: { id: 'r-1', method: 'GET', path: '/api/find' } });
  expect(said).not.toMatch(/Bly|bent-pail=/);
});
