export { CARE, type CareCode } from './care';
export { COAT_MM, coatGPerMl, coatMove } from './coat';
export type { Desk, Done, Empties, InCup, MoveBase, Scene, Take, VerbDefinition } from './define';
export { pouredThrough } from './empties';
export { EXTENDER_MM } from './extend';
export { carriedMove, carryTo } from './carried';
export { type Handle, handlesOf, heldTo, TIP } from './handle';
export { isPuddle, type Puddle } from './puddle';
export { type Entry, keepLedger, type Ledger, type Left, type Table } from './ledger';
export { type Mark, markOf, type Face as MarkedFace, type Stroke } from './mark';
export {
  careOf,
  cupsOf,
  type Move,
  referencesOf,
  secondsOf,
  type Verb,
  type VerbId,
  turnsOver,
  verbOf,
  VERBS,
} from './move';
export { directionWords, placeWords } from './place';
export { layRunSheet, type RunStep } from './run-sheet';
export { type Spell, spellsOf } from './spell';
export { type Task, TASK_IDS, type TaskId, TASKS, usualTasks } from './task';
export { taskMove, taskOf } from './tend';
export { type Tool, TOOLS } from './tools';
export { mirroredMove, turnedMove } from './turned';
export { isDrawn, wayOf } from './way';
