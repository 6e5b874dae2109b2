/** A deep copy of plain document data. */
export const copyOf = <T>(data: T): T => JSON.parse(JSON.stringify(data)) as T;
