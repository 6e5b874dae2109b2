export type { Fault } from './fault';
export type { Field, Fields, ValuesOf } from './kind';
