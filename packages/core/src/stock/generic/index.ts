export { FAMILIES, type FamilyId, familyOf } from './families';
export { byLightness, GENERIC_PAINTS, paintByHex } from './generic-paint';
export { namedPaint, paintsNamed } from './named-paint';
