import { type Addition, type Advice, advise, settled, viscosityOfMound } from '../../mix/coach';
import { consistencyOf } from '../../mix/consistency';
import { rightPaS } from '../../mix/landing';
import { FLOW_CUPS, viscosityOfFlow } from '../../mix/flow-cup';
import { makeMedium } from '../../mix/medium';
import type { Consistency } from '../../mix/schema';
import type { Book } from '../../material/book';
import { densityOf, viscosityOf } from '../../paint/property';
import type { Brief } from '../brief/brief';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** How thick a mix is: as it was last found, else as it is reckoned; what was added since is reckoned on top. */
export interface Thickness {
  readonly mix: string;
  readonly name: string;
  readonly viscosityPaS: number;
  /** As it is reckoned from its recipe and what was added, whatever a test said. */
  readonly reckonedPaS: number;
  readonly step: Consistency;
  readonly wanted: Consistency;
  readonly read: boolean;
  /** Out of step with most of the mixes that are meant to be alike. */
  readonly odd: boolean;
}

type Entry = NonNullable<Plan['readings']>[number];

/** All mixes on one scale; those whose step is not the one most of their kind have are the odd ones out. */
export function thicknesses(plan: Plan, brief: Brief): Thickness[] {
  const all = brief.mixes.map((m) => {
    const mix = openPlan(plan).mix(m.id);
    const { viscosityPaS, reckonedPaS, read } = followed(plan, m);
    return {
      mix: m.id,
      name: mix.name,
      viscosityPaS,
      reckonedPaS,
      step: consistencyOf(viscosityPaS),
      wanted: mix.consistency,
      read,
    };
  });
  return all.map((t) => {
    const alike = all.filter((o) => o.wanted === t.wanted);
    const same = alike.filter((o) => o.step === t.step).length;
    return { ...t, odd: alike.length > 2 && same * 2 < alike.length };
  });
}

/**
 * What to add to so much of a mix, as thick as it was found to be, so that it comes to the step the plan wants; scaled by how the mix answered last.
 * @param inCupG what stands in the cup now, g
 */
export function thicknessAdvice(plan: Plan, brief: Brief, mixId: string, inCupG: number): Advice {
  const mix = plan.mixes.find((m) => m.id === mixId);
  const made = brief.mixes.find((m) => m.id === mixId);
  const paint = mix?.paints[0];
  if (!mix || !made || !paint) return { kind: 'none' };
  const { book } = openPlan(plan);
  const { viscosityPaS, strength, waterShare } = followed(plan, made);
  return advise(
    { ml: inCupG / made.densityGPerMl, viscosityPaS, waterShare },
    mix.consistency,
    {
      water: fluidOf(plan, book, 'water'),
      ...(mix.medium ? { medium: fluidOf(plan, book, mix.medium.id) } : {}),
      paint: fluidOf(plan, book, paint.paint),
    },
    strength,
    brief.factors,
  );
}

/** How much more than reckoned an addition to this mix took to do its work last time, 1 where nothing is known. */
export const ownStrength = (plan: Plan, brief: Brief, mixId: string): number => {
  const made = brief.mixes.find((m) => m.id === mixId);
  return made ? followed(plan, made).strength : 1;
};

/** One answer of a mix is believed within these: a stick is no instrument. */
const LEAST = 0.5;
const MOST = 2;
/** A change below this, as a logarithm of viscosity, tells nothing. */
const TELLS = 0.05;

/** Goes through what was noted of a mix, test by test and addition by addition. */
function followed(
  plan: Plan,
  made: Brief['mixes'][number],
): {
  readonly viscosityPaS: number;
  readonly reckonedPaS: number;
  readonly waterShare: number;
  readonly read: boolean;
  readonly strength: number;
} {
  const { book } = openPlan(plan);
  let now = Math.log(made.viscosityPaS);
  let reckonedNow = now;
  let { waterShare } = made;
  let found: number | undefined;
  let strength = 1;
  for (const entry of plan.readings ?? []) {
    if (entry.mix !== made.id) continue;
    if (entry.added && knows(plan, book, entry.added.material)) {
      const { viscosityPaS, densityGPerMl } = fluidOf(plan, book, entry.added.material);
      const inCup = entry.added.inCupG / made.densityGPerMl;
      const ml = entry.added.g / densityGPerMl;
      const mixedIn = (log: number) => (inCup * log + ml * Math.log(viscosityPaS)) / (inCup + ml);
      now = mixedIn(now);
      reckonedNow = mixedIn(reckonedNow);
      waterShare =
        (inCup * waterShare + (entry.added.material === 'water' ? ml : 0)) / (inCup + ml);
    }
    const paS = entry.right
      ? rightPaS(Math.exp(now), openPlan(plan).mix(made.id).consistency)
      : measured(entry, made.densityGPerMl);
    if (paS === undefined) continue;
    const reckoned = found === undefined ? 0 : now - found;
    if (found !== undefined && Math.abs(reckoned) > TELLS) {
      const answered = (Math.log(paS) - found) / reckoned;
      strength = answered > 0 ? Math.min(MOST, Math.max(LEAST, 1 / answered)) : MOST;
    }
    found = Math.log(paS);
    now = found;
  }
  return {
    viscosityPaS: Math.exp(now),
    reckonedPaS: Math.exp(reckonedNow),
    waterShare,
    read: found !== undefined,
    strength,
  };
}

/** What a test says, Pa·s; undefined for an entry that is none. */
function measured({ flow, moundS }: Entry, densityGPerMl: number): number | undefined {
  const cup = FLOW_CUPS.find((c) => c.id === flow?.cup);
  if (flow && cup) return Math.max(1e-3, viscosityOfFlow(cup, flow.s, densityGPerMl));
  return moundS && viscosityOfMound(settled(moundS).median);
}

const knows = (plan: Plan, book: Book, id: string): boolean =>
  plan.paints.some((p) => p.id === id) ||
  book.materialIds.includes(id) ||
  book.mediumIds.includes(id);

/** How thick and heavy a paint, material or medium is. */
function fluidOf(plan: Plan, book: Book, id: string): Addition {
  const paint = plan.paints.find((p) => p.id === id);
  if (paint) return { id, viscosityPaS: viscosityOf(paint), densityGPerMl: densityOf(paint) };
  if (book.materialIds.includes(id)) {
    const { viscosityPaS, densityGPerMl } = book.material(id);
    return { id, viscosityPaS, densityGPerMl };
  }
  const { volumes, densityGPerMl } = makeMedium(id, book);
  const log = [...volumes].reduce(
    (sum, [material, share]) => sum + share * Math.log(book.material(material).viscosityPaS),
    0,
  );
  return { id, viscosityPaS: Math.exp(log), densityGPerMl };
}
