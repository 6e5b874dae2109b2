export { contrastOrder } from './contrast';
export { type OrderFound, type OrderTask, solveOrder } from './solve';
