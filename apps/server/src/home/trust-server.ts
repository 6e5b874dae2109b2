import { createServer, type Server } from 'node:http';
import { STYLE, TRUST_SCRIPT, trustPage } from './pages';

/** What the plain page tells. */
export interface Trust {
  /** The authority's certificate, PEM. */
  readonly certificate: string;
  readonly fingerprint: string;
  /** Where the application is. */
  readonly address: string;
}

const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; frame-ancestors 'none'";

/** What the plain server has, by path: its kind, and its text. */
const FILES: Readonly<Record<string, readonly [type: string, text: (trust: Trust) => string]>> = {
  '/': ['text/html; charset=utf-8', ({ fingerprint, address }) => trustPage(fingerprint, address)],
  '/pair.css': ['text/css; charset=utf-8', () => STYLE],
  '/trust.js': ['text/javascript; charset=utf-8', () => TRUST_SCRIPT],
  '/authority.crt': ['application/x-x509-ca-cert', ({ certificate }) => certificate],
};

/** The plain server: it hands out the authority's certificate with a page about it, and has nothing else. */
export function trustServer(trust: () => Trust): Server {
  return createServer({ requestTimeout: 10_000, headersTimeout: 10_000 }, (request, response) => {
    const path = request.url?.split('?')[0] ?? '';
    const file = Object.hasOwn(FILES, path) ? FILES[path] : undefined;
    const reads = request.method === 'GET' || request.method === 'HEAD';
    response.writeHead(file && reads ? 200 : 404, {
      'content-type': file ? file[0] : 'text/plain; charset=utf-8',
      'content-security-policy': POLICY,
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
      'cache-control': 'no-store',
    });
    response.end(file && reads ? file[1](trust()) : 'There is nothing here.');
  });
}
