import { createServer, get } from 'node:https';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { X509Certificate } from 'node:crypto';
import {
  fingerprintOf,
  type Held,
  makeAuthority,
  makeCertificate,
  serves,
  vouchesFor,
} from './authority';

/** Read and followed here by OpenSSL, as a phone's own library would, not by what wrote it. */
const NOW = new Date(Date.UTC(2026, 10, 28));
const NAMES = {
  dns: ['studio', 'studio.local'],
  addresses: ['127.0.0.2', '192.168.1.20'],
  networks: ['127.0.0.2/32', '192.168.1.0/24'],
};

let authority: Held;
let server: Held;
beforeAll(async () => {
  authority = await makeAuthority(NAMES, NOW);
  server = await makeCertificate(authority, NAMES, NOW);
});

/** What a client that trusts the authority alone makes of a certificate, asked for by a name. */
async function asked(held: Held, servername?: string): Promise<string> {
  const there = createServer({ key: held.key, cert: held.certificate }, (_, r) => r.end('well'));
  there.listen(0, '127.0.0.2');
  await once(there, 'listening');
  const { port } = there.address() as AddressInfo;
  try {
    return await new Promise<string>((resolve) => {
      const request = get(
        {
          host: '127.0.0.2',
          port,
          ca: authority.certificate,
          agent: false,
          ...(servername ? { servername } : {}),
        },
        (response) => response.on('data', (part) => resolve(String(part))),
      );
      request.on('error', (error: NodeJS.ErrnoException) => resolve(error.code ?? error.message));
    });
  } finally {
    there.closeAllConnections();
    there.close();
  }
}

test('the server is trusted by its address and its names, through the authority', async () => {
  expect(await asked(server)).toBe('well');
  expect(await asked(server, 'studio.local')).toBe('well');
  expect(await asked(server, 'elsewhere.example')).toContain('ERR_TLS_CERT_ALTNAME_INVALID');
});

test('the authority cannot vouch for anything but the machine: not for a name outside, not for an address of another network', async () => {
  for (const outside of [
    { ...NAMES, dns: ['bank.example'] },
    { ...NAMES, addresses: ['127.0.0.2', '192.168.2.20'] },
  ])
    // OpenSSL's error 47, "permitted subtree violation", which Node has no word for.
    expect(await asked(await makeCertificate(authority, outside, NOW))).toContain('UNSPECIFIED');
});

test('dates, names and uses are what a phone asks for', () => {
  const ca = new X509Certificate(authority.certificate);
  const read = new X509Certificate(server.certificate);
  expect([ca.ca, read.ca]).toEqual([true, false]);
  expect(read.checkIssued(ca)).toBe(true);
  expect(read.verify(ca.publicKey)).toBe(true);
  for (const one of [ca, read])
    expect(one.publicKey.asymmetricKeyDetails).toEqual({ namedCurve: 'prime256v1' });
  expect(read.subjectAltName).toBe(
    'DNS:studio, DNS:studio.local, IP Address:127.0.0.2, IP Address:192.168.1.20',
  );
  expect(read.keyUsage).toEqual(['1.3.6.1.5.5.7.3.1']);
  const days = (Date.parse(read.validTo) - Date.parse(read.validFrom)) / 86_400_000;
  expect(days).toBe(365);
  expect(Date.parse(read.validTo)).toBeLessThan(Date.parse(ca.validTo));
});

test('what it may vouch for is read back out of it', () => {
  expect(vouchesFor(authority.certificate)).toEqual({ dns: NAMES.dns, networks: NAMES.networks });
});

test('a certificate serves while it is of this authority, lasts, and names all there is', async () => {
  const later = (days: number) => new Date(NOW.getTime() + days * 86_400_000);
  const fits = (names = NAMES, now = NOW, by = authority) =>
    serves(server.certificate, by.certificate, names, now);
  expect(fits()).toBe(true);
  expect(fits(NAMES, later(330))).toBe(true);
  expect(fits(NAMES, later(340))).toBe(false);
  expect(fits({ ...NAMES, addresses: ['192.168.1.77'] })).toBe(false);
  expect(fits(NAMES, NOW, await makeAuthority(NAMES, NOW))).toBe(false);
});

test('its signs are those any other program prints of it', () => {
  expect(fingerprintOf(authority.certificate).replaceAll(' ', ':')).toBe(
    new X509Certificate(authority.certificate).fingerprint256,
  );
});
