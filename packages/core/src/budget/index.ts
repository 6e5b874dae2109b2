export {
  type Amounts,
  edgesCounted,
  normalise,
  type PotAmount,
  reckon,
  runOffWords,
} from './budget';
export { type Batch, setAside } from './set-aside';
export { INTENTS, sharesByIntent } from './intent';
export type { Budget, Intent, Pot, PotUse, SchoolId } from './schema';
export { type School, SCHOOLS } from './school';
export { LEAN_ML_PER_CM2 } from './school/lean';
