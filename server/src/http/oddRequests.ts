import type { Server } from 'node:http';
import type { Duplex } from 'node:stream';

/** What Node's parser says of a request that it cannot read, as we answer it. */
const SAID: Readonly<Record<string, readonly [status: string, code: string, message: string]>> = {
  HPE_HEADER_OVERFLOW: [
    '431 Request Header Fields Too Large',
    'too-large',
    'What is asked for is longer than can be read. Ask for less at once.',
  ],
  ERR_HTTP_REQUEST_TIMEOUT: ['408 Request Timeout', 'too-slow', 'This took too long to send. Try again.'],
};
const UNREADABLE = ['400 Bad Request', 'unreadable', 'This request cannot be read.'] as const;

/** Answers what is not even a request in the same way as all else: with a sentence. */
export function answerOddRequests(server: Pick<Server, 'on'>): void {
  server.on('clientError', (error: NodeJS.ErrnoException, socket: Duplex) => {
    if (error.code === 'ECONNRESET' || !socket.writable) {
      socket.destroy();
      return;
    }
    const [status, code, message] = SAID[error.code ?? ''] ?? UNREADABLE;
    const body = JSON.stringify({ error: { code, message } });
    const head = ['Content-Type: application/json; charset=utf-8', 'Cache-Control: no-store', 'Connection: close'];
    const length = `Content-Length: ${String(Buffer.byteLength(body))}`;
    socket.end(`HTTP/1.1 ${status}\r\n${[...head, length].join('\r\n')}\r\n\r\n${body}`);
  });
}
