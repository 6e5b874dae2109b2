export {
  type Reading,
  readScale,
  scaleAt,
  type ScaleModel,
  scaleOn,
  SCALES,
  type ScaleState,
  tared,
} from './simulated';
export { readWeightMeasurement, type WeightMeasurement } from './weight-measurement';
