import { settingOf } from './setting';

const read = (args: string[], env: Record<string, string> = {}) => settingOf(args, env, '/data');

test('told nothing, it is there for its own machine alone', () => {
  expect(read([])).toEqual({
    port: 4173,
    url: 'file:///data/potter.db',
    home: undefined,
    homePort: 4174,
    loopbackAsks: false,
    keys: '/data/keys',
  });
});

test('keys lie beside the studio’s file; with a studio elsewhere, in the data folder', () => {
  expect(read([], { POTTER_DB: 'file:///srv/a/potter.db' }).keys).toBe('/srv/a/keys');
  expect(read([], { POTTER_DB: 'http://127.0.0.1:8080' }).keys).toBe('/data/keys');
});

test('--home opens it, at all addresses or at one', () => {
  expect(read(['--home']).home).toEqual({});
  expect(read(['--home=192.168.1.20']).home).toEqual({ at: '192.168.1.20' });
  expect(read([], { POTTER_OUTSIDE: 'https://studio.example/' }).outside).toBe(
    'https://studio.example',
  );
});

test.each([
  [['--hom'], {}, '“--hom” is nothing the studio knows'],
  [['--home=here'], {}, '“here” is no address'],
  [[], { PORT: 'x' }, 'PORT is “x”; say a number'],
  [[], { POTTER_HOME_PORT: '70000' }, 'POTTER_HOME_PORT is “70000”'],
  [[], { POTTER_OUTSIDE: 'http://studio.example' }, 'such as https://studio.example'],
  [[], { POTTER_OUTSIDE: 'https://studio.example/potter' }, 'such as https://studio.example'],
])('%j with %j is told what is wrong', (args, env, says) => {
  expect(() => read(args, env as Record<string, string>)).toThrow(says);
});
