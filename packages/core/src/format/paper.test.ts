import { PAGE_MARGIN_MM, PAGE_OVERLAP_MM, PAPERS, RULER_STRIP_MM, sheetsOf } from './paper';

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
