import type { Vessel, VesselOutlet } from './schema';

/** Something people pour from, with how it is loaded and lets go. */
export interface LibraryVessel extends Vessel {
  readonly id: string;
  readonly name: string;
  readonly outlet?: VesselOutlet;
  readonly loading?: 'split';
}

/** Paper cups, small to large: what a new plan chooses from; inner measures (common practice, no published source). */
export const CUPS = [
  { id: 'cup-3', name: '3 fl oz cup', topMm: 64, bottomMm: 44, heightMm: 40 },
  { id: 'cup-9', name: '9 fl oz cup', topMm: 78, bottomMm: 52, heightMm: 79 },
  { id: 'cup-10', name: '10 fl oz cup', topMm: 80, bottomMm: 54, heightMm: 83 },
  { id: 'cup-16', name: '16 fl oz cup', topMm: 95, bottomMm: 62, heightMm: 98 },
] as const satisfies readonly LibraryVessel[];

/** What a single colour is poured from where no cup holds it; inner measures (estimates). */
export const JUGS = [
  { id: 'jug-1', name: 'Jug, 1 litre', topMm: 112, bottomMm: 92, heightMm: 135 },
  { id: 'jug-2', name: 'Jug, 2 litres', topMm: 140, bottomMm: 115, heightMm: 170 },
  { id: 'bucket-5', name: 'Bucket, 5 litres', topMm: 215, bottomMm: 180, heightMm: 195 },
] as const satisfies readonly LibraryVessel[];

/** What people pour from: the cups and jugs, then the odd ones, whose measures are estimates. */
export const VESSELS: readonly LibraryVessel[] = [
  ...CUPS,
  ...JUGS,
  { id: 'shot', name: 'Shot glass', topMm: 48, bottomMm: 36, heightMm: 32 },
  {
    id: 'ring',
    name: 'Bottomless ring',
    topMm: 75,
    bottomMm: 75,
    heightMm: 60,
    outlet: 'bottom',
  },
  {
    id: 'bottle-foot',
    name: 'Bottle foot, five lobes',
    topMm: 62,
    bottomMm: 50,
    heightMm: 30,
    compartments: 5,
    loading: 'split',
  },
  {
    id: 'squeeze-bottle',
    name: 'Squeeze bottle, 3 mm tip',
    topMm: 60,
    bottomMm: 60,
    heightMm: 120,
    outlet: { tipMm: 3 },
  },
  {
    id: 'strainer',
    name: 'Strainer, nine holes',
    topMm: 110,
    bottomMm: 70,
    heightMm: 45,
    outlet: { holes: 9, ringMm: 60 },
  },
];

/** A library entry as it stands in a plan. */
export const vesselOf = ({ name, topMm, bottomMm, heightMm, compartments }: Vessel): Vessel => ({
  name,
  topMm,
  bottomMm,
  heightMm,
  ...(compartments === undefined ? {} : { compartments }),
});
