// How long a brief takes: a plan seen before (warm), a plan of colours never seen (fresh colours), the first in a process.
import { brief, newPlan, type Plan } from '@potter/core/plan';
import { plainSurface } from '@potter/core/surface';
import { chanceOf, time } from './chance';
import { median, report } from './report.mjs';

const SURFACE: Plan['surface'] = plainSurface(
  { kind: 'rect', widthMm: 500, heightMm: 400 },
  { edgeDepthMm: 18, coverEdges: true },
);

const { hex } = chanceOf(7);
const plan = (colours: number): Plan =>
  newPlan({
    title: 'Bench',
    surface: SURFACE,
    technique: 'flip-cup',
    paints: Array.from({ length: colours }, (_, i) => ({
      id: `p${i}`,
      name: `Paint ${i}`,
      hex: hex(),
      opacity: 'semi-opaque',
      body: 'soft',
      finish: 'satin',
    })),
  });
/** The same plan in other colours, so that nothing remembered by colour helps. */
const recoloured = (p: Plan): Plan => ({
  ...p,
  paints: p.paints.map((paint) => ({ ...paint, hex: hex() })),
});

const six = plan(6);
const first = time(() => brief(recoloured(six)));
for (let i = 0; i < 200; i++) brief(six);
report('brief, 6 colours, first in a process', first, 'ms', '≤ 20');
report(
  'brief, 6 colours never seen before',
  median(Array.from({ length: 60 }, () => time(() => brief(recoloured(six))))),
  'ms',
  '≤ 20',
);
report(
  'brief, 6 colours, warm',
  median(Array.from({ length: 200 }, () => time(() => brief(six)))),
  'ms',
  '≤ 5',
);
const twelve = plan(12);
for (let i = 0; i < 50; i++) brief(twelve);
report(
  'brief, 12 colours, warm',
  median(Array.from({ length: 100 }, () => time(() => brief(twelve)))),
  'ms',
  '≤ 5',
);
report(
  'new plan of 12 colours',
  median(Array.from({ length: 7 }, () => time(() => plan(12)))),
  'ms',
  '—',
);
