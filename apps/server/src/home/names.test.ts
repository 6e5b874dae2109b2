import fc from 'fast-check';
import { type Card, namesOf, networkOf, within } from './names';

const card = (cidr: string, internal = false): Card => ({
  address: cidr.split('/')[0]!,
  family: 'IPv4',
  internal,
  cidr,
});

test('a machine goes by its short name, by it under .local, and by the addresses of its cards, the home’s first', () => {
  const cards = [
    card('127.0.0.1/8', true),
    card('172.17.0.1/16'),
    card('192.168.1.20/24'),
    { address: 'fe80::1', family: 'IPv6', internal: false, cidr: 'fe80::1/64' } as const,
  ];
  expect(namesOf('Studio.example.org', cards)).toEqual({
    dns: ['studio', 'studio.local'],
    addresses: ['192.168.1.20', '172.17.0.1'],
    networks: ['192.168.1.0/24', '172.17.0.0/16'],
  });
});

test('told one address it goes by no other', () => {
  const cards = [card('192.168.1.20/24'), card('10.0.0.4/8')];
  expect(namesOf('studio', cards, '10.0.0.4')).toMatchObject({
    addresses: ['10.0.0.4'],
    networks: ['10.0.0.0/8'],
  });
  expect(namesOf('studio', cards, '127.0.0.2').networks).toEqual(['127.0.0.2/32']);
});

test('a name that no network could know is left out', () => {
  expect(namesOf('my studio!', []).dns).toEqual([]);
});

test('an address lies in its own network, however long', () => {
  const part = fc.integer({ min: 0, max: 255 });
  fc.assert(
    fc.property(fc.tuple(part, part, part, part), fc.integer({ min: 0, max: 32 }), (a, bits) => {
      const address = a.join('.');
      expect(within([address], [networkOf(`${address}/${bits}`)])).toBe(true);
    }),
  );
});

test('what lies outside is told apart', () => {
  expect(within(['192.168.2.1'], ['192.168.1.0/24'])).toBe(false);
  expect(within(['192.168.1.9', '8.8.8.8'], ['192.168.1.0/24'])).toBe(false);
  expect(within(['fe80::1'], ['192.168.1.0/24'])).toBe(false);
});
