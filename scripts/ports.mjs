// Ports of this computer: which are free, and which one somebody wants.
import net from 'node:net';
import { Advice } from './advice.mjs';

export function portIsFree(port, host = '127.0.0.1') {
  return new Promise((resolve) => {
    const probe = net.createServer().once('error', () => resolve(false));
    probe.listen({ port, host, exclusive: true }, () => probe.close(() => resolve(true)));
  });
}

export async function freePort(from) {
  for (let port = from; port < from + 300; port += 1) if (await portIsFree(port)) return port;
  throw new Advice(`No free port between ${from} and ${from + 300}.`);
}

/** The port that PORT names, or undefined where it names none. */
export function wantedPort(text) {
  if (text === undefined || text === '') return undefined;
  const port = Number(text);
  if (!/^\d+$/.test(text) || port < 1 || port > 65535)
    throw new Advice(`PORT is ${text}, which is no port; take a number from 1 to 65535, such as PORT=4310.`);
  return port;
}

export class PortTaken extends Advice {
  constructor(port) {
    super(`Port ${port} is taken by another program. Close it, or choose another one: PORT=${port + 1} npm start`);
  }
}
