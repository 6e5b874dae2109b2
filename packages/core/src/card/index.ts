export { findFields, type FoundField } from './find-fields';
export { BAR, BOXES, FIELD, MARKS } from './layout';
export { type BoxRead, type FieldRead, PRINT_BLACK, readField } from './read-field';
