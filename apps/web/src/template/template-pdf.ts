import fontkit from '@pdf-lib/fontkit';
import {
  PAGE_MARGIN_MM,
  type PaperId,
  PAPERS,
  RULER_STRIP_MM,
  sheetsOf,
  type Template,
} from '@potter/core/format';
import { LineCapStyle, PDFDocument, rgb } from 'pdf-lib';

/** Points of a PDF to the millimetre: 72 to the inch (ISO 32000). */
const PT = 72 / 25.4;
const INK = rgb(0.086, 0.086, 0.086);

/**
 * Drawings as a PDF at true size, each over as many sheets as it takes. Sheets of one drawing overlap; each is named by row and column and has a
 * ruler of 100 mm, to see whether the printer kept the size.
 * @param font the text's font file
 */
export async function templatePdf(
  drawings: readonly Template[],
  paper: PaperId,
  font: ArrayBuffer,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  pdf.setTitle(drawings[0]?.title ?? '');
  const text = await pdf.embedFont(font, { subset: true });
  for (const drawing of drawings) addSheets(pdf, drawing, paper, text);
  return pdf.save();
}

function addSheets(pdf: PDFDocument, template: Template, paper: PaperId, text: Font): void {
  const { widthMm, heightMm } = PAPERS[paper];
  const sheets = sheetsOf(template.widthMm, template.heightMm, paper);
  const inside = {
    w: widthMm - 2 * PAGE_MARGIN_MM,
    h: heightMm - 2 * PAGE_MARGIN_MM - RULER_STRIP_MM,
  };
  for (const sheet of sheets) {
    const page = pdf.addPage([widthMm * PT, heightMm * PT]);
    // Where mm 0, 0 of the drawing lies on this page; y of a PDF runs up.
    const x0 = (PAGE_MARGIN_MM - sheet.xMm) * PT;
    const y0 = (heightMm - PAGE_MARGIN_MM + sheet.yMm) * PT;
    for (const { d, guide, solid } of template.lines)
      page.drawSvgPath(d, {
        x: x0,
        y: y0,
        scale: PT,
        ...(solid
          ? { color: rgb(0, 0, 0) }
          : { borderColor: INK, borderWidth: (guide ? 0.2 : 0.4) * PT }),
        ...(guide ? { borderDashArray: [3, 2], borderLineCap: LineCapStyle.Butt } : {}),
      });
    for (const label of template.labels)
      page.drawText(label.text, {
        x: x0 + label.x * PT,
        y: y0 - label.y * PT,
        size: label.mm === undefined ? 10 : label.mm * PT,
        font: text,
        color: INK,
      });
    // What hangs over the sheet's edge belongs to its neighbours: the margin stays white.
    const white = rgb(1, 1, 1);
    const cover = (x: number, y: number, w: number, h: number) =>
      page.drawRectangle({ x: x * PT, y: y * PT, width: w * PT, height: h * PT, color: white });
    const foot = PAGE_MARGIN_MM + RULER_STRIP_MM;
    cover(0, 0, widthMm, foot);
    cover(0, heightMm - PAGE_MARGIN_MM, widthMm, PAGE_MARGIN_MM);
    cover(0, 0, PAGE_MARGIN_MM, heightMm);
    cover(widthMm - PAGE_MARGIN_MM, 0, PAGE_MARGIN_MM, heightMm);
    page.drawRectangle({
      x: PAGE_MARGIN_MM * PT,
      y: foot * PT,
      width: inside.w * PT,
      height: inside.h * PT,
      borderColor: rgb(0.74, 0.74, 0.74),
      borderWidth: 0.5,
    });
    ruler(page, text);
    page.drawText(
      sheets.length === 1
        ? `${template.title}. Print at 100 %.`
        : `${template.title}: row ${sheet.row + 1}, column ${sheet.column + 1}. Frames overlap by 10 mm. Print at 100 %.`,
      { x: PAGE_MARGIN_MM * PT, y: (PAGE_MARGIN_MM - 4) * PT, size: 9, font: text, color: INK },
    );
  }
}

type Page = ReturnType<PDFDocument['addPage']>;
type Font = Awaited<ReturnType<PDFDocument['embedFont']>>;

/** 100 mm in centimetres, in the strip at the foot. */
function ruler(page: Page, font: Font): void {
  const [x, y] = [PAGE_MARGIN_MM, PAGE_MARGIN_MM + 3];
  const line = (x1: number, y1: number, x2: number, y2: number) =>
    page.drawLine({
      start: { x: x1 * PT, y: y1 * PT },
      end: { x: x2 * PT, y: y2 * PT },
      thickness: 0.8,
      color: INK,
    });
  line(x, y, x + 100, y);
  for (let cm = 0; cm <= 10; cm++) line(x + cm * 10, y, x + cm * 10, y + (cm % 5 === 0 ? 5 : 3));
  page.drawText('100 mm', { x: (x + 102) * PT, y: y * PT, size: 9, font, color: INK });
}
