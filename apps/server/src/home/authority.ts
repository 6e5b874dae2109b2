import 'reflect-metadata';
import { createHash, webcrypto, X509Certificate as Read } from 'node:crypto';
import { AsnConvert } from '@peculiar/asn1-schema';
import {
  GeneralName,
  GeneralSubtree,
  GeneralSubtrees,
  id_ce_nameConstraints,
  NameConstraints,
} from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';
import type { Names } from './names';

x509.cryptoProvider.set(webcrypto as Crypto);

/** A key and its certificate, as texts (PEM). */
export interface Held {
  readonly key: string;
  readonly certificate: string;
}

const P256 = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;

const DAY_MS = 86_400_000;
/** A phone is told once to trust it. */
const AUTHORITY_DAYS = 3650;
/** Longer than most phones take: a year and no more. */
const SERVER_DAYS = 365;
/** A clock that is a little behind takes it too. */
const BEFORE_MS = DAY_MS;
/** A certificate with less left than this is made anew, days. */
export const RENEW_DAYS = 30;

const pem = (bytes: ArrayBuffer): string => x509.PemConverter.encode(bytes, 'PRIVATE KEY');

async function newKeys(): Promise<{ keys: CryptoKeyPair; key: string }> {
  const keys = await webcrypto.subtle.generateKey(P256, true, ['sign', 'verify']);
  return { keys, key: pem(await webcrypto.subtle.exportKey('pkcs8', keys.privateKey)) };
}

const serial = (): string =>
  Buffer.from(webcrypto.getRandomValues(new Uint8Array(16)))
    .toString('hex')
    // A serial is a positive number.
    .replace(/^./, '1');

/** What the authority may vouch for: these names and networks, and nothing else (RFC 5280, 4.2.1.10). */
function constraintsOf({ dns, networks }: Names): x509.Extension {
  const subtrees = [
    ...dns.map((dNSName) => new GeneralName({ dNSName })),
    ...networks.map((iPAddress) => new GeneralName({ iPAddress })),
  ].map((base) => new GeneralSubtree({ base }));
  const constraints = new NameConstraints({ permittedSubtrees: new GeneralSubtrees(subtrees) });
  return new x509.Extension(id_ce_nameConstraints, true, AsnConvert.serialize(constraints));
}

/**
 * An authority of this studio's own (P-256, ten years): it may sign servers' certificates for the machine's names and networks only, so that a
 * phone that trusts it trusts nothing else by it.
 */
export async function makeAuthority(names: Names, now: Date): Promise<Held> {
  const { keys, key } = await newKeys();
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: `CN=Potter studio on ${names.dns[0] ?? 'this machine'}`,
    notBefore: new Date(now.getTime() - BEFORE_MS),
    notAfter: new Date(now.getTime() + AUTHORITY_DAYS * DAY_MS),
    keys,
    signingAlgorithm: P256,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      constraintsOf(names),
    ],
  });
  return { key, certificate: certificate.toString('pem') };
}

/** A server's certificate of the authority's, for one year, with all the machine's names and addresses in it. */
export async function makeCertificate(authority: Held, names: Names, now: Date): Promise<Held> {
  const issuer = new x509.X509Certificate(authority.certificate);
  const signingKey = await webcrypto.subtle.importKey(
    'pkcs8',
    x509.PemConverter.decodeFirst(authority.key),
    P256,
    false,
    ['sign'],
  );
  const { keys, key } = await newKeys();
  const certificate = await x509.X509CertificateGenerator.create({
    serialNumber: serial(),
    issuer: issuer.subject,
    subject: `CN=${names.addresses[0] ?? names.dns[0] ?? 'Potter'}`,
    notBefore: new Date(now.getTime() - BEFORE_MS),
    notAfter: new Date(now.getTime() + (SERVER_DAYS - 1) * DAY_MS),
    publicKey: keys.publicKey,
    signingKey,
    signingAlgorithm: P256,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension([
        ...names.dns.map((value) => ({ type: 'dns' as const, value })),
        ...names.addresses.map((value) => ({ type: 'ip' as const, value })),
      ]),
      await x509.AuthorityKeyIdentifierExtension.create(issuer.publicKey),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { key, certificate: certificate.toString('pem') };
}

/** SHA-256 of a certificate, as it is read out beside one another: `3F A1 …`. */
export function fingerprintOf(certificate: string): string {
  return createHash('sha256')
    .update(new Read(certificate).raw)
    .digest('hex')
    .toUpperCase()
    .replace(/..(?!$)/g, '$& ');
}

/** Whether a server's certificate is of this authority, names all there is, and lasts for a while yet. */
export function serves(certificate: string, authority: string, names: Names, now: Date): boolean {
  const read = new Read(certificate);
  return (
    read.verify(new Read(authority).publicKey) &&
    new Date(read.validTo).getTime() - now.getTime() > RENEW_DAYS * DAY_MS &&
    names.dns.every((name) => read.checkHost(name) !== undefined) &&
    names.addresses.every((address) => read.checkIP(address) !== undefined)
  );
}

/** What an authority may vouch for, read back out of its certificate. */
export function vouchesFor(certificate: string): Pick<Names, 'dns' | 'networks'> {
  const found = new x509.X509Certificate(certificate).getExtension(id_ce_nameConstraints);
  const { permittedSubtrees = [] } = found
    ? AsnConvert.parse(found.value, NameConstraints)
    : new NameConstraints();
  const bases = [...permittedSubtrees].map(({ base }) => base);
  return {
    dns: bases.flatMap(({ dNSName }) => dNSName ?? []),
    networks: bases.flatMap(({ iPAddress }) => iPAddress ?? []),
  };
}

/** Days until a certificate is over. */
export const daysLeft = (certificate: string, now: Date): number =>
  Math.floor((new Date(new Read(certificate).validTo).getTime() - now.getTime()) / DAY_MS);
