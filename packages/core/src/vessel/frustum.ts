import type { Vessel } from './schema';

const ML_PER_MM3 = 1e-3;

/**
 * Volume of a frustum filled to `levelMm`, mL: V = πy/3 (R² + Rr + r²) with R the radius at the level y.
 * Elementary geometry; the level is held within the cup.
 */
export function volumeAtMl(vessel: Vessel, levelMm: number): number {
  const y = Math.min(Math.max(levelMm, 0), vessel.heightMm);
  const r = vessel.bottomMm / 2;
  const top = r + taper(vessel) * y;
  return ((Math.PI * y) / 3) * (top * top + top * r + r * r) * ML_PER_MM3;
}

/**
 * Level a volume reaches, mm above the floor: y = 3V/π ÷ (R² + Rr + r²) with R = ∛(r³ + 3mV/π) the radius there, m the wall's slope; it is (R − r)/m without
 * what cancels in that, so it is right where the wall is upright too.
 * A volume over the capacity returns the level as if the wall went on, so that an overflow can be told in mm.
 */
export function levelAtMm(vessel: Vessel, volumeMl: number): number {
  const mm3 = Math.max(0, volumeMl) / ML_PER_MM3;
  const r = vessel.bottomMm / 2;
  if (mm3 === 0) return 0;
  const surface = Math.cbrt(r ** 3 + (3 * taper(vessel) * mm3) / Math.PI);
  return (3 * mm3) / Math.PI / (surface * surface + surface * r + r * r);
}

/** All a vessel holds to the brim, mL. */
export const capacityMl = (vessel: Vessel): number => volumeAtMl(vessel, vessel.heightMm);

/** What may be filled: 10 mm or a tenth of the height stay free, whichever is more (common practice, no published source). */
export function fillableMl(vessel: Vessel): number {
  return volumeAtMl(vessel, vessel.heightMm - Math.max(10, vessel.heightMm / 10));
}

/** Where a level stands along the slanted wall, mm from the floor: y·√(1 + m²), for marks on a strip that is stuck to it. */
export const wallMm = (vessel: Vessel, levelMm: number): number =>
  levelMm * Math.hypot(1, taper(vessel));

const taper = (v: Vessel): number => (v.topMm - v.bottomMm) / 2 / v.heightMm;
