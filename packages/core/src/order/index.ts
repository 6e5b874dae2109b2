export { answerOrder, type OrderAnswer, type OrderAsk } from './answer';
export { arrange, type Arranged, type OrderWish } from './arrange';
export { type Asked, type AskedCost, costsOf, type NoOrder, whyNone } from './explain';
export type { CupOrder } from './schema';
export { ORDER_SCHOOLS, type OrderSchool, type OrderSchoolId } from './school';
export { type OrderFound, type OrderTask, solveOrder } from './solve';
