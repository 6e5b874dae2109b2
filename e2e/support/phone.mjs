// A phone on the home network: a browser with a profile and a certificate store of its own, which trusts what was put into that store.
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launch, openPage, PHONE } from './browser.mjs';

/**
 * Fetches the authority's certificate from the studio's plain page, trusts it, and opens a browser. `open()` gives a page, `close()` ends it.
 * Without `trusts` it has nothing in its store.
 */
export async function phone(studio, { trusts = true } = {}) {
  const home = mkdtempSync(join(tmpdir(), 'potter-phone-'));
  const store = join(home, '.pki/nssdb');
  mkdirSync(store, { recursive: true });
  const certutil = (...args) => execFileSync('certutil', ['-d', `sql:${store}`, ...args]);
  certutil('-N', '--empty-password');
  if (trusts) {
    const file = join(home, 'authority.crt');
    const fetched = await fetch(new URL('authority.crt', studio.trustUrl));
    writeFileSync(file, await fetched.text());
    certutil('-A', '-n', 'studio', '-t', 'C,,', '-i', file);
  }
  const browser = await launch({ env: { ...process.env, HOME: home } });
  return {
    open: (setting) => openPage(browser.defaultBrowserContext(), PHONE, setting),
    close: async () => {
      await browser.close();
      rmSync(home, { recursive: true, force: true });
    },
  };
}
