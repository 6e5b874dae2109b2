import { thicknesses } from '../asked/thickness';
import type { Brief } from '../brief/brief';
import { roomOf } from '../document/room';
import type { Plan } from '../document/schema';

/** What viscosities of paints and media are stated at, °C. */
const STATED_C = 20;

/**
 * How thick each mix is when it is poured, Pa·s: as it was last tested, which was in that room; else as reckoned, thinner in a warm room and
 * thicker in a cold one.
 */
export function pouredViscosity(plan: Plan, brief: Brief): (mix: string) => number {
  const warmerBy = roomOf(plan).tempC - STATED_C;
  const inRoom = Math.exp(-brief.factors['thins-warmer'] * warmerBy);
  const byMix = new Map(
    thicknesses(plan, brief).map(({ mix, viscosityPaS, read }) => [
      mix,
      read ? viscosityPaS : viscosityPaS * inRoom,
    ]),
  );
  return (mix) => byMix.get(mix)!;
}
