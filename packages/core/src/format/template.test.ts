import { plan, OAT, SLATE } from '../plan/fixture.test-data';
import { areaOf } from '../surface/outline/measure';
import { readPath } from '../surface/outline/path-data';
import { extentOf } from '../surface/outline/ring';
import { readSvg } from '../surface/outline/svg-file';
import {
  PAGE_MARGIN_MM,
  PAGE_OVERLAP_MM,
  PAPERS,
  positioningTemplate,
  RULER_STRIP_MM,
  sheetsOf,
  templateSvg,
} from './template';

const template = positioningTemplate(plan([OAT, SLATE]), { discMm: 80, petals: true });

test('the outline is at true size, the disc is as wide as asked', () => {
  expect(extentOf(readPath(template.lines[0]!.d))).toMatchObject({ widthMm: 500, heightMm: 400 });
  const disc = template.lines.find((l) => !l.guide && l.d.includes('A40 40'))!;
  expect(areaOf(readPath(disc.d)) / (Math.PI * 40 * 40)).toBeCloseTo(1, 2);
});

test('petals run from the disc toward each corner and stay on the surface', () => {
  const petals = template.lines.filter((l) => l.d.includes('Q'));
  expect(petals).toHaveLength(4);
  for (const { d } of petals) {
    const { left, top, widthMm, heightMm } = extentOf(readPath(d));
    expect(left).toBeGreaterThan(0);
    expect(top).toBeGreaterThan(0);
    expect(left + widthMm).toBeLessThan(500);
    expect(top + heightMm).toBeLessThan(400);
  }
});

test('the SVG is sound, says its size in mm, and holds the outline', () => {
  const svg = templateSvg({ ...template, title: 'Quince & <Slate>' });
  expect(svg).toContain('width="504mm"');
  const read = readSvg(svg);
  expect(read.ok && read.value.mmPerUnit).toBeCloseTo(1, 6);
});

test('sheets cover the drawing wholly, each overlapping the one before', () => {
  for (const paper of ['a4', 'letter'] as const)
    for (const [w, h] of [
      [500, 400],
      [100, 100],
      [1000, 700],
      [190, 250],
    ] as const) {
      const sheets = sheetsOf(w, h, paper);
      const across = PAPERS[paper].widthMm - 2 * PAGE_MARGIN_MM;
      const down = PAPERS[paper].heightMm - 2 * PAGE_MARGIN_MM - RULER_STRIP_MM;
      expect(Math.max(...sheets.map((s) => s.xMm)) + across).toBeGreaterThanOrEqual(w);
      expect(Math.max(...sheets.map((s) => s.yMm)) + down).toBeGreaterThanOrEqual(h);
      for (const s of sheets.filter((o) => o.column > 0))
        expect(
          sheets.find((o) => o.row === s.row && o.column === s.column - 1)!.xMm + across - s.xMm,
        ).toBeCloseTo(PAGE_OVERLAP_MM, 9);
    }
  expect(sheetsOf(100, 100, 'a4')).toHaveLength(1);
});
