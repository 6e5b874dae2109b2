import { pairingCodes } from './codes';

const MINUTE = 60_000;

function timed() {
  let at = 0;
  const codes = pairingCodes(() => at);
  return { codes, after: (ms: number) => void (at += ms) };
}

test('a code is good once, as it stands or as it is typed', () => {
  const { codes } = timed();
  const { code } = codes.give();
  expect(code).toMatch(/^[A-HJKMNP-Z2-9]{8}$/);
  expect(codes.take(` ${code.slice(0, 4).toLowerCase()}-${code.slice(4)} `, 'a')).toBe('right');
  expect(codes.take(code, 'a')).toBe('wrong');
});

test('for ten minutes, and the newest only', () => {
  const { codes, after } = timed();
  const first = codes.give().code;
  const second = codes.give().code;
  expect(codes.take(first, 'a')).toBe('wrong');
  after(10 * MINUTE);
  expect(codes.now()).toBeUndefined();
  expect(codes.take(second, 'a')).toBe('wrong');
});

test('who guesses is not listened to, though others are; who waits is', () => {
  const { codes, after } = timed();
  const { code } = codes.give();
  for (let i = 0; i < 10; i++) expect(codes.take('AAAAAAAA', 'guesser')).toBe('wrong');
  expect(codes.take(code, 'guesser')).toBe('too-many');
  expect(codes.take(code, 'artist')).toBe('right');
  after(10 * MINUTE + 1);
  expect(codes.take(codes.give().code, 'guesser')).toBe('right');
});

test('guessed at from everywhere, the code itself is given up', () => {
  const { codes } = timed();
  const { code } = codes.give();
  for (let i = 0; i < 60; i++) codes.take('AAAAAAAA', `address ${i}`);
  expect(codes.now()).toBeUndefined();
  expect(codes.take(code, 'artist')).toBe('too-many');
});

test('of ten thousand guesses from ten thousand addresses hardly any is heard, and none is right', () => {
  const { codes } = timed();
  codes.give();
  const came = Array.from({ length: 10_000 }, (_, i) =>
    codes.take(`GUESS${String(i).padStart(4, 'A')}`, `address ${i}`),
  );
  expect(came.filter((c) => c === 'wrong')).toHaveLength(60);
  expect(came).not.toContain('right');
});
