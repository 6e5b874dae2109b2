import { brief } from '../plan/brief/brief';
import { BRASS, DAMSON, OAT, plan, QUINCE, SLATE } from '../plan/fixture.test-data';
import { cupsToLoad } from '../plan/asked/loading';
import { weighingOrder } from '../plan/asked/weighing-order';
import { volumeAtMl } from '../vessel/frustum';
import { cupLabels } from './cup-labels';
import { loadingMarks, mixingMarks, stripSheets } from './strips';
import { PAGE_MARGIN_MM, PAPERS, RULER_STRIP_MM } from './paper';

const CUP = { topMm: 95, bottomMm: 62, heightMm: 98 };
const p = plan([OAT, SLATE, QUINCE, DAMSON, BRASS]);
const batches = weighingOrder(p, brief(p));
const paints = new Set(p.paints.map((x) => x.id));
const strips = (of: typeof batches) =>
  stripSheets(
    p.title,
    mixingMarks(of, (id) => id, paints, CUP),
  );
const sheets = strips(batches);

test('a mark stands along the wall where the cup holds what is in by then', () => {
  const [first] = batches;
  const wall = Math.hypot(1, (95 - 62) / 2 / 98);
  const floor = sheets[0]!.lines[0]!.d.match(/V([\d.]+)/)![1];
  const marks = sheets[0]!.lines
    .filter(({ d }) => /^M0 [\d.]+h/.test(d))
    .map(({ d }) => Number(floor) - Number(d.match(/^M0 ([\d.]+)h/)![1]));
  let ml = 0;
  first!.steps.forEach((step, i) => {
    ml += step.ml;
    expect(volumeAtMl(CUP, marks[i]! / wall)).toBeCloseTo(ml, 6);
  });
});

test('no strip is cut by the edge of a sheet, on either paper', () => {
  for (const paper of Object.values(PAPERS))
    for (const { widthMm, heightMm } of sheets) {
      expect(widthMm).toBeLessThanOrEqual(paper.widthMm - 2 * PAGE_MARGIN_MM);
      expect(heightMm).toBeLessThanOrEqual(paper.heightMm - 2 * PAGE_MARGIN_MM - RULER_STRIP_MM);
    }
  const many = strips([...batches, ...batches, ...batches]);
  expect(many).toHaveLength(2);
});

test('words never lie on each other', () => {
  for (const { labels } of sheets)
    for (const a of labels)
      for (const b of labels)
        if (a !== b && a.x === b.x) expect(Math.abs(a.y - b.y)).toBeGreaterThan(4);
});

describe('cups as they are loaded', () => {
  const cups = cupsToLoad(p, brief(p));
  const marks = loadingMarks(cups, (id) => id);

  test('every layer ends at its own fill line, along the wall', () => {
    for (const [i, { lines }] of marks.entries()) {
      const { vessel, layers } = cups[i]!;
      const slant = Math.hypot(1, (vessel.topMm - vessel.bottomMm) / 2 / vessel.heightMm);
      let ml = 0;
      lines.forEach((line, k) => {
        ml += layers[k]!.ml;
        expect(volumeAtMl(vessel, line.wallMm / slant)).toBeCloseTo(ml, 6);
      });
    }
  });

  test('a label a cup, none cut by a sheet, its words on it', () => {
    const sheets = cupLabels(p.title, cups, (id) => id);
    const texts = sheets.flatMap((s) => s.labels.map((l) => l.text));
    for (const { name } of cups) expect(texts).toContain(name);
    for (const { widthMm, heightMm } of sheets) {
      expect(widthMm).toBeLessThanOrEqual(PAPERS.a4.widthMm - 2 * PAGE_MARGIN_MM);
      expect(heightMm).toBeLessThanOrEqual(
        PAPERS.letter.heightMm - 2 * PAGE_MARGIN_MM - RULER_STRIP_MM,
      );
    }
  });
});
