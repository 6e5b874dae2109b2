import type { Fault } from '../schema/fault';

/** Judges the shape of a value against a schema; handed in, so that the core needs no schema compiler. */
export type ShapeCheck = (value: unknown) => readonly Fault[];

/** Largest file that is read, characters: a hundred times a large plan. */
export const MOST_CHARACTERS = 2_000_000;

/** What a file must be. */
interface Kind {
  readonly format: string;
  /** What it holds, in a word. */
  readonly noun: string;
  /** The last version this program reads. */
  readonly version: number;
}

type ReadDocument =
  | { readonly ok: true; readonly document: Readonly<Record<string, unknown>> }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** Reads a file of one of our formats, as far as that can be told without its schema. */
export function readDocument(text: string, { format, noun, version }: Kind): ReadDocument {
  const refused = (path: string, message: string): ReadDocument => ({
    ok: false,
    faults: [{ path, message }],
  });
  if (text.length > MOST_CHARACTERS)
    return refused(
      '',
      `the file is too large to be a ${noun}: ${text.length} characters, ${MOST_CHARACTERS} at most`,
    );
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return refused(
      '',
      `not a JSON file: ${error instanceof Error ? error.message : String(error)}`,
    );
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return refused('', `not a ${noun}: the file holds no object`);
  if ('format' in value && value.format !== format)
    return refused('/format', `this is a "${String(value.format)}" file, not a ${format} ${noun}`);
  if ('version' in value && typeof value.version === 'number' && value.version > version)
    return refused(
      '/version',
      `version ${value.version} is newer than this program, which reads version ${version}`,
    );
  return { ok: true, document: value as Readonly<Record<string, unknown>> };
}

/** A title in plain letters, for the name of a file. */
export const plainName = (title: string): string =>
  title
    .normalize('NFKD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .replace(/[\s_]+/g, '-')
    .toLowerCase();
