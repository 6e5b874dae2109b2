import { plan, OAT, SLATE } from '../plan/fixture.test-data';
import { areaOf } from '../surface/outline/measure';
import { readPath } from '../surface/outline/path-data';
import { extentOf } from '../surface/outline/ring';
import { readSvg } from '../surface/outline/svg-file';
import { positioningTemplate, templateSvg } from './template';

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
