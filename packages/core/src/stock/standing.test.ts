import * as fc from 'fast-check';
import { OAT } from '../plan/fixture.test-data';
import type { ShelfItem } from './schema';
import { standing } from './standing';

const oat = (stockMl?: number): ShelfItem => ({
  kind: 'paint',
  paint: OAT,
  ...(stockMl === undefined ? {} : { stockMl }),
});
const canvas: ShelfItem = {
  kind: 'surface',
  id: 'canvas',
  name: 'Canvas',
  shape: { kind: 'rect', widthMm: 400, heightMm: 500 },
  edgeDepthMm: 18,
  support: 'canvas',
  count: 3,
};

test('what was drawn since is off the figure, what was undone is on it, and nothing stands below nothing', () => {
  expect(standing(oat(50), 20)).toEqual(oat(30));
  expect(standing(oat(50), -20)).toEqual(oat(70));
  expect(standing(oat(50), 120)).toEqual(oat(0));
  expect(standing(canvas, 1)).toEqual({ ...canvas, count: 2 });
});

test('what nobody counts stays uncounted', () => {
  expect(standing(oat(), 20)).toEqual(oat());
  const jar: ShelfItem = {
    kind: 'jar',
    id: 'j',
    name: 'J',
    hex: '#112233',
    g: 40,
    madeOn: '2026-11-24',
    silicone: false,
    from: 'mixed',
  };
  expect(standing(jar, 20)).toBe(jar);
});

test('drawn and undone it ends where it began, whatever was drawn', () => {
  fc.assert(
    fc.property(fc.nat(1e5), fc.nat(1e5), (had, draw) => {
      expect(standing(oat(had), draw - draw)).toEqual(oat(had));
      expect((standing(oat(had), draw) as { stockMl: number }).stockMl).toBe(
        Math.max(0, had - draw),
      );
    }),
  );
});
