export { apportion, roundTo } from './apportion';
export { capital } from './capital';
export {
  parseAmount,
  type Parsed,
  parseNumber,
  parseQuantity,
  parseSize,
  type Size,
  type Weighable,
} from './parse';
export { figure, hundredths, inches, percent, show, trim } from './show';
export {
  type Dimension,
  findUnit,
  fromUnit,
  toUnit,
  type Unit,
  type UnitId,
  unitOf,
  UNITS,
} from './unit';
