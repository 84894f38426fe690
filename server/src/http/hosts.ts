import { isIPv6 } from 'node:net';
import type { RequestHandler } from 'express';
import { HttpProblem } from './problems';

/** Names of this computer that every notebook answers to. */
const LOOPBACK: readonly string[] = ['127.0.0.1', 'localhost', '::1'];

/** The name in a Host header, without port and brackets, in small letters. */
export function hostName(header: string): string | undefined {
  try {
    const { hostname } = new URL(`http://${header}`);
    return hostname.replace(/^\[(.*)\]$/, '$1').toLowerCase();
  } catch {
    return undefined;
  }
}

/** A name as it stands in an address. */
export const inAddress = (name: string): string => (isIPv6(name) ? `[${name}]` : name);

/**
 * Answers only to the names that this notebook has: this computer's own and those it was told. A page elsewhere whose
 * name was turned to this address (DNS rebinding) is no page of ours, whatever it says of its origin.
 */
export function knownHosts(told: readonly string[]): RequestHandler {
  const names = new Set([...LOOPBACK, ...told.map((name) => name.toLowerCase())]);
  return (request, _response, next) => {
    const name = hostName(request.get('host') ?? '');
    if (name !== undefined && names.has(name)) {
      next();
      return;
    }
    throw new HttpProblem(421, {
      code: 'foreign',
      message: 'This notebook does not go by that name. Open it at the address that its start printed.',
    });
  };
}
