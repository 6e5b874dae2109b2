export { type Book, openBook } from './book';
export { DROP_ML, MATERIALS } from './catalogue';
export type { Material, Medium } from './schema';
export { STOCK_MEDIUMS } from './stock';
