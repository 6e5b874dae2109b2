/** The version of the document this program writes. */
export const VERSION = 1;

/** Takes a document of one version to the next. Whatever the document gains that older files lack is filled in here. */
export interface Upgrade {
  readonly from: number;
  readonly step: (document: Readonly<Record<string, unknown>>) => Record<string, unknown>;
}

/** Every step there has been, oldest first. None yet: files of the first version are of today's. */
const UPGRADES: readonly Upgrade[] = [];

/**
 * A document as today's program reads it, step by step from the version it was written in. One without a version, or of a later one, is
 * left for the schema to refuse.
 * @throws RangeError where a step is missing between the two: a fault of this program, not of the file
 */
export function upgraded(
  document: Readonly<Record<string, unknown>>,
  upgrades: readonly Upgrade[] = UPGRADES,
  version = VERSION,
): Readonly<Record<string, unknown>> {
  const { version: from } = document;
  if (typeof from !== 'number' || !Number.isInteger(from) || from < 1 || from >= version)
    return document;
  const upgrade = upgrades.find((u) => u.from === from);
  if (!upgrade) throw new RangeError(`nothing takes a plan from version ${from} to the next`);
  return upgraded({ ...upgrade.step(document), version: from + 1 }, upgrades, version);
}
