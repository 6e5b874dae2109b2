// What the colour stations ask for: orders, mixes for a colour, chips of a shelf, a table of neighbours. One process, one thread.
import { findMixes, drawdown, opacityOf } from '@potter/core/mix';
import { dominantColours, neighbours, paintOptics } from '@potter/core/optics';
import { answerOrder, arrange } from '@potter/core/order';
import { PIGMENTS, type Paint } from '@potter/core/paint';
import { chanceOf, time } from './chance';
import { median, report } from './report.mjs';

const { chance, hex } = chanceOf(11);
const paints = (n: number, fresh: boolean): Paint[] =>
  Array.from({ length: n }, (_, i) => ({
    id: `p${i}`,
    name: `Paint ${i}`,
    hex: fresh ? hex() : PIGMENTS[i % PIGMENTS.length]!.hex,
    opacity: (['opaque', 'semi-opaque', 'semi-transparent', 'transparent'] as const)[i % 4]!,
    body: 'soft',
    finish: 'satin',
    pigments: fresh ? [] : [PIGMENTS[i % PIGMENTS.length]!.ci.split('+')[0]!],
  }));
const timesOf = (n: number, task: () => unknown) =>
  median(Array.from({ length: n }, () => time(task)));

const ten = PIGMENTS.slice(0, 20)
  .filter((_, i) => i % 2 === 0)
  .map((p) => p.hex);
const once = ten.map(() => 1);
const pins = { school: 'contrast', first: 0, last: 3, apart: [[1, 2]] } as const;
arrange(ten, once, pins);
report(
  'order of 10 colours with pins',
  timesOf(9, () => arrange(ten, once, pins)),
  'ms',
  '≤ 100',
);
report(
  'the same, what each wish costs with it',
  timesOf(5, () => answerOrder({ hexes: ten, counts: once, wish: pins })),
  'ms',
  '—',
);
const sixteen = ten.map((_, i) => (i < 6 ? 2 : 1));
report(
  'order of 16 layers of 10 colours',
  timesOf(5, () => arrange(ten, sixteen, { school: 'contrast' })),
  'ms',
  '≤ 300',
);
const eight = ten.slice(0, 8);
report(
  'order of 16 layers of 8 colours, two between repeats',
  timesOf(5, () =>
    arrange(
      eight,
      eight.map(() => 2),
      { school: 'contrast', spacing: 2 },
    ),
  ),
  'ms',
  '≤ 300',
);

const shelf = paints(40, false);
const first = time(() => findMixes(hex(), shelf));
report('mix finder over 40 paints, the first', first, 'ms', '≤ 500');
report(
  'mix finder over 40 paints',
  timesOf(9, () => findMixes(hex(), shelf)),
  'ms',
  '≤ 500',
);

const chips = (of: readonly Paint[]) =>
  of.forEach((p) => {
    const optics = paintOptics(p);
    drawdown(optics);
    opacityOf(optics);
  });
const sixty = paints(60, true);
report(
  'chips of 60 paints, the first time',
  time(() => chips(sixty)),
  'ms',
  '≤ 120',
);
report(
  'chips of 60 paints, after that',
  timesOf(9, () => chips(sixty)),
  'ms',
  '≤ 5',
);

const table = (hexes: readonly string[]) =>
  hexes.forEach((a, i) => hexes.slice(0, i).forEach((b) => neighbours(a, b)));
report(
  'neighbours of 12 colours never seen',
  timesOf(7, () => table(paints(12, true).map((p) => p.hex))),
  'ms',
  '≤ 20',
);

const pixels = Uint8ClampedArray.from({ length: 160 * 120 * 4 }, (_, i) =>
  i % 4 === 3 ? 255 : Math.floor(chance() * 256),
);
report(
  '5 colours of a picture of 160 × 120 pixels',
  timesOf(5, () => dominantColours(pixels, 5)),
  'ms',
  '—',
);
