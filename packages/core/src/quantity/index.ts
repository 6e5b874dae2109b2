export { apportion, roundTo } from './apportion';
export { type Parsed, parseNumber, parseQuantity, parseSize, type Size } from './parse';
export { figure, inches, show, trim } from './show';
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
