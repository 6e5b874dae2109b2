/**
 * Two devices may change one document without having seen each other's change. A sender therefore says, with the document as it wants it,
 * what it saw stand wherever it changed something. What it did not touch stays as the other left it; what both changed is a clash, and
 * nothing is overwritten unseen.
 */
export interface Change<T> {
  readonly now: T;
  /** Without it the document takes the place of whatever stands. */
  readonly was?: Former;
}

/**
 * By pointer (RFC 6901), the values a sender saw there, `null` for none: the one it began with, and those it has sent since without hearing
 * whether they arrived.
 */
export type Former = Readonly<Record<string, readonly unknown[]>>;

/** What stood wherever `after` differs from `before`. Lists of one length are compared entry by entry, others as a whole. */
export function formerOf(before: unknown, after: unknown): Former {
  const former: Record<string, readonly unknown[]> = {};
  const compare = (was: unknown, is: unknown, path: string): void => {
    if (was === is) return;
    const keys = keysOfBoth(was, is);
    if (keys)
      for (const key of keys) compare(own(was, key), own(is, key), `${path}/${escaped(key)}`);
    else if (!same(was, is)) former[path] = [was ?? null];
  };
  compare(before, after, '');
  return former;
}

/** The document as it was before, out of what it is and what stood where it differs: `restored(after, formerOf(before, after))` is `before`. */
export const restored = <T>(after: T, former: Former): T =>
  Object.entries(former).reduce<unknown>(
    (document, [path, [was]]) => put(document, keysIn(path), was ?? undefined),
    after,
  ) as T;

/** What a change saw that takes the place of an earlier one, of which nobody knows whether it arrived. */
export function alsoFormer(earlier: Former, later: Former): Former {
  const all: Record<string, readonly unknown[]> = { ...earlier };
  for (const [path, seen] of Object.entries(later)) {
    const known = all[path] ?? [];
    const more = seen.filter((value) => !known.some((other) => same(other, value)));
    // The first is where it began; of those sent since, the last are the likeliest to stand.
    all[path] = [...known, ...more].filter(
      (value, i, { length }) =>
        i === 0 || i > length - (JSON.stringify(value).length > LONG ? MOST_LONG : MOST_SEEN),
    );
  }
  return all;
}

/** Values remembered of one place; of long ones, such as a note that grows letter by letter, fewer: all of them have to be sent. */
export const MOST_SEEN = 200;
const LONG = 60;
const MOST_LONG = 20;

/** The document as it stands with a change, or the places that another has changed meanwhile. */
export function merged<T>(
  stands: T,
  { now, was }: Change<T>,
): { readonly is: T } | { readonly clashes: readonly string[] } {
  if (!was) return { is: now };
  const paths = Object.keys(was);
  const within = (path: string) => paths.filter((other) => other.startsWith(`${path}/`));
  /** What stands there is what the sender saw, or what it wants. */
  const known = (path: string): boolean => {
    const there = at(stands, path) ?? null;
    return (
      same(there, at(now, path) ?? null) || was[path]!.some((seen) => same(seen ?? null, there))
    );
  };
  /** It is so but for parts of it that were told of themselves: of changes that took one another's place some arrived and some did not. */
  const knownByParts = (path: string): boolean => {
    const parts = within(path);
    if (parts.length === 0 || !parts.every(known)) return false;
    return [at(now, path), ...was[path]!].some((seen) =>
      same(
        parts.reduce(
          (there, part) => put(there, keysIn(part), at(wrapped(path, seen), part)),
          wrapped(path, at(stands, path)),
        ),
        wrapped(path, seen),
      ),
    );
  };
  const whole = new Set(paths.filter(known));
  const clashes = paths.filter(
    (path) =>
      !whole.has(path) &&
      !knownByParts(path) &&
      !paths.some((other) => whole.has(other) && path.startsWith(`${other}/`)),
  );
  if (clashes.length > 0) return { clashes };
  return {
    is: paths.reduce<unknown>(
      (document, path) => put(document, keysIn(path), at(now, path)),
      stands,
    ) as T,
  };
}

/** A document with this alone in it, at this pointer. */
const wrapped = (path: string, value: unknown): unknown =>
  put({}, keysIn(path), value ?? undefined);

type Keyed = Readonly<Record<string, unknown>>;

const keyed = (value: unknown): value is Keyed => typeof value === 'object' && value !== null;
const own = (value: unknown, key: string): unknown =>
  keyed(value) && Object.hasOwn(value, key) ? value[key] : undefined;

/** Keys under which two values are compared part by part; none where they are not of one build. */
function keysOfBoth(a: unknown, b: unknown): readonly string[] | undefined {
  if (!keyed(a) || !keyed(b)) return undefined;
  if (Array.isArray(a) !== Array.isArray(b)) return undefined;
  if (Array.isArray(a) && a.length !== (b as unknown as unknown[]).length) return undefined;
  return [...new Set([...Object.keys(a), ...Object.keys(b)])];
}

/** Whether two values of JSON are equal; what is absent and what is undefined are one. */
function same(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  return (
    keysOfBoth(a, b)?.every((key) =>
      same((a as Keyed)[key] ?? undefined, (b as Keyed)[key] ?? undefined),
    ) ?? false
  );
}

const escaped = (key: string): string => key.replaceAll('~', '~0').replaceAll('/', '~1');
const keysIn = (path: string): readonly string[] =>
  path
    .split('/')
    .slice(1)
    .map((key) => key.replaceAll('~1', '/').replaceAll('~0', '~'));

/** What stands at a pointer of a document; undefined where nothing does. */
export const at = (document: unknown, path: string): unknown =>
  keysIn(path).reduce<unknown>((value, key) => own(value, key), document);

function put(document: unknown, [key, ...rest]: readonly string[], value: unknown): unknown {
  if (key === undefined) return value;
  const next = put(own(document, key), rest, value);
  if (Array.isArray(document))
    return document.map((entry, i) => (String(i) === key ? next : entry));
  const { [key]: _, ...others } = keyed(document) ? document : {};
  return next === undefined ? others : { ...others, [key]: next };
}
