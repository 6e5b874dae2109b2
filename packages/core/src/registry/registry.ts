/** Definitions of one family by their id, in the order they were entered. */
export type Registry<Id extends string, Open> = {
  readonly [I in Id]: Open & { readonly id: I };
};

/** What every definition has, whatever it defines. */
interface Definition {
  readonly id: string;
}

/**
 * Enters a family's definitions: the one place where an id is looked at, and where a definition that is made for its own
 * values only becomes one that may be asked about any of its family (the caller sees to it that values and definitions
 * belong together, by finding the definition through the value's own id).
 *
 * Called in two steps, `registry<Technique>()('technique', [...])`, for the open type is said and the ids are read off.
 * @param fault what is wrong with a definition, in a few words; nothing where it is sound
 * @throws RangeError where an id is malformed or taken, or a definition is not sound: the program does not start with it
 */
export const registry =
  <Open extends object>() =>
  <const D extends readonly Definition[]>(
    family: string,
    definitions: D,
    fault?: (definition: Open) => string | undefined,
  ): Registry<D[number]['id'], Open> => {
    const entered: Record<string, Open> = {};
    for (const definition of definitions) {
      const { id } = definition;
      if (!ID.test(id)) throw new RangeError(`the ${family} "${id}" needs an id of plain letters`);
      if (Object.hasOwn(entered, id))
        throw new RangeError(`there are two of the ${family} "${id}"`);
      const open = definition as unknown as Open;
      const wrong = fault?.(open);
      if (wrong !== undefined) throw new RangeError(`the ${family} "${id}" ${wrong}`);
      entered[id] = open;
    }
    return entered as Registry<D[number]['id'], Open>;
  };

/** Ids stand in documents and addresses. */
const ID = /^[a-z][a-z0-9-]{0,40}$/;

/** Ids of a registry, in the order its definitions were entered. */
export const idsOf = <Id extends string>(entered: Registry<Id, unknown>): readonly Id[] =>
  Object.keys(entered) as Id[];

/** Whether a registry has this id: of its own, not of what every object has. */
export const has = <Id extends string>(entered: Registry<Id, unknown>, id: string): id is Id =>
  Object.hasOwn(entered, id);
