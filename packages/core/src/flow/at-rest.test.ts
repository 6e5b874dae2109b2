import { factorsWith } from '../factor';
import { hexToSpectrum } from '../optics/spectrum';
import type { Act } from './act';
import { atRest, type RestPicture } from './at-rest';
import { plainEngine } from './engine';
import { finish, workbench } from './job';
import { endOf, scene } from './scene.test-data';

const SIDE = 60;
const plain = { oil: 0, oilPaS: 0, matt: 0, flakes: 0, activator: false };
const opens = {
  makeups: { over: { ...plain, densityKgM3: 1160 }, under: { ...plain, densityKgM3: 1060 } },
  factors: factorsWith({}),
};
/** What lies above scatters much and absorbs all but red; what lies below is dark. */
const palette = {
  inks: {
    over: { q: new Array<number>(36).fill(0.02), s: 60 },
    under: { q: new Array<number>(36).fill(30), s: 1 },
  },
  ground: hexToSpectrum('#f4f4f1'),
};
const LAID: readonly Act[] = [
  { kind: 'overlay', mix: 'under', filmMm: 1 },
  { kind: 'overlay', mix: 'over', filmMm: 0.4 },
];
const laid = (acts: readonly Act[]) =>
  scene(acts, { widthMm: SIDE, heightMm: SIDE, rimMm: 20, nu: 4e-4 });
const close = { pixels: 90, cells: 48 };
const dark = ({ rgba }: RestPicture): number => {
  let many = 0;
  for (let i = 0; i < rgba.length; i += 4) if (rgba[i]! < 128) many++;
  return (4 * many) / rgba.length;
};

const at = endOf(atRest(plainEngine, { scene: laid(LAID), palette, opens, ...close }));

test('cells go on opening in it, and then no further', () => {
  const shares = [20, 40, 60, 900, 1800].map((s) => dark(at(s)));
  for (let n = 1; n < 4; n++) expect(shares[n]).toBeGreaterThan(shares[n - 1]!);
  expect(shares[4]! / shares[3]!).toBeLessThan(1.1);
});

test('it is the same at the same time, whatever was looked at between', () => {
  const first = at(40).rgba;
  at(900);
  expect(at(40).rgba).toEqual(first);
});

test('after the plan’s own rest it is what the preview of that shows', () => {
  const acts: readonly Act[] = [...LAID, { kind: 'rest', s: 60 }];
  const [preview, watched] = [
    finish(workbench(plainEngine), {
      scene: laid(acts),
      palette,
      opens,
      pixels: [close.pixels],
      cells: close.cells,
    }),
    endOf(atRest(plainEngine, { scene: laid(acts), palette, opens, ...close }))(60),
  ];
  expect(watched.rgba).toEqual(preview.rgba);
});
