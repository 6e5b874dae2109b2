export { CARE, type CareCode } from './care';
export { cupsOf, type Move, VERBS, type VerbId, verbOf } from './move';
export { directionWords, placeWords } from './place';
export { layRunSheet, type RunStep } from './run-sheet';
export { type Task, TASK_IDS, type TaskId, TASKS, usualTasks } from './task';
export type { FlowScene, LoadedForFlow, MoveBase, Scene, Take, VerbDefinition } from './verb';
