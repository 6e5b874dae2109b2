import type { Fault } from '@potter/core/schema';
import { TAGS, TITLES } from './generated/words.js';

/** The part of a schema compiler's error that is needed to say it in words. */
export interface SchemaError {
  readonly instancePath: string;
  readonly schemaPath: string;
  readonly keyword: string;
  readonly params: Readonly<Record<string, unknown>>;
}

/** Faults that are told, and errors of the compiler that are looked through for them. */
const MOST = 40;
const MOST_ERRORS = 2000;

/** Turns a compiler's errors into faults: one for each mistake, not one for each variant that was tried. */
export function explain(all: readonly SchemaError[], value: unknown): Fault[] {
  const errors = all.length > MOST_ERRORS ? all.slice(0, MOST_ERRORS) : all;
  const faults: Fault[] = [];
  // From the end: what a union tried comes right before the union's own error, at its place or below.
  for (let i = errors.length - 1; i >= 0; i--) {
    const error = errors[i] as SchemaError;
    if (error.keyword !== 'anyOf') {
      faults.push(explainOne(error, value));
      continue;
    }
    const tried: SchemaError[] = [];
    while (i > 0 && isWithin(errors[i - 1] as SchemaError, error))
      tried.push(errors[--i] as SchemaError);
    faults.push(explainUnion(error, tried.reverse(), value));
  }
  faults.reverse();
  const seen = new Set<string>();
  return faults
    .filter(
      ({ path, message }) => !seen.has(`${path} ${message}`) && seen.add(`${path} ${message}`),
    )
    .slice(0, MOST);
}

const isWithin = (error: SchemaError, union: SchemaError): boolean =>
  error.instancePath === union.instancePath ||
  error.instancePath.startsWith(`${union.instancePath}/`);

function explainUnion(union: SchemaError, tried: readonly SchemaError[], value: unknown): Fault {
  const here = tried.filter((e) => e.instancePath === union.instancePath);
  const words = here.filter((e) => e.keyword === 'const').map((e) => say(e.params.allowedValue));
  const found = at(value, union.instancePath);
  if (typeof found !== 'object' && words.length > 0) {
    return {
      path: union.instancePath,
      message: `must be one of ${words.join(', ')}; it is ${say(found)}`,
    };
  }
  // The variant that got furthest is the one that was meant.
  const deepest = [...tried].sort((a, b) => b.instancePath.length - a.instancePath.length)[0];
  if (deepest && deepest.instancePath.length > union.instancePath.length)
    return explainOne(deepest, value);
  const missing = [
    ...new Set(
      here.filter((e) => e.keyword === 'required').map((e) => String(e.params.missingProperty)),
    ),
  ];
  return {
    path: union.instancePath,
    message:
      missing.length > 0
        ? `needs ${missing.join(' or ')}`
        : `is none of the forms allowed here; it is ${say(found)}`,
  };
}

function explainOne(
  { instancePath: path, schemaPath, keyword, params }: SchemaError,
  value: unknown,
): Fault {
  const found = at(value, path);
  const fault = (message: string): Fault => ({ path, message });
  switch (keyword) {
    case 'required':
      return { path: `${path}/${escape(params.missingProperty)}`, message: 'is missing' };
    case 'additionalProperties':
      return {
        path: `${path}/${escape(params.additionalProperty)}`,
        message: 'is not part of the format; take it out',
      };
    case 'type':
      return fault(`must be ${article(String(params.type))}; it is ${say(found)}`);
    case 'minimum':
    case 'exclusiveMinimum':
    case 'maximum':
    case 'exclusiveMaximum':
      return fault(
        `must be ${COMPARE[String(params.comparison)] ?? params.comparison} ${params.limit}; it is ${say(found)}`,
      );
    case 'const':
      return fault(`must be ${say(params.allowedValue)}; it is ${say(found)}`);
    case 'pattern':
      return fault(
        `must be ${TITLES[String(params.pattern)] ?? `like ${params.pattern}`}; it is ${say(found)}`,
      );
    case 'discriminator': {
      const tag = String(params.tag);
      const words = (TAGS[schemaPath] ?? []).map(say).join(', ');
      return {
        path: `${path}/${tag}`,
        message:
          params.tagValue === undefined
            ? `is missing; there are ${words}`
            : `must be one of ${words}; it is ${say(params.tagValue)}`,
      };
    }
    case 'minItems':
    case 'maxItems':
    case 'minLength':
    case 'maxLength': {
      const what = keyword.endsWith('Items') ? 'entries' : 'characters';
      return fault(
        `must have ${keyword.startsWith('min') ? 'at least' : 'at most'} ${params.limit} ${what}`,
      );
    }
    default:
      return fault(`breaks the rule "${keyword}"`);
  }
}

const COMPARE: Readonly<Record<string, string>> = {
  '>=': 'at least',
  '>': 'more than',
  '<=': 'at most',
  '<': 'less than',
};

const article = (type: string): string =>
  (/^[aeiou]/.test(type) ? `an ${type}` : `a ${type}`)
    .replace('a string', 'text')
    .replace('an array', 'a list')
    .replace('a boolean', 'true or false');

function say(value: unknown): string {
  if (Array.isArray(value)) return 'a list';
  if (typeof value === 'object' && value !== null) return 'an object';
  return value === undefined ? 'nothing' : JSON.stringify(value).slice(0, 80);
}

const escape = (key: unknown): string => String(key).replace(/~/g, '~0').replace(/\//g, '~1');

/** The value a JSON pointer (RFC 6901) leads to. */
function at(value: unknown, pointer: string): unknown {
  return pointer
    .split('/')
    .slice(1)
    .reduce<unknown>(
      (inside, key) =>
        (inside as Record<string, unknown> | undefined)?.[
          key.replace(/~1/g, '/').replace(/~0/g, '~')
        ],
      value,
    );
}
