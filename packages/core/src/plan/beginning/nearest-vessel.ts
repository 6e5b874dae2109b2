import type { Cup } from '../../cup/schema';
import { fillableMl } from '../../vessel/frustum';
import { VESSELS, vesselOf } from '../../vessel/library';
import type { Vessel } from '../../vessel/schema';

/**
 * What a cup is poured from in the small: of what holds it and lets go the same way, that whose mouth is nearest to the cup's own made as much
 * smaller. One with compartments, holes or a tip is what it is.
 */
export function nearest({ vessel, outlet = 'rim' }: Cup, by: number, ml: number): Vessel {
  if (vessel.compartments !== undefined || typeof outlet === 'object') return vessel;
  const off = ({ topMm }: Vessel) => Math.abs(topMm - vessel.topMm * by);
  const [best] = VESSELS.filter(
    (v) => v.compartments === undefined && (v.outlet ?? 'rim') === outlet && fillableMl(v) >= ml,
  ).sort((a, b) => off(a) - off(b));
  return best ? vesselOf(best) : vessel;
}
