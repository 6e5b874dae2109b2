export type { Fault } from './fault';
export { placeInWords } from './place-in-words';
