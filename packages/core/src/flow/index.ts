export {
  type CellAsk,
  type Cells,
  type CellsTold,
  cellsOf,
  type OpenAsk,
  opened,
  openedFor,
  tellCells,
} from './cell';
export { atRest, type RestAsk, type RestPicture } from './at-rest';
export { accountOf, type Account, type Whereabouts } from './account';
export { colourPlate } from './colour';
export { BYTES, type Dye, type MakeDye, plainDye } from './dye';
export {
  BIN_OF,
  BINS,
  type Films,
  filmsOf,
  type Ink,
  LIGHT,
  PAIRS,
  type Palette,
  UNSEEN,
} from './films';
export { type Look, LOOKS } from './shine';
export { type ColumnsAsk, columnsFor, handedOver, type RowsWritten } from './columns-beside';
export { begin, type Columns, emptyColumns, goOn, layOut, MOST_RUNS, runsOf } from './columns';
export type { Contour } from './contours';
export { develop, type Plate } from './develop';
export { firstLookAt } from './first-look';
export { addSpin, bareFilm, type Film, RIM_M, volumeM3 } from './film';
export { type Dot } from './dots';
export { type Engine, plainEngine } from './engine';
export { FILM_GREYS, FILM_STEPS_UM, filmMap } from './film-map';
export { type Circulation } from './circulation';
export { type Drive, GRAVITY, type Grid, tilted } from './grid';
export { layGrid, type Side, SIDES } from './ground';
export { type KeyAsk, type KeyPicture, keyPictures } from './key-pictures';
export {
  type Doing,
  type Finished,
  finish,
  type PourAsk,
  pourJob,
  pourSeeds,
  SAMPLES,
  type Told,
  type Workbench,
  workbench,
} from './job';
export { type FilmKernel, type MakeKernel, plainKernel } from './kernel';
export type { Help, HelpedWith, Helper } from './help';
export type { Promised } from './share-out';
export { type GrowingBuffer, sharedMemory } from './motion-memory';
export { tellStanding } from './standing';
export { boxOf, LAYERED_PLANES, type Motion, planesFor, WHOLE, whole } from './motion';
export { type Outcome, poursOf, runOffMl, type Settled } from './outcome';
export type { Act, Face } from './act';
export { birthsKey } from './births-key';
export type { PourScene } from './scene';
export { numbered } from './numbered';
export { motionsOf, type Pour, pourOn } from './simulate';
export { coresOn } from './cores-on';
export { coreAt, type SpotLayer } from './spot';
export { mixesOf } from './strata';
export { type Births, emptyBirths, type Places } from './births';
export { traceAlone } from './trace';
export type { Samples } from './trace-frame';
export type { PictureRead } from '../reading';
export { GROUND, plannedColours } from './planned';
