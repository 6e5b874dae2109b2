import type { Surface } from '../surface/schema';
import { COAT_MM, coatMove, verbOf } from '../verb';
import type { RemarkDefinition, Severity } from './evidence';

interface Want {
  readonly severity: Severity;
  readonly message: string;
  readonly product: 'resin' | 'varnish';
  readonly filmMm: number;
}

/** What a use asks of the top (handbook 7, common practice). Hung indoors a piece may stay as it dried. */
const WANTS: Readonly<Partial<Record<Surface['use'], Want>>> = {
  hot: {
    severity: 'may',
    message: 'A hot cup will stick to bare acrylic and pull it off.',
    product: 'resin',
    filmMm: COAT_MM.resin,
  },
  outdoor: {
    severity: 'may',
    message: 'Outdoors the bare film chalks and takes up dirt.',
    product: 'varnish',
    filmMm: COAT_MM.varnish,
  },
  handled: {
    severity: 'note',
    message: 'Hands will wear the bare film and leave it greasy.',
    product: 'varnish',
    filmMm: COAT_MM.varnish,
  },
};

export const noTopCoat: RemarkDefinition = {
  id: 'no-top-coat',
  see: ({ plan }) => {
    const want = WANTS[plan.surface.use];
    if (!want || plan.moves.some((m) => verbOf(m).coats)) return [];
    const { severity, message, product, filmMm } = want;
    return [
      {
        severity,
        about: '/surface/use',
        message,
        advice: `Coat it with ${product}, ${filmMm} mm, once it has cured; the product’s own sheet says whether it stands that use.`,
        numbers: { filmMm },
        fix: {
          label: `Plan a coat of ${product}`,
          patch: [
            {
              op: 'add',
              path: `/moves/${plan.moves.length}`,
              value: coatMove('top-coat', product, filmMm),
            },
          ],
        },
      },
    ];
  },
};
