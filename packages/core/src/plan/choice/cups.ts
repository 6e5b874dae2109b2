import type { Plan } from '../document/schema';
import { divideCup, removeCup } from '../edit/cups';
import type { Decision } from './define';

/** How many cups the colours go into. */
export const cups = {
  id: 'cups',
  name: 'How many cups',
  variants: ({ cups: now }) => [
    ...[2, 3, 4]
      .filter((n) => now.length === 1 && now[0]!.layers)
      .map((n) => ({ key: `${n}`, says: `${n} cups`, make: (of: Plan) => divideCup(of, 0, n) })),
    ...(now.length > 1
      ? [
          {
            key: 'one less',
            says: now.length === 2 ? 'One cup' : `${now.length - 1} cups`,
            make: (of: Plan) => removeCup(of, of.cups.length - 1),
          },
        ]
      : []),
  ],
} as const satisfies Decision;
