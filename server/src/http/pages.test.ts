import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import express from 'express';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sayBuild, servePages } from './pages';

let server: Server;
let base: string;
const webRoot = mkdtempSync(path.join(tmpdir(), 'bent-pail-pages-'));

const page = (script: string): string =>
  `<html><head><title>Bent Pail</title><script nonce="__CSP_NONCE__" src="/assets/${script}.js"></script></head></html>`;

beforeAll(async () => {
  mkdirSync(path.join(webRoot, 'assets'));
  writeFileSync(path.join(webRoot, 'index.html'), page('one'));
  writeFileSync(path.join(webRoot, 'assets/one.js'), 'void 0;');
  const app = express();
  app.use('/api', sayBuild(webRoot), (_request, response) => {
    response.json({});
  });
  servePages(app, webRoot);
  server = createServer(app);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  base = `http://127.0.0.1:${String((server.address() as AddressInfo).port)}`;
});
afterAll(() => {
  server.close();
  rmSync(webRoot, { recursive: true });
});

describe('the page', () => {
  it('carries its policy at every address, with nothing inline but by this answer’s nonce', async () => {
    const nonces = new Set<string>();
    for (const address of ['/', '/bench', '/index.html', '/no/such/place']) {
      const answer = await fetch(`${base}${address}`);
      const policy = answer.headers.get('content-security-policy') ?? '';
      expect([address, policy]).toEqual([address, expect.stringContaining("default-src 'none'")]);
      expect(policy).not.toMatch(/unsafe-(inline|eval)/);
      const html = await answer.text();
      const nonce = /nonce-([^']+)'/.exec(policy)?.[1] ?? '';
      expect(html).toContain(`nonce="${nonce}"`);
      expect(html).not.toContain('__CSP_NONCE__');
      nonces.add(nonce);
    }
    expect(nonces.size).toBe(4);
  });

  it('and every answer say which build it is, the same one until there is another', async () => {
    const said = async (): Promise<string | null> => (await fetch(`${base}/api/health`)).headers.get('bent-pail-build');
    const html = await (await fetch(base)).text();
    expect(html).toContain(`<meta name="bent-pail-build" content="${(await said()) ?? 'none'}" />`);
    const elsewhere = mkdtempSync(path.join(tmpdir(), 'bent-pail-pages-'));
    writeFileSync(path.join(elsewhere, 'index.html'), page('two'));
    const app = express();
    app.use(sayBuild(elsewhere), (_request, response) => {
      response.json({});
    });
    const other = createServer(app);
    await new Promise<void>((resolve) => other.listen(0, '127.0.0.1', resolve));
    const { port } = other.address() as AddressInfo;
    const theirs = (await fetch(`http://127.0.0.1:${String(port)}/`)).headers.get('bent-pail-build');
    expect(theirs).toMatch(/^[0-9a-f]{16}$/);
    expect(theirs).not.toBe(await said());
    other.close();
    rmSync(elsewhere, { recursive: true });
  });

  it('has files for a year, and none that is not there', async () => {
    const script = await fetch(`${base}/assets/one.js`);
    expect(script.headers.get('cache-control')).toContain('immutable');
    expect((await fetch(`${base}/assets/gone.js`)).status).toBe(404);
  });
});
