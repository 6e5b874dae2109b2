export { type Cut, type CutAsk, findCuts } from './find-cuts';
export { type Hanging, hangings, type Turn, TURNS } from './hang';
export { type CutKind, CUTS, type CutSize } from './spans';
