export type { Fault } from './fault';
