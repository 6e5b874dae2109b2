import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Template } from '@potter/core/format';
import { PDFDocument } from 'pdf-lib';
import { templatePdf } from './template-pdf';

const font = readFileSync(
  join(
    __dirname,
    '../../../../node_modules/@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
  ),
);
const bytes = new Uint8Array(font).buffer as ArrayBuffer;

const template: Template = {
  title: 'Quince and Slate',
  widthMm: 500,
  heightMm: 400,
  lines: [{ d: 'M0 0H500V400H0Z', guide: false }],
  labels: [{ x: 250, y: 200, text: 'middle' }],
};

// ISO 216: A4 is 210 × 297 mm; ANSI/ASME Y14.1: letter is 8½ × 11 in. A point is 1/72 in.
test.each([
  ['a4', 210, 297],
  ['letter', 215.9, 279.4],
] as const)('%s sheets have their size, and there are as many as it takes', async (paper, w, h) => {
  const pdf = await PDFDocument.load(await templatePdf([template], paper, bytes));
  expect(pdf.getPageCount()).toBe(6);
  for (const page of pdf.getPages()) {
    expect(page.getWidth() / (72 / 25.4)).toBeCloseTo(w, 3);
    expect(page.getHeight() / (72 / 25.4)).toBeCloseTo(h, 3);
  }
  expect(pdf.getTitle()).toContain('Quince and Slate');
});

test('a tile is one sheet', async () => {
  const small = { ...template, widthMm: 100, heightMm: 100 };
  expect((await PDFDocument.load(await templatePdf([small], 'a4', bytes))).getPageCount()).toBe(1);
});

test('every drawing has sheets of its own', async () => {
  const small = { ...template, widthMm: 100, heightMm: 100 };
  const pdf = await PDFDocument.load(await templatePdf([small, small, template], 'a4', bytes));
  expect(pdf.getPageCount()).toBe(8);
});
