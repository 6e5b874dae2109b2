import type { Brief } from '../brief/brief';

/** A plan's face: for each cup its strata, bottom first, each by its colour and its height in mm. */
export function coresOf({ cups, mixes }: Brief): { readonly hex: string; readonly mm: number }[][] {
  const hexOf = new Map(mixes.map((m) => [m.id, m.masstoneHex]));
  return cups.map((cup) =>
    cup.layers.map((l) => ({
      hex: hexOf.get(l.mix) ?? '#808080',
      mm: Number((l.toMm - l.fromMm).toFixed(1)),
    })),
  );
}
