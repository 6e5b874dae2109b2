export type { Fault } from '../field/fault';
export { faultLine } from './fault-line';
export {
  MOST_CHARACTERS,
  type Opened,
  openPour,
  pourFileName,
  type ShapeCheck,
  writePour,
} from './pour-file';
