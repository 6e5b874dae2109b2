// Twenty plans of every sort, as JSON: surfaces, schools, techniques, sets, rims and hands differ. Run by tsx, since plans are made by the core.
import { edit, newPlan, type Plan } from '@potter/core/plan';
import { namedPaint } from '@potter/core/stock';
import { plainSurface, type Shape, type Surface } from '@potter/core/surface';

const COLOURS = ['titanium white', 'phthalo blue', 'burgundy', 'gold', 'sage', 'carbon black'];
const paints = (count: number) =>
  COLOURS.slice(0, count).flatMap((name) => {
    const named = namedPaint(name);
    return named.ok ? [named.value] : [];
  });
const rect = (widthMm: number, heightMm: number): Shape => ({ kind: 'rect', widthMm, heightMm });
const round = (diameterMm: number): Shape => ({ kind: 'round', diameterMm });
const deep = { edgeDepthMm: 38, coverEdges: true };
const tray = { rim: { kind: 'raised', heightMm: 12 } } as const;

type Made = Parameters<typeof newPlan>[0];
const make = (
  shape: Shape,
  colours: number,
  surface: Partial<Surface> = {},
  more: Partial<Made> = {},
): Plan =>
  newPlan({
    title: 'Made',
    surface: plainSurface(shape, surface),
    paints: paints(colours),
    technique: 'flip-cup',
    ...more,
  });

const PLANS: readonly Plan[] = [
  make(rect(400, 500), 4, deep),
  make(rect(400, 500), 4, deep, { school: 'lean' }),
  make(round(300), 3, { pieces: 6 }, { school: 'lean-bare' }),
  make(rect(300, 200), 5, tray),
  edit.addPot(make(rect(500, 400), 6, { edgeDepthMm: 18, coverEdges: true }), 'base'),
  edit.setBudget(make(rect(500, 400), 3, deep), { countEdges: true }),
  make(rect(254, 254), 2, {}, { school: 'film' }),
  edit.roundPartsTo(make(round(100), 4, { pieces: 12 }), 5),
  make({ kind: 'glyphs', text: '7H', font: 'hyperlegible', heightMm: 200 }, 3),
  make(rect(900, 300), 5, { edgeDepthMm: 18, coverEdges: false }, { technique: 'straight-pour' }),
  make(rect(300, 300), 4, deep, { technique: 'straight-pour', school: 'lean' }),
  edit.setShare(make(rect(400, 400), 5), 'm-phthalo-blue-green-shade', 0.5),
  edit.setBudget(make(rect(400, 300), 3, deep), { stepMl: 10 }),
  edit.shareByIntent(make(rect(600, 400), 6)),
  edit.addPot(make(rect(300, 400), 4), 'keep'),
  make({ kind: 'ring', outerMm: 300, innerMm: 120 }, 3, deep),
  edit.addCup(make(rect(500, 500), 3), 'reversed'),
  edit.setSurface(make(rect(400, 500), 3), { weighsG: 420 }),
  make(rect(200, 150), 2, { ...tray, pieces: 4 }, { school: 'own' }),
  edit.setAdditives(
    make(rect(400, 500), 3),
    0,
    [{ material: 'silicone', drops: 2, perMl: 60 }],
    [],
  ),
];
process.stdout.write(JSON.stringify(PLANS.map((p, i) => ({ ...p, title: `Made ${i + 1}` }))));
