import QRCode from 'qrcode';
import type { HomeDoor } from './door';

/** What the terminal shows of a studio that is open to its network: the code to be scanned, and the same in words. */
export async function invitation(home: HomeDoor): Promise<string> {
  const code = home.codes.give();
  const { addresses, trustPage, fingerprint } = home.told(true);
  const scan = await QRCode.toString(home.scanned(code), { type: 'terminal', small: true });
  return [
    '',
    scan,
    `On the phone: scan this${trustPage ? `, or go to ${trustPage}` : ''}.`,
    `Pairing code ${code.code.replace(/^(....)/, '$1-')}, good for ten minutes; Settings make another.`,
    ...(fingerprint ? [`The certificate’s signs: ${fingerprint}`] : []),
    `Potter on the network: ${addresses.join(', ')}`,
  ].join('\n');
}
