export { accountOf, type Account, type Whereabouts } from './account';
export { colourPlate, type Ink, type Palette } from './colour';
export { develop, type Plate } from './develop';
export { addSpin, bareFilm, type Film, RIM_M, volumeM3 } from './film';
export { FILM_GREYS, FILM_STEPS_UM, filmMap } from './film-map';
export { type Drive, GRAVITY, type Grid, tilted } from './grid';
export { layGrid, type Side, SIDES } from './ground';
export {
  type Doing,
  type Finished,
  finish,
  type PourAsk,
  pourJob,
  pourSeeds,
  type Told,
  type Workbench,
  workbench,
} from './job';
export { type FilmKernel, type MakeKernel, plainKernel } from './kernel';
export { boxOf, LAYERED_PLANES, type Motion, PLANES, WHOLE } from './motion';
export { type Outcome, outcomeOf } from './outcome';
export type { Act, Face } from './act';
export { birthsKey } from './births-key';
export type { PourScene } from './scene';
export { motionsOf, type Pour, pourOn } from './simulate';
export { coreAt, type SpotLayer } from './spot';
export { mixesOf } from './strata';
export type { Samples } from './trace-frame';
