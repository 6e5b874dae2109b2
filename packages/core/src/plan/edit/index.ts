/** Edits a person makes to a plan, each a pure function from plan to plan. Array positions are the document's. */
export * from './amounts';
export * from './base';
export * from './coats';
export * from './colours';
export * from './cups';
export * from './draw';
export * from './finish';
export * from './mixes';
export * from './moves';
export * from './order';
export * from './pots';
export * from './whole';
export * from './sequence';
export * from './stages';
export * from './technique';
