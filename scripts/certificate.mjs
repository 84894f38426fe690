// A certificate of the notebook's own: an authority that is made once and kept, and what it vouches for, made anew when
// the computer's names or addresses change, or before it runs out.
import 'reflect-metadata';
import { webcrypto, X509Certificate } from 'node:crypto';
import fs from 'node:fs';
import { isIP } from 'node:net';
import path from 'node:path';
import * as x509 from '@peculiar/x509';
import { writeWhole } from './dataFolder.mjs';

const DAY_MS = 24 * 3600 * 1000;
/** Phones take no certificate of a site that is good for longer. */
const SITE_DAYS = 397;
const AUTHORITY_DAYS = 3650;
/** Made anew when it is good for less. */
const LEAST_DAYS = 30;
const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' };

x509.cryptoProvider.set(webcrypto);

const newKeys = () => webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
const pem = async (key) => x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');
const keyFrom = (text) =>
  webcrypto.subtle.importKey('pkcs8', x509.PemConverter.decodeFirst(text), ALGORITHM, true, ['sign']);
const between = (days) => ({
  notBefore: new Date(Date.now() - DAY_MS),
  notAfter: new Date(Date.now() + days * DAY_MS),
});
const serial = () => Buffer.from(webcrypto.getRandomValues(new Uint8Array(16))).toString('hex');

async function makeAuthority(keyFile, certFile) {
  const keys = await newKeys();
  const cert = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: 'CN=Bent Pail on this bench, O=Bent Pail',
    ...between(AUTHORITY_DAYS),
    signingAlgorithm: ALGORITHM,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  writeWhole(keyFile, await pem(keys.privateKey));
  writeWhole(certFile, cert.toString('pem'));
}

async function makeSite(files, names) {
  const authority = new x509.X509Certificate(fs.readFileSync(files.authorityFile, 'utf8'));
  const signingKey = await keyFrom(fs.readFileSync(files.authorityKey, 'utf8'));
  const keys = await newKeys();
  const cert = await x509.X509CertificateGenerator.create({
    serialNumber: serial(),
    subject: `CN=${names[0]}`,
    issuer: authority.subject,
    ...between(SITE_DAYS),
    signingAlgorithm: ALGORITHM,
    publicKey: keys.publicKey,
    signingKey,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((name) => ({ type: isIP(name) === 0 ? 'dns' : 'ip', value: name })),
      ),
      await x509.AuthorityKeyIdentifierExtension.create(authority.publicKey),
    ],
  });
  writeWhole(files.keyFile, await pem(keys.privateKey));
  writeWhole(files.certFile, cert.toString('pem'));
}

/** Whether a site's certificate vouches for every name, and for long enough. */
function isGood(certFile, names) {
  if (!fs.existsSync(certFile)) return false;
  const cert = new X509Certificate(fs.readFileSync(certFile));
  const lasts = Date.parse(cert.validTo) > Date.now() + LEAST_DAYS * DAY_MS;
  return lasts && names.every((name) => (isIP(name) === 0 ? cert.checkHost(name) : cert.checkIP(name)) !== undefined);
}

/** Key and certificate for these names, in a folder of their own: `{ keyFile, certFile, authorityFile }`. */
export async function certificateFor(folder, names) {
  fs.mkdirSync(folder, { recursive: true, mode: 0o700 });
  const at = (name) => path.join(folder, name);
  const files = {
    authorityKey: at('authority.key'),
    authorityFile: at('authority.crt'),
    keyFile: at('notebook.key'),
    certFile: at('notebook.crt'),
  };
  if (!fs.existsSync(files.authorityFile)) await makeAuthority(files.authorityKey, files.authorityFile);
  if (!isGood(files.certFile, names)) await makeSite(files, names);
  return files;
}
