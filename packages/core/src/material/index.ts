export { type Book, openBook } from './book';
export { DROP_ML, MATERIALS, SCOOP_ML, scoopG } from './catalogue';
export type { Material, Medium } from './schema';
export { STOCK_MEDIUMS, type StockMedium } from './medium';
