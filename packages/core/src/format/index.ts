export { opacityCards } from './opacity-card';
export type { Fault } from '../schema/fault';
export { faultLine } from './fault-line';
export {
  type PaletteColour,
  type ReadPalette,
  readPalette,
  writeCss,
  writeGpl,
  writePaletteCsv,
} from './palette';
export {
  MOST_CHARACTERS,
  type Opened,
  openPour,
  pourFileName,
  type ShapeCheck,
  writePour,
} from './pour-file';
export {
  type OpenedTechnique,
  openTechnique,
  techniqueFileName,
  writeTechnique,
} from './technique-file';
export {
  type Change,
  MOST_ROWS,
  type ReadTable,
  readShelfCsv,
  TABLE_KINDS,
  writeShelfCsv,
} from './shelf-csv';
export { careCard, careLines, type CardSays } from './care-card';
export { cupLabels } from './cup-labels';
export { runSheets } from './run-sheets';
export { loadingMarks, mixingMarks, type StripMarks, stripSheets } from './strips';
export { writeShoppingCsv } from './shopping-csv';
export { PAGE_MARGIN_MM, type PaperId, PAPERS, RULER_STRIP_MM, sheetsOf } from './paper';
export { positioningTemplate, type Template, templateSvg, type TemplateWishes } from './template';
export { type CalendarDate, planDates, runDates } from './calendar';
export { cutMask, cutPath } from './cut-mask';
export { readPiecesCsv, writePiecesCsv } from './pieces-csv';
