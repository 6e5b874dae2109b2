import { MATERIALS, type Material, type Medium, STOCK_MEDIUMS } from '@potter/core/material';

/** Where names may be looked up before the catalogue: a plan, or what several of them hold. */
interface Named {
  readonly paints?: readonly { readonly id: string; readonly name: string }[];
  readonly materials?: readonly Material[];
  readonly mediums?: readonly Medium[];
}

/** What a paint, material or medium is called; one's own before the catalogue's. */
export const nameIn =
  ({ paints = [], materials = [], mediums = [] }: Named) =>
  (id: string): string =>
    [...paints, ...materials, ...mediums, ...MATERIALS, ...STOCK_MEDIUMS].find((m) => m.id === id)
      ?.name ?? id;
