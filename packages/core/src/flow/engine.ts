import { type MakeDye, plainDye } from './dye';
import { type MakeKernel, plainKernel } from './kernel';

/** What does the heavy work of a picture: films that flow, and pixels that are coloured. `@potter/kernel` has one in WebAssembly. */
export interface Engine {
  readonly make: MakeKernel;
  readonly makeDye: MakeDye;
}

/** All of it in plain TypeScript: the twin, and what there is where WebAssembly is not. */
export const plainEngine: Engine = { make: plainKernel, makeDye: plainDye };
