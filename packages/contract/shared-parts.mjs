/** Parts shorter than this are cheaper written out again than referred to, characters of JSON. */
const WORTH_SHARING = 60;

/** Keywords under which schemas stand by name, in a list, or alone. */
const BY_NAME = ['properties', 'patternProperties'];
const IN_LIST = ['oneOf', 'anyOf', 'allOf'];
const ALONE = ['items', 'additionalProperties'];

/** A schema with each schema inside it put through `change`. */
function mapInside(schema, change) {
  const out = { ...schema };
  for (const key of BY_NAME)
    if (out[key])
      out[key] = Object.fromEntries(Object.entries(out[key]).map(([n, s]) => [n, change(s)]));
  for (const key of IN_LIST) if (out[key]) out[key] = out[key].map(change);
  for (const key of ALONE)
    if (typeof out[key] === 'object' && !Array.isArray(out[key])) out[key] = change(out[key]);
  return out;
}

/**
 * Parts that stand in schemas more than once, named and referred to, so that each is compiled once.
 *
 * @param schemas plain JSON schemas by name
 * @returns the same schemas and the parts, by name; a shared part is `{ $ref: its name }`
 */
export function shareParts(schemas) {
  const times = new Map();
  const count = (schema) => {
    const text = JSON.stringify(schema);
    const seen = times.get(text) ?? 0;
    times.set(text, seen + 1);
    // What is inside a part that was met before is inside that part.
    if (seen === 0) mapInside(schema, (inner) => (count(inner), inner));
  };
  for (const schema of Object.values(schemas)) count(schema);

  const names = new Map(
    Object.entries(schemas).map(([name, schema]) => [JSON.stringify(schema), name]),
  );
  const parts = {};
  const share = (schema) => {
    const text = JSON.stringify(schema);
    if (!names.has(text) && (times.get(text) < 2 || text.length < WORTH_SHARING))
      return mapInside(schema, share);
    if (!names.has(text)) {
      const name = `part-${names.size}`;
      names.set(text, name);
      parts[name] = mapInside(schema, share);
    }
    return { $ref: names.get(text) };
  };
  const shared = Object.fromEntries(
    Object.entries(schemas).map(([name, schema]) => [name, mapInside(schema, share)]),
  );
  return { ...shared, ...parts };
}
