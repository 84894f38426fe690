import { createHash, randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import express, { type Express, type RequestHandler } from 'express';

const NONCE_MARK = '__CSP_NONCE__';

/** What a page may load: itself, nothing inline but what carries the nonce of this answer. */
function policy(nonce: string): string {
  return [
    "default-src 'none'",
    "script-src 'self'",
    "worker-src 'self'",
    "style-src 'self'",
    `style-src-elem 'self' 'nonce-${nonce}'`,
    "style-src-attr 'none'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

/** What a phone is told to trust, once: only where the notebook is on the house’s network. */
export function serveTrust(app: Express, certificateFile: string): void {
  const certificate = readFileSync(certificateFile);
  app.get('/trust.crt', (_request, response) => {
    response.type('application/x-x509-ca-cert').send(certificate);
  });
}

/** By which every answer says which build of the pages this server has, so that an open page learns of a newer one. */
const BUILD_HEADER = 'Bent-Pail-Build';

const indexOf = (webRoot: string): string => readFileSync(path.join(webRoot, 'index.html'), 'utf8');

/** Names a build of the pages: every script of it stands in its page by the hash of its content. */
const buildOf = (html: string): string => createHash('sha256').update(html).digest('hex').slice(0, 16);

export function sayBuild(webRoot: string): RequestHandler {
  const build = buildOf(indexOf(webRoot));
  return (_request, response, next) => {
    response.setHeader(BUILD_HEADER, build);
    next();
  };
}

/** Serves the built interface: hashed assets for a year, every address of the product by its one page. */
export function servePages(app: Express, webRoot: string): void {
  const index = indexOf(webRoot);
  const meta = `<meta name="${BUILD_HEADER.toLowerCase()}" content="${buildOf(index)}" />`;
  const html = index.replace('</head>', `${meta}</head>`);
  app.use(
    '/assets',
    express.static(path.join(webRoot, 'assets'), { immutable: true, maxAge: '1y', index: false, fallthrough: false }),
  );
  // The page's own file is no page: it stands at every address, with its policy.
  app.get('/index.html', (_request, response) => {
    response.redirect(301, '/');
  });
  app.use(express.static(webRoot, { index: false }));
  app.get('/{*path}', (request, response, next) => {
    if (request.path.startsWith('/api/')) {
      next();
      return;
    }
    const nonce = randomBytes(16).toString('base64');
    response.setHeader('Content-Security-Policy', policy(nonce));
    response.setHeader('Cache-Control', 'no-store');
    response.type('html').send(html.replaceAll(NONCE_MARK, nonce));
  });
}
