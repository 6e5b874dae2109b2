export { type Amounts, normalise, type PotAmount, reckon } from './budget';
export { type Batch, setAside } from './set-aside';
export { INTENTS, sharesByIntent } from './intent';
export type { Budget, Intent, Pot, PotUse, SchoolId } from './schema';
export { type School, SCHOOLS } from './school';
export { LEAN_ML_PER_CM2 } from './school/lean';
