import type { Vessel } from './schema';

/** Paper cups people pour from, small to large; inner measures (common practice, no published source). */
export const VESSELS = [
  { id: 'cup-3', name: '3 fl oz cup', topMm: 64, bottomMm: 44, heightMm: 40 },
  { id: 'cup-9', name: '9 fl oz cup', topMm: 78, bottomMm: 52, heightMm: 79 },
  { id: 'cup-16', name: '16 fl oz cup', topMm: 95, bottomMm: 62, heightMm: 98 },
] as const satisfies readonly (Vessel & { id: string })[];

/** A library entry as it stands in a plan. */
export const vesselOf = ({ name, topMm, bottomMm, heightMm }: Vessel): Vessel => ({
  name,
  topMm,
  bottomMm,
  heightMm,
});
