/** Every way the studio says no: the code a program knows it by, and the status it is answered with. */
export const REFUSALS = {
  // What was sent will not do.
  invalid: 400,
  unworkable: 400,
  loop: 400,
  request: 400,
  'not-json': 400,
  'too-large': 413,
  'not-a-picture': 415,
  'not-a-copy': 415,
  'damaged-copy': 422,
  unreadable: 422,
  // Who asked, or where.
  host: 403,
  origin: 403,
  'only-here': 403,
  unpaired: 401,
  'wrong-code': 403,
  'too-many': 429,
  address: 404,
  'not-found': 404,
  // What it is about is not there.
  'no-plan': 404,
  'no-run': 404,
  'no-piece': 404,
  'no-picture': 404,
  'no-reaction': 404,
  'no-copy': 404,
  'no-calendar': 404,
  'not-in-bin': 404,
  'not-on-shelf': 404,
  'no-device': 404,
  // What stands there stands in the way.
  behind: 409,
  'there-already': 409,
  'pictures-full': 409,
  'no-file': 409,
  'no-network': 409,
  // The studio is in trouble.
  server: 500,
  'disk-full': 503,
  'read-only': 503,
  damaged: 503,
  busy: 503,
  away: 503,
  disk: 503,
} as const;

export type RefusalCode = keyof typeof REFUSALS;
