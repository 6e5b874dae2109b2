import type { Fault } from '../schema/fault';
import type { OwnTechnique } from '../technique';
import { sequenceFaults } from '../technique/sequence';
import { plainName, readDocument, type ShapeCheck } from './document-file';

/** How a technique of one's own names itself as a file, and the version this program writes. */
const HEAD = { format: 'potter.technique', version: 1 } as const;

export type OpenedTechnique =
  | { readonly ok: true; readonly technique: OwnTechnique }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/**
 * Opens a `.technique.json`. Either a technique that can be taken, or every fault with the place it stands at.
 * @param checkShape judges it against `OwnTechniqueSchema`
 */
export function openTechnique(text: string, checkShape: ShapeCheck): OpenedTechnique {
  const read = readDocument(text, { ...HEAD, noun: 'technique' });
  if (!read.ok) return read;
  const { format: _, version: __, ...own } = read.document;
  const shape = checkShape(own);
  if (shape.length > 0) return { ok: false, faults: shape };
  const technique = own as unknown as OwnTechnique;
  const faults = sequenceFaults(technique.sequence).map(({ path, message }) => ({
    path: `/sequence${path}`,
    message,
  }));
  return faults.length > 0 ? { ok: false, faults } : { ok: true, technique };
}

/** A technique of one's own as the text of a `.technique.json`, two spaces deep, ending in a line break. */
export const writeTechnique = (technique: OwnTechnique): string =>
  `${JSON.stringify({ ...HEAD, ...technique }, null, 2)}\n`;

/** A file name for it: its name in plain letters. */
export const techniqueFileName = (name: string): string =>
  `${plainName(name) || 'technique'}.technique.json`;
