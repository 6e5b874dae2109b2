import { rm, writeFile } from 'node:fs/promises';
import { existsSync } from 'node:fs';
import type { Server } from 'node:http';
import { createServer as createSecureServer, type Server as SecureServer } from 'node:https';
import type { Server as AnyServer } from 'node:net';
import { join } from 'node:path';
import type { Home } from '@potter/contract';
import QRCode from 'qrcode';
import { serial } from '../db/serial';
import type { Routes } from '../http/contract';
import type { Reach } from '../http/door';
import { Refused } from '../refused';
import { fingerprintOf } from './authority';
import { type Code, type Codes, pairingCodes } from './codes';
import { type Papers, papersIn } from './keys';
import type { Names } from './names';
import { trustServer } from './trust-server';

export interface HomeSetting {
  /** Where keys and certificates lie. */
  readonly folder: string;
  /** The application's port on the network; the plain page has the next. */
  readonly port: number;
  /** One address it is to be reached at, instead of all the machine has. */
  readonly at?: string;
  /** The outside address, where a proxy with a certificate of its own stands before the studio. */
  readonly outside?: string;
  /** What the machine is called and where it is, now. */
  readonly names: () => Names;
  readonly now: () => Date;
}

/** The studio's door to the network. */
export interface HomeDoor {
  readonly codes: Codes;
  readonly reach: () => Reach;
  /** Whether it was left open in Settings. */
  readonly leftOpen: () => boolean;
  /** Opens it; `stay`: also the next time the studio starts. Throws a refusal where it cannot be opened. */
  readonly open: (app: Routes, stay: boolean) => Promise<void>;
  readonly close: (stay: boolean) => Promise<void>;
  /** Follows the machine to a new address, and makes a certificate anew that is over soon. */
  readonly renew: () => Promise<void>;
  /** How it stands, in the contract's words. */
  readonly told: (machine: boolean) => Home;
  /** What is scanned for a code. */
  readonly scanned: (code: Code) => string;
}

/** What is there while it is open. */
interface Opened {
  readonly names: Names;
  readonly papers: Papers;
  readonly secure: SecureServer;
  readonly plain: Server;
}

/** A studio that nobody but its own machine reaches yet. */
export function homeDoor(setting: HomeSetting): HomeDoor {
  const { folder, port, at, outside, now } = setting;
  const codes = pairingCodes(() => now().getTime());
  const mark = join(folder, 'open');
  let opened: Opened | undefined;
  /** Opening and closing, one after the other. */
  const inTurn = serial();

  async function begin(app: Routes): Promise<Opened> {
    const names = setting.names();
    if (names.addresses.length === 0)
      throw new Refused('no-network', 'This machine is on no network. Connect it, then try again.');
    const papers = await papersIn(folder, names, now());
    const secure = createSecureServer(
      { ...tlsOf(papers), minVersion: 'TLSv1.2', requestTimeout: REQUEST_MS },
      (request, response) => void app.routing(request, response),
    );
    const plain = trustServer(() => ({
      certificate: (opened?.papers ?? papers).authority.certificate,
      fingerprint: fingerprintOf((opened?.papers ?? papers).authority.certificate),
      address: addressesOf(opened?.names ?? names, port)[0]!,
    }));
    try {
      await listening(secure, port, at);
      await listening(plain, port + 1, at);
    } catch (error) {
      await Promise.all([stopped(secure), stopped(plain)]);
      throw error;
    }
    return { names, papers, secure, plain };
  }

  const end = async () => {
    const { secure, plain } = opened ?? {};
    opened = undefined;
    await Promise.all([stopped(secure), stopped(plain)]);
  };

  const scanned = ({ code }: Code): string => {
    if (outside !== undefined) return `${outside}/pair#${code}`;
    const { names, papers } = opened!;
    const fingerprint = fingerprintOf(papers.authority.certificate).replaceAll(' ', '');
    return `${trustPageOf(names, port)}#${code}.${fingerprint}`;
  };

  return {
    codes,
    reach: () => ({
      home: new Set(opened ? addressesOf(opened.names, port).map((a) => new URL(a).host) : []),
      ...(outside === undefined ? {} : { outside }),
    }),
    leftOpen: () => existsSync(mark),
    open: (app, stay) =>
      inTurn(async () => {
        opened ??= await begin(app);
        if (stay) await writeFile(mark, '');
      }),
    close: (stay) =>
      inTurn(async () => {
        if (stay) await rm(mark, { force: true });
        await end();
      }),
    renew: () =>
      inTurn(async () => {
        if (!opened) return;
        const names = setting.names();
        // Between two networks it stays what it was.
        if (names.addresses.length === 0) return;
        const papers = await papersIn(folder, names, now());
        if (papers.server.certificate !== opened.papers.server.certificate)
          opened.secure.setSecureContext(tlsOf(papers));
        opened = {
          ...opened,
          names,
          papers: {
            ...papers,
            renewedAuthority: opened.papers.renewedAuthority || papers.renewedAuthority,
          },
        };
      }),
    scanned,
    told: (machine) => {
      const code = machine && (opened || outside !== undefined) ? codes.now() : undefined;
      return {
        machine,
        open: opened !== undefined,
        addresses: [
          ...(outside === undefined ? [] : [outside]),
          ...(opened ? addressesOf(opened.names, port) : []),
        ],
        ...(opened
          ? {
              trustPage: trustPageOf(opened.names, port),
              fingerprint: fingerprintOf(opened.papers.authority.certificate),
              ...(opened.papers.renewedAuthority ? { trustAnew: true } : {}),
            }
          : {}),
        ...(code
          ? { pairing: { ...code, address: scanned(code), scan: rowsOf(scanned(code)) } }
          : {}),
      };
    },
  };
}

const REQUEST_MS = 30_000;

/** With the authority's, so that a device that has it finds the way from one to the other. */
const tlsOf = ({ server, authority }: Papers) => ({
  key: server.key,
  cert: `${server.certificate}\n${authority.certificate}`,
});

/** Addresses of the application on the network, by number first: a name is not known on every network. */
const addressesOf = ({ addresses, dns }: Names, port: number): string[] =>
  [...addresses, ...dns].map((host) => `https://${host}:${port}`);

const trustPageOf = ({ addresses }: Names, port: number): string =>
  `http://${addresses[0]}:${port + 1}/`;

/** A code to be scanned, as rows of 0 and 1. */
function rowsOf(text: string): string[] {
  const { size, data } = QRCode.create(text, { errorCorrectionLevel: 'M' }).modules;
  return Array.from({ length: size }, (_, y) =>
    Array.from(data.subarray(y * size, (y + 1) * size), (dark) => (dark ? '1' : '0')).join(''),
  );
}

function listening(server: AnyServer, port: number, host = '0.0.0.0'): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) =>
      reject(
        error.code === 'EADDRINUSE'
          ? new Refused(
              'no-network',
              `Port ${port} of this machine is taken by another program. Stop that one, or name another port (POTTER_HOME_PORT).`,
            )
          : error.code === 'EADDRNOTAVAIL'
            ? new Refused('no-network', `This machine is not at ${host}.`)
            : error,
      ),
    );
    server.listen(port, host, () => resolve());
  });
}

/** Whoever still listens is cut off: what it had not sent it keeps, and sends again. */
function stopped(
  server: (AnyServer & { closeAllConnections?: () => void }) | undefined,
): Promise<void> {
  return new Promise((resolve) => {
    if (!server?.listening) return resolve();
    server.close(() => resolve());
    server.closeAllConnections?.();
  });
}
