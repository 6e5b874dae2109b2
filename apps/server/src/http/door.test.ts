import { doorOf, type Reach } from './door';

const REACH: Reach = {
  home: new Set(['192.168.1.20:4174', 'studio.local:4174']),
  outside: 'https://studio.example',
};
const at = (host: string | undefined, secure = false, headers = {}) =>
  doorOf({ host, secure, headers }, REACH)?.way;

test.each([
  ['127.0.0.1:4173', false, 'machine'],
  ['LOCALHOST:4173', false, 'machine'],
  ['[::1]:4173', false, 'machine'],
  ['192.168.1.20:4174', true, 'home'],
  ['Studio.Local:4174', true, 'home'],
  ['studio.example', false, 'outside'],
  // A name that resolves here, a port that is not the studio's, no name at all.
  ['evil.example', false, undefined],
  ['evil.example', true, undefined],
  ['192.168.1.20:9999', true, undefined],
  [undefined, false, undefined],
  // The network's own names are not answered without TLS, nor the machine's with it.
  ['192.168.1.20:4174', false, undefined],
  ['127.0.0.1:4173', true, undefined],
  ['127.0.0.1:4173@evil.example', false, undefined],
  ['127.0.0.1.evil.example', false, undefined],
])('%s over TLS: %s comes by the door %s', (host, secure, way) => {
  expect(at(host, secure)).toBe(way);
});

test.each(['forwarded', 'x-forwarded-for', 'x-forwarded-host', 'x-real-ip'])(
  'what a proxy hands on (%s) is never the machine’s own',
  (header) => {
    expect(at('127.0.0.1:4173', false, { [header]: '203.0.113.9' })).toBeUndefined();
    expect(at('studio.example', false, { [header]: '203.0.113.9' })).toBe('outside');
  },
);

test('each door has the origin its pages have', () => {
  expect(doorOf({ host: 'studio.local:4174', secure: true, headers: {} }, REACH)?.origin).toBe(
    'https://studio.local:4174',
  );
  expect(doorOf({ host: 'studio.example', secure: false, headers: {} }, REACH)?.origin).toBe(
    'https://studio.example',
  );
});
