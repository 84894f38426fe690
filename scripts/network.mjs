// The notebook on the house's network: over HTTPS, with a certificate of its own that phones are told to trust once.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { Advice } from './advice.mjs';
import { certificateFor } from './certificate.mjs';
import { freePort } from './ports.mjs';

const FIRST_PORT = 4410;

/** Addresses that others in the house reach this computer by. */
function houseAddresses() {
  return Object.values(os.networkInterfaces())
    .flat()
    .filter((one) => one !== undefined && !one.internal && one.family === 'IPv4')
    .map(({ address }) => address);
}

/**
 * Where the notebook opens for the house: `{ address, env }`. Its name is the computer's address in the house, or
 * BENT_PAIL_NETWORK_NAME where the house has a name for it.
 */
export async function networkDoor(folder, ownPort) {
  const named = process.env.BENT_PAIL_NETWORK_NAME;
  const found = houseAddresses();
  const name = named ?? found[0];
  if (name === undefined)
    throw new Advice(
      'This computer has no address on a network, so phones cannot reach it. Connect it, or start without --network.',
    );
  const names = [...new Set([name, ...found, os.hostname(), `${os.hostname()}.local`])];
  const { keyFile, certFile, authorityFile } = await certificateFor(path.join(folder, 'tls'), names);
  const port = await freePort(Math.max(FIRST_PORT, ownPort + 100));
  const address = `https://${name}:${port}`;
  return {
    address,
    authorityFile,
    env: {
      BENT_PAIL_NETWORK_ADDRESS: address,
      BENT_PAIL_HOSTS: [...names, ...(process.env.BENT_PAIL_HOSTS ?? '').split(',')]
        .filter((one) => one !== '')
        .join(','),
      BENT_PAIL_TLS_KEY: keyFile,
      BENT_PAIL_TLS_CERT: certFile,
      BENT_PAIL_TLS_AUTHORITY: authorityFile,
    },
  };
}

/** Says where phones find it, for eyes and for cameras. */
export async function showNetwork({ address, authorityFile }) {
  const { toString } = (await import('qrcode')).default;
  console.log(`On the house’s network it is open at ${address}`);
  console.log(await toString(address, { type: 'utf8' }));
  console.log(
    `A phone warns until it trusts this notebook’s own certificate: open ${address}/trust.crt on it once, or copy ${fs.realpathSync(authorityFile)}; the README says how.`,
  );
}
