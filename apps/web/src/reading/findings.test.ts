import type { CloseRead } from '@potter/core/reading';
import type { ReadAnswer } from '@/workers/read-messages';
import type { Column } from './column';
import { findings, type StateColumn } from './findings';

const COLOURS = [
  { id: 'a', hex: '#3d4752', name: 'Slate' },
  { id: 'b', hex: '#d8a526', name: 'Quince yellow' },
];

type Lab = readonly [number, number, number];

/** A reading of which only shares, looks and light are looked at. */
const column = (
  title: string,
  shares: Record<string, number>,
  light: ReadAnswer['light'] = 'table',
  looks: Record<string, Lab> = {},
): Column => ({
  title,
  answer: {
    read: { shares, looks } as unknown as CloseRead,
    cannot: { nothing: false, fine: true, says: [] },
    light,
  },
});
const of = (state: StateColumn['state'], one: Column): StateColumn => ({ ...one, state });
const preview = column('Preview', { a: 0.4, b: 0.3 });

test('what the preview over- and underrates is told in points, by the furthest state', () => {
  const wet = of('wet', column('Wet', { a: 0.4, b: 0.3 }));
  const dry = of('dry', column('Dry', { a: 0.28, b: 0.37 }));
  expect(findings(preview, [wet, dry], COLOURS).slice(0, 2)).toEqual([
    'The preview shows 12 points more of Slate than came out.',
    'The preview shows 7 points less of Quince yellow than came out.',
  ]);
  expect(findings(preview, [wet], COLOURS)).toEqual([
    'No colour is more or less of it than the preview shows, within what a picture tells.',
  ]);
  expect(findings(undefined, [dry], COLOURS)).toEqual([]);
});

test('how colours dried is told only where the light of both pictures was known', () => {
  const shares = { a: 0.4, b: 0.3 };
  const wetLooks: Record<string, Lab> = { a: [40, 0, -8], b: [70, 10, 60] };
  const dryLooks: Record<string, Lab> = { a: [33, 0, -8], b: [70, 10, 59.5] };
  const wet = (light: ReadAnswer['light']) => of('wet', column('Wet', shares, light, wetLooks));
  const dry = of('dry', column('Dry', shares, 'white', dryLooks));
  expect(findings(undefined, [wet('table'), dry], COLOURS).join()).toMatch(/is not told/);
  expect(findings(undefined, [wet('grey'), dry], COLOURS)).toEqual([
    expect.stringMatching(/^Slate dried darker, by ΔE [56]\.$/),
  ]);
  const same = of('dry', column('Dry', shares, 'white', wetLooks));
  expect(findings(undefined, [wet('grey'), same], COLOURS)).toEqual([
    'No colour changed as it dried by what an eye would tell.',
  ]);
});
