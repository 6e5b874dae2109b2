export type { Reference, Surroundings } from './define';
export {
  type Field,
  type FieldKindId,
  type Fields,
  type FieldValue,
  referencesIn,
  type ValuesOf,
} from './kind';
