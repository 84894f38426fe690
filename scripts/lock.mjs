// Who uses a folder of data: one process at a time. The name is the system's own and goes with the process, however it
// ends, so that nothing can be left behind and nothing has to be cleared away.
import { createHash } from 'node:crypto';
import net from 'node:net';

const nameOf = (folder) => `\0bent-pail-${createHash('sha256').update(folder).digest('hex').slice(0, 24)}`;

function askHolder(name) {
  return new Promise((resolve) => {
    let said = '';
    const socket = net.connect({ path: name });
    socket.setTimeout(1000, () => socket.destroy());
    socket.on('data', (part) => (said += String(part)));
    socket.on('error', () => undefined);
    socket.on('close', () => {
      try {
        resolve(JSON.parse(said));
      } catch {
        resolve({});
      }
    });
  });
}

/**
 * Takes a folder for this process: `{ say, release }`, or `{ holder }` with what its holder says of itself where another
 * has it. What is said with `say` is told to whoever asks.
 */
export async function takeLock(folder) {
  const name = nameOf(folder);
  let about = { pid: process.pid };
  const server = net.createServer((socket) => socket.end(JSON.stringify(about)).on('error', () => undefined));
  const isMine = await new Promise((resolve, reject) => {
    server.once('error', (error) => (error.code === 'EADDRINUSE' ? resolve(false) : reject(error)));
    server.listen({ path: name }, () => resolve(true));
  });
  if (!isMine) return { holder: await askHolder(name) };
  server.unref();
  return {
    say: (more) => {
      about = { ...about, ...more };
    },
    release: () => new Promise((resolve) => server.close(() => resolve())),
  };
}
