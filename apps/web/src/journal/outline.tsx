import type { Place } from '@potter/core/photograph';
import { createElement } from 'react';

/** The piece's outline as it is thought to be on a photograph it covers, ink with a white casing. Places as shares of the photograph's sides. */
export const Outline = ({ rings }: { readonly rings: readonly (readonly Place[])[] }) =>
  createElement(
    'svg',
    {
      viewBox: '0 0 100 100',
      preserveAspectRatio: 'none',
      style: {
        position: 'absolute',
        inset: 0,
        width: '100%',
        height: '100%',
        overflow: 'visible',
        pointerEvents: 'none',
      },
    },
    ...[
      ['#fff', 4],
      ['#161616', 1.5],
    ].map(([stroke, strokeWidth]) =>
      createElement('path', {
        key: String(stroke),
        d: rings
          .map((ring) => `M${ring.map(([x, y]) => `${100 * x} ${100 * y}`).join('L')}Z`)
          .join(''),
        fill: 'none',
        stroke,
        strokeWidth,
        vectorEffect: 'non-scaling-stroke',
      }),
    ),
  );
