export { type Brief, brief, type MediumBrief, type MixBrief } from './brief';
export { checkPlan } from './check';
export type { Cost } from './cost';
export { mixFor, type NewPlan, newPlan } from './create';
export * as edit from './edit';
export { rewriteMoves } from './moves';
export { patchPlan } from './patch';
export type { Plan } from './schema';
export type { Studio } from './studio';
