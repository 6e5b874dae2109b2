import { BlockList, isIPv4 } from 'node:net';

/** A machine's network card as `os.networkInterfaces` tells of it. */
export interface Card {
  readonly address: string;
  readonly family: 'IPv4' | 'IPv6';
  readonly internal: boolean;
  /** Address and length of its network, such as `192.168.1.20/24`. */
  readonly cidr: string | null;
}

/** What a machine is called on its network, and where it is there. */
export interface Names {
  readonly dns: readonly string[];
  /** IPv4 addresses, the likeliest first. */
  readonly addresses: readonly string[];
  /** The networks these addresses are of, such as `192.168.1.0/24`: whatever address it is given in one of them is its own. */
  readonly networks: readonly string[];
}

/** A label of a name in the network (RFC 1123). */
const LABEL = /^[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?$/;

/**
 * Names and addresses of a machine.
 * @param at one address it is to be reached at and no other; without it those of all its cards
 */
export function namesOf(hostname: string, cards: readonly Card[], at?: string): Names {
  const short = (hostname.split('.')[0] ?? '').toLowerCase();
  const dns = LABEL.test(short) ? [short, `${short}.local`] : [];
  const found = cards
    .filter((c) => c.family === 'IPv4' && !c.internal)
    .sort((a, b) => likelihood(a) - likelihood(b));
  if (at !== undefined) {
    const card = cards.find((c) => c.address === at);
    return { dns, addresses: [at], networks: [card?.cidr ? networkOf(card.cidr) : `${at}/32`] };
  }
  return {
    dns,
    addresses: found.map((c) => c.address),
    networks: [...new Set(found.map((c) => networkOf(c.cidr ?? `${c.address}/32`)))],
  };
}

/** Where a home's network usually is, before where programs on a machine make networks of their own. */
const likelihood = ({ address }: Card): number =>
  address.startsWith('192.168.') ? 0 : address.startsWith('10.') ? 1 : 2;

/** The network an address with its length is of: `192.168.1.20/24` is of `192.168.1.0/24`. */
export function networkOf(cidr: string): string {
  const [address = '', length = '32'] = cidr.split('/');
  const bits = Number(length);
  const mask = bits === 0 ? 0 : (~0 << (32 - bits)) >>> 0;
  const whole = address.split('.').reduce((sum, part) => sum * 256 + Number(part), 0);
  const base = (whole & mask) >>> 0;
  return `${[24, 16, 8, 0].map((shift) => (base >>> shift) & 255).join('.')}/${bits}`;
}

/** Whether every address lies in one of the networks. */
export function within(addresses: readonly string[], networks: readonly string[]): boolean {
  const list = new BlockList();
  for (const network of networks) {
    const [address = '', bits = '32'] = network.split('/');
    list.addSubnet(address, Number(bits));
  }
  return addresses.every((address) => isIPv4(address) && list.check(address));
}
