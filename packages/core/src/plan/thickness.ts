import { type Advice, advise, settled, viscosityOfMound } from '../mix/coach';
import { consistencyOf } from '../mix/consistency';
import { FLOW_CUPS, viscosityOfFlow } from '../mix/flow-cup';
import { makeMedium } from '../mix/medium';
import type { Consistency } from '../mix/schema';
import { openBook } from '../material/book';
import { densityOf, viscosityOf } from '../paint/property';
import type { Brief } from './brief';
import type { Plan } from './schema';

/** How thick a mix is: as it was last found, else as it is reckoned. */
export interface Thickness {
  readonly mix: string;
  readonly name: string;
  readonly viscosityPaS: number;
  readonly step: Consistency;
  readonly wanted: Consistency;
  readonly read: boolean;
  /** Out of step with most of the mixes that are meant to be alike. */
  readonly odd: boolean;
}

/** Viscosity from the last reading of a mix, Pa·s; undefined where there is none. */
export function lastReading(plan: Plan, mix: string, densityGPerMl: number): number | undefined {
  const reading = plan.readings?.filter((r) => r.mix === mix).at(-1);
  const cup = FLOW_CUPS.find((c) => c.id === reading?.flow?.cup);
  if (reading?.flow && cup)
    return Math.max(1e-3, viscosityOfFlow(cup, reading.flow.s, densityGPerMl));
  return reading?.moundS && viscosityOfMound(settled(reading.moundS).median);
}

/** All mixes on one scale; those whose step is not the one most of their kind have are the odd ones out. */
export function thicknesses(plan: Plan, brief: Brief): Thickness[] {
  const all = brief.mixes.map((m) => {
    const mix = plan.mixes.find((x) => x.id === m.id)!;
    const read = lastReading(plan, m.id, m.densityGPerMl);
    const viscosityPaS = read ?? m.viscosityPaS;
    return {
      mix: m.id,
      name: mix.name,
      viscosityPaS,
      step: consistencyOf(viscosityPaS),
      wanted: mix.consistency,
      read: read !== undefined,
    };
  });
  return all.map((t) => {
    const alike = all.filter((o) => o.wanted === t.wanted);
    const same = alike.filter((o) => o.step === t.step).length;
    return { ...t, odd: alike.length > 2 && same * 2 < alike.length };
  });
}

/**
 * What to add to so much of a mix, as thick as it was found to be, so that it comes to the step the plan wants.
 * @param inCupG what stands in the cup now, g
 */
export function thicknessAdvice(plan: Plan, brief: Brief, mixId: string, inCupG: number): Advice {
  const mix = plan.mixes.find((m) => m.id === mixId);
  const made = brief.mixes.find((m) => m.id === mixId);
  const paint = plan.paints.find((p) => p.id === mix?.paints[0]?.paint);
  if (!mix || !made || !paint) return { kind: 'none' };
  const book = openBook(plan.materials ?? [], plan.mediums ?? []);
  const medium = mix.medium && makeMedium(mix.medium.id, book);
  const mediumPaS =
    medium &&
    Math.exp(
      [...medium.volumes].reduce(
        (sum, [id, share]) => sum + share * Math.log(book.material(id).viscosityPaS),
        0,
      ),
    );
  const water = book.material('water');
  return advise(
    {
      ml: inCupG / made.densityGPerMl,
      viscosityPaS: lastReading(plan, mixId, made.densityGPerMl) ?? made.viscosityPaS,
      waterShare: made.waterShare,
    },
    mix.consistency,
    {
      water: { id: 'water', viscosityPaS: water.viscosityPaS, densityGPerMl: water.densityGPerMl },
      ...(mix.medium && medium && mediumPaS !== undefined
        ? {
            medium: {
              id: mix.medium.id,
              viscosityPaS: mediumPaS,
              densityGPerMl: medium.densityGPerMl,
            },
          }
        : {}),
      paint: {
        id: paint.id,
        viscosityPaS: viscosityOf(paint),
        densityGPerMl: densityOf(paint),
      },
    },
  );
}
