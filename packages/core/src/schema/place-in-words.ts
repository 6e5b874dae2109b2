/** What a key ends with that is no word: the unit its figure is in. */
const UNIT = /(?<=[a-z])(Mm2?|Cm|Ml|PerMl|G|S|Ms|Hex|Id)$/;

const words = (key: string): string =>
  key
    .replace(UNIT, '')
    .replace(/([A-Z])/g, ' $1')
    .replace(/[-_]/g, ' ')
    .trim()
    .toLowerCase();

/**
 * A place in a document as one would say it: `/mixes/2/massG` is "mixes 3, mass".
 *
 * @param path JSON pointer (RFC 6901)
 * @returns its last name, after that of the entry of a list it belongs to, lower case; "" for the document itself
 */
export function placeInWords(path: string): string {
  const names: string[] = [];
  for (const key of path.split('/').slice(1)) {
    if (!/^\d+$/.test(key)) names.push(words(key.replaceAll('~1', '/').replaceAll('~0', '~')));
    else if (names.length > 0) names.push(`${names.pop()} ${Number(key) + 1}`);
  }
  const last = names.at(-1) ?? '';
  const of = names.at(-2);
  // Which of several it belongs to is worth saying; which one thing it belongs to is plain.
  return of !== undefined && /\d$/.test(of) ? `${of}, ${last}` : last;
}
