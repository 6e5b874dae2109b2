export { coatMl, filmOfCoverageMm } from './amount';
export type { Sheets, TwoPart, Varnish } from './schema';
export { sheetsWith, USUAL_SHEETS } from './sheets';
export { batchesOf, mixedGPerMl, type Part, partsOf, ratiosOf } from './two-part';
