import { once } from 'node:events';
import { createServer, type Server } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { text } from 'node:stream/consumers';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { answerOddRequests } from './oddRequests';

let server: Server;
beforeAll(async () => {
  server = createServer((_request, response) => response.end('read'));
  answerOddRequests(server);
  await once(server.listen(0, '127.0.0.1'), 'listening');
});
afterAll(() => {
  server.close();
});

/** What comes back where something is sent as it is. */
async function sent(bytes: string): Promise<string> {
  const socket = connect((server.address() as AddressInfo).port, '127.0.0.1');
  socket.write(bytes);
  return text(socket);
}

it.each([
  [
    'a head that is too long',
    `GET /?${'x'.repeat(40_000)} HTTP/1.1\r\nHost: a\r\n\r\n`,
    431,
    'longer than can be read',
  ],
  ['what is no request', 'a pail of water\r\n\r\n', 400, 'cannot be read'],
  [
    'two lengths',
    'POST / HTTP/1.1\r\nHost: a\r\nContent-Length: 1\r\nContent-Length: 2\r\n\r\nab',
    400,
    'cannot be read',
  ],
])('answers %s with a sentence', async (_, bytes, status, words) => {
  const answer = await sent(bytes);
  expect(answer).toMatch(new RegExp(`^HTTP/1.1 ${String(status)} `));
  expect(answer).toContain('application/json');
  const { error } = JSON.parse(answer.split('\r\n\r\n')[1] ?? '') as { error: { message: string } };
  expect(error.message).toContain(words);
});
