import { type ColourName, colourName } from '../../optics/colour-name';
import { hexToLinear } from '../../optics/srgb';
import type { Finish, Paint } from '../../paint/schema';
import { registry } from '../../registry';

/** Paints that stand together on a rack: by what shimmers or glows first, then by the plain word for their colour. */
interface Family {
  readonly id: string;
  readonly name: string;
  readonly finishes?: readonly Finish[];
  readonly colours?: readonly ColourName[];
}

/** Every family, in the order they are offered. Each plain colour word stands in one of them. */
export const FAMILIES = registry<Family>()('family of paints', [
  { id: 'white', name: 'Whites and creams', colours: ['white'] },
  { id: 'dark', name: 'Blacks and greys', colours: ['black', 'grey'] },
  { id: 'blue', name: 'Blues and teals', colours: ['blue', 'teal'] },
  { id: 'green', name: 'Greens', colours: ['green', 'olive'] },
  { id: 'yellow', name: 'Yellows and oranges', colours: ['yellow', 'orange'] },
  { id: 'red', name: 'Reds and pinks', colours: ['red', 'pink', 'magenta'] },
  { id: 'violet', name: 'Violets', colours: ['violet'] },
  { id: 'earth', name: 'Earths', colours: ['brown'] },
  {
    id: 'shimmer',
    name: 'Metallics and pearls',
    finishes: ['metallic', 'pearl', 'interference'],
  },
  { id: 'neon', name: 'Neons', finishes: ['neon'] },
]);
export type FamilyId = keyof typeof FAMILIES;

/** The family a paint is looked for in. */
export function familyOf({ finish, hex }: Paint): FamilyId {
  const all: readonly Family[] = Object.values(FAMILIES);
  const word = colourName(hexToLinear(hex));
  const found =
    all.find((f) => f.finishes?.includes(finish)) ?? all.find((f) => f.colours?.includes(word));
  return found!.id as FamilyId;
}
