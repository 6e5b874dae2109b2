/** A list with one entry at another place; the list itself where a place is outside it. */
export function moved<T>(list: T[], from: number, to: number): T[] {
  const entry = list[from];
  if (entry === undefined || from === to || to < 0 || to >= list.length) return list;
  const rest = list.filter((_, i) => i !== from);
  return [...rest.slice(0, to), entry, ...rest.slice(to)];
}

/** The id wanted, or the first of its kind that nobody has. */
export function freeId(wanted: string, taken: readonly string[]): string {
  let id = wanted;
  for (let n = 2; taken.includes(id); n++) id = `${wanted}-${n}`;
  return id;
}
