import { openBook } from '../material/book';
import { hexToLab } from '../optics/lab';
import { brief } from '../plan/brief/brief';
import * as edit from '../plan/edit';
import { BRASS, DAMSON, OAT, plan, QUINCE, SLATE } from '../plan/fixture.test-data';
import type { Plan } from '../plan/document/schema';
import { batchMediums, batchOf, sharedOut } from './batch';
import { drawOf, taken } from './draw';
import { leftOver, mayBecome } from './left-over';
import { batchMade, mediumBatch, readyOf } from './medium-batch';
import { type Need, needsOf } from './need';
import { pricesOf } from './prices';
import type { ShelfItem } from './schema';
import { runsLow, shelfId } from './shelf-item';
import { shoppingList } from './shopping';

const FIVE = [OAT, SLATE, QUINCE, DAMSON, BRASS];
const needs = (p: Plan) => needsOf(p, brief(p));
const stand = (stockMl: number, change: object = {}): ShelfItem[] =>
  FIVE.map((paint) => ({ kind: 'paint', paint, stockMl, sizeMl: 250, price: 10, ...change }));

test('a plan needs what is weighed, and water from the tap is not bought', () => {
  const p = plan(FIVE);
  const b = brief(p);
  const poured = needs(p).filter((n): n is Extract<Need, { ml: number }> => 'ml' in n);
  const weighed = b.mixes
    .flatMap((m) => m.steps)
    .filter((s) => s.material !== 'water')
    .reduce((sum, s) => sum + s.g, 0);
  expect(poured.reduce((sum, n) => sum + n.g, 0)).toBeCloseTo(weighed, 6);
  expect(poured.some((n) => n.id === 'water')).toBe(false);
});

test('a mix that has been weighed needs what went into it', () => {
  const p = plan(FIVE);
  const of = brief(p).mixes[0]!.steps.map(({ material, g }) => ({ material, g: g * 1.5 }));
  const made = edit.setMade(p, { mix: p.mixes[0]!.id, on: '2026-11-26', of });
  const paint = (x: Plan) =>
    needs(x).find((n) => 'id' in n && n.id === p.mixes[0]!.paints[0]!.paint) as { g: number };
  expect(paint(made).g).toBeCloseTo(paint(p).g * 1.5, 6);
  expect(edit.removeColour(made, p.mixes[0]!.id).made).toEqual([]);
});

test('a medium of several things is bought as those things', () => {
  const p: Plan = {
    ...plan(FIVE),
    mixes: plan(FIVE).mixes.map((m) => ({ ...m, medium: { id: 'studio-blend', parts: 2 } })),
  };
  const ids = needs(p).map((n) => ('id' in n ? n.id : n.kind));
  expect(ids).toEqual(expect.arrayContaining(['conditioner', 'pva', 'gloss-medium']));
  expect(ids).not.toContain('studio-blend');
});

test('what was added at the table is drawn too, in the recipe or not', () => {
  const p = plan(FIVE);
  const [mix] = p.mixes;
  const of = brief(p).mixes[0]!.steps.map(({ material, g }) => ({ material, g }));
  const made = edit.setMade(p, { mix: mix!.id, on: '2026-11-26', of });
  const added = edit.addReading(made, {
    mix: mix!.id,
    on: '2026-11-26',
    added: { material: 'gloss-medium', g: 10.4, inCupG: 100 },
  });
  const gloss = needs(added).find((n) => 'id' in n && n.id === 'gloss-medium');
  expect(gloss).toMatchObject({ kind: 'material', g: 10.4, ml: expect.closeTo(10, 9) });
});

describe('a medium made for the shelf', () => {
  const book = openBook([], []);
  const blend = book.medium('studio-blend');
  const bottle = (id: string, stockMl: number, price?: number): ShelfItem => ({
    kind: 'material',
    material: book.material(id),
    stockMl,
    ...(price === undefined ? {} : { sizeMl: 1000, price }),
  });
  const shelf = [
    bottle('conditioner', 2000, 12),
    bottle('pva', 50, 6),
    bottle('gloss-medium', 500, 20),
  ];

  // By hand: 500 mL are 16, 4, 2 and 1 of 23 parts.
  test('500 mL of the studio blend: what goes in, what it costs, what is lacking', () => {
    const batch = mediumBatch(blend, book, 500, 1, shelf);
    const ml = (n: number) => (500 * n) / 23;
    expect(batch.ml).toBe(500);
    expect(batch.cost).toBeCloseTo((ml(16) * 12 + ml(4) * 6 + ml(2) * 20) / 1000, 1);
    expect(batch.unpriced).toEqual([]);
    expect(batch.lacks).toEqual([{ name: 'PVA glue', ml: expect.closeTo(ml(4) - 50, 0) }]);
    expect(batch.make.map((m) => m.id)).toEqual(['studio-blend']);
    expect(batch.make[0]!.steps.at(-1)!.scaleReadsG).toBe(Math.round(batch.g));
  });

  test('made, it stands ready; what went in is off, and a plan takes it instead of making it', () => {
    const batch = mediumBatch(blend, book, 1500, 1, shelf);
    const after = batchMade(blend, batch, shelf, '2026-11-26');
    expect(after.find((i) => shelfId(i) === 'pva')).toMatchObject({ stockMl: 0 });
    expect(after.find((i) => shelfId(i) === 'conditioner')).toMatchObject({
      stockMl: expect.closeTo(2000 - (1500 * 16) / 23, -0.5),
    });
    const stands = after.find((i) => i.kind === 'medium')!;
    expect(stands).toMatchObject({ stockMl: 1500, openedOn: '2026-11-26' });
    const p: Plan = {
      ...plan(FIVE),
      mixes: plan(FIVE).mixes.map((m) => ({ ...m, medium: { id: 'studio-blend', parts: 2 } })),
    };
    const b = brief(p, { ready: readyOf(after) });
    expect(b.mediums).toEqual([]);
    const need = needsOf(p, b).find((n) => n.kind === 'medium')!;
    const drawn = drawOf([need], after);
    expect(drawn).toEqual([{ kind: 'medium', id: 'studio-blend', taken: expect.any(Number) }]);
    // A second batch adds to what there is.
    const more = batchMade(blend, mediumBatch(blend, book, 100, 1, after), after, '2026-11-27');
    expect(more.find((i) => i.kind === 'medium')).toMatchObject({ stockMl: 1600 });
  });

  test('one inside another is made first, or taken from what stands ready', () => {
    const outer = book.medium('medium-glue-polymer');
    const make = (on: ShelfItem[]) => mediumBatch(outer, book, 900, 1, on).make.map((m) => m.id);
    expect(make([])).toEqual(['glue-water', 'medium-glue-polymer']);
    const ready: ShelfItem = { kind: 'medium', medium: book.medium('glue-water'), stockMl: 500 };
    expect(make([ready])).toEqual(['medium-glue-polymer']);
    expect(mediumBatch(outer, book, 900, 1, [ready]).unpriced).toContain('Glue and water');
  });
});

test('what is lacking stands first, in full tubes and their price', () => {
  const p = plan(FIVE);
  const list = shoppingList(needs(p), stand(10));
  const oat = list.find((l) => l.name === OAT.name)!;
  expect(oat.lack).toBeCloseTo(oat.need - 10, 6);
  expect(oat.buy).toBe(Math.ceil(oat.lack / 250));
  expect(oat.cost).toBe(oat.buy! * 10);
  const lacking = list.map((l) => l.lack > 0);
  expect(lacking).toEqual([...lacking].sort((a, b) => Number(b) - Number(a)));
  expect(
    shoppingList(needs(p), stand(1e5)).filter((l) => l.kind === 'paint' && l.lack > 0),
  ).toEqual([]);
});

test('several plans are one list: what both need is added up once', () => {
  const [one, two] = [plan(FIVE), plan([OAT, SLATE])];
  const list = shoppingList([...needs(one), ...needs(two)], []);
  expect(list.filter((l) => l.name === OAT.name)).toHaveLength(1);
  const alone = (p: Plan) => shoppingList(needs(p), []).find((l) => l.name === OAT.name)!.need;
  expect(list.find((l) => l.name === OAT.name)!.need).toBeCloseTo(alone(one) + alone(two), 6);
  expect(list.find((l) => l.kind === 'surface')!.need).toBe(2);
});

test('a blank on the shelf is this surface whichever way it is turned; another size is not', () => {
  const blank = (widthMm: number, heightMm: number): ShelfItem => ({
    kind: 'surface',
    id: 'b',
    name: 'Canvas',
    shape: { kind: 'rect', widthMm, heightMm },
    edgeDepthMm: 18,
    count: 3,
    price: 7,
  });
  const have = (item: ShelfItem) =>
    shoppingList(needs(plan(FIVE)), [item]).find((l) => l.kind === 'surface')!.have;
  expect(have(blank(500, 400))).toBe(3);
  expect(have(blank(401, 499))).toBe(3);
  expect(have(blank(500, 500))).toBe(0);
  expect(pricesOf([blank(500, 400)], plan(FIVE).surface).surfacePrice).toBe(7);
});

test('a pour draws what it needs and never more than there is; putting back restores', () => {
  const p = plan(FIVE);
  const shelf = stand(1000);
  const drawn = drawOf(needs(p), shelf);
  expect(drawn).toHaveLength(5);
  for (const line of drawn) {
    const item = shelf.find((i) => shelfId(i) === line.id)!;
    const less = taken(item, line.taken);
    expect((less as { stockMl: number }).stockMl).toBeCloseTo(1000 - line.taken, 3);
    expect(taken(less, -line.taken)).toEqual(item);
  }
  for (const line of drawOf(needs(p), stand(1))) expect(line.taken).toBe(1);
  expect(drawOf(needs(p), [])).toEqual([]);
});

test('cost from the shelf: the set costs as many times the piece', () => {
  const set = edit.setSurface(plan(FIVE), { pieces: 6 });
  const { cost } = brief(set, pricesOf(stand(100), set.surface));
  expect(cost.paint).toBeGreaterThan(0);
  expect(cost.perPiece * 6).toBeCloseTo(cost.total, 9);
});

describe('mixed together', () => {
  const members = () => {
    const [one, two] = [plan(FIVE), edit.setSurface(plan([OAT, SLATE]), { pieces: 3 })];
    return [
      { id: 'one', title: 'One', plan: one, brief: brief(one) },
      { id: 'two', title: 'Two', plan: two, brief: brief(two) },
    ];
  };
  test('mixes of one recipe become one batch, weighed as the sum, shared to the gram', () => {
    const lines = batchOf(members());
    expect(lines.map((l) => l.to.length)).toEqual([2, 2, 1, 1, 1]);
    for (const line of lines) {
      expect(line.to.reduce((sum, t) => sum + t.g, 0)).toBeCloseTo(line.g, 9);
      expect(line.steps.at(-1)?.scaleReadsG).toBeCloseTo(line.g, 6);
    }
    const oat = lines.find((l) => l.name === OAT.name)!;
    const second = oat.to.find((t) => t.title === 'Two')!;
    expect(second.perPieceG * 3).toBeCloseTo(second.g, 9);
  });
  test('what really went in is shared as it was planned', () => {
    const line = batchOf(members()).find((l) => l.to.length === 2)!;
    const of = line.steps.map(({ material, g }) => ({ material, g: g * 1.1 }));
    const shares = sharedOut(line, of);
    expect(shares.map((s) => s.plan)).toEqual(['one', 'two']);
    for (const { material, g } of of) {
      const sum = shares.reduce((n, s) => n + s.of.find((o) => o.material === material)!.g, 0);
      expect(sum).toBeCloseTo(g, 5);
    }
  });
  test('mediums of all plans are made together, those that stand ready left out', () => {
    const blended = members().map((m) => {
      const mixes = m.plan.mixes.map((x) => ({ ...x, medium: { id: 'studio-blend', parts: 2 } }));
      const p = { ...m.plan, mixes };
      return { ...m, plan: p, brief: brief(p) };
    });
    const [blend] = batchMediums(blended, 1);
    const each = blended.flatMap((b) => b.brief.mediums).reduce((sum, x) => sum + x.ml, 0);
    expect(blend!.ml).toBeCloseTo(each, 6);
    expect(batchMediums(blended, 1, { 'studio-blend': 1e5 })).toEqual([]);
  });
  test('a paint of the same id that is not the same paint stays apart', () => {
    const [one, two] = members();
    const other = {
      ...two!,
      plan: { ...two!.plan, paints: two!.plan.paints.map((p) => ({ ...p, hex: '#123456' })) },
    };
    expect(batchOf([one!, other]).every((l) => l.to.length === 1)).toBe(true);
  });
});

describe('what is left', () => {
  test('runs off as the budget expects, or as the preview found', () => {
    const p = plan(FIVE);
    const b = brief(p);
    const { runOffG, silicone } = leftOver(p, b);
    expect(runOffG / b.budget.totalG).toBeCloseTo(b.budget.runOffShare, 1);
    expect(silicone).toBe(false);
    // Damson, slate and brass pull the stirred colour far below the pale ones.
    expect(hexToLab(leftOver(p, b).hex)[0]).toBeLessThan(hexToLab(OAT.hex)[0] - 15);
    expect(leftOver(p, b, 100).runOffG).toBeCloseTo((100 * b.budget.totalG) / b.budget.totalMl, 6);
  });
  test('silicone in one colour is in all that ran off, and keeps it from being a base', () => {
    const p = plan(FIVE);
    const oiled: Plan = {
      ...p,
      mixes: p.mixes.map((m, i) =>
        i === 1 ? { ...m, additives: [{ material: 'silicone', drops: 2, perMl: 60 }] } : m,
      ),
    };
    expect(leftOver(oiled, brief(oiled)).silicone).toBe(true);
    expect(mayBecome(300, true).join(' ')).toMatch(/never for a base/);
    expect(mayBecome(300, false).join(' ')).toMatch(/for a base/);
    expect(mayBecome(5, false)).toHaveLength(1);
  });
});

test('running low is at the mark or below it', () => {
  const [item] = stand(60, { lowMl: 60 });
  expect(runsLow(item!)).toBe(true);
  expect(runsLow({ ...item!, stockMl: 61 } as ShelfItem)).toBe(false);
  expect(runsLow(stand(0)[0]!)).toBe(false);
});
