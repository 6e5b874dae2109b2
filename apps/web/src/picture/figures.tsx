import type { Outcome, Settled } from '@potter/core/flow';
import { type Brief, mixNames, type Plan } from '@potter/core/plan';
import { capital, percent, trim } from '@potter/core/quantity';
import { runOffOf } from '@potter/core/remark';
import { limbWords } from '@potter/core/surface';
import { View } from 'react-native';
import { Chip } from '@/ui/chip';
import { Figure, Heading, Small, Strong } from '@/ui/type';
import { Mass } from '@/ui/units';
import { VitalLine } from '@/ui/vital-line';

interface Props {
  readonly outcome: Settled;
  readonly brief: Brief;
}

/** The figures of what came of it. */
export function OutcomeVitals({
  outcome,
  brief,
  onDried = false,
}: Props & { /** It lies on paint: nothing it leaves out is bare. */ readonly onDried?: boolean }) {
  const { lostG } = runOffOf(brief.surface, brief.budget, outcome);
  const corners = outcome.bareMm.length;
  return (
    <VitalLine
      vitals={[
        { figure: coveredPercent(outcome), unit: '% covered' },
        { figure: trim(lostG, 0), unit: 'g lost' },
        { figure: trim(outcome.film.meanMm, 1), unit: 'mm film' },
        // What is covered says the rest; a corner that stays bare is told by itself.
        ...(corners > 0 && !onDried
          ? [{ figure: String(corners), unit: corners === 1 ? 'bare place' : 'bare places' }]
          : []),
      ]}
    />
  );
}

/** Not rounded up to a whole that it is not. */
const coveredPercent = ({ coveredShare }: Pick<Settled, 'coveredShare'>): string =>
  trim(coveredShare > 0.999 && coveredShare < 1 ? 99.9 : coveredShare * 100, 1);

/** Film and run-off in full, beside what the plan reckons with. */
export function FilmFigures({ outcome, brief }: Props) {
  const { film } = outcome;
  const off = runOffOf(brief.surface, brief.budget, outcome);
  return (
    <View className="gap-2" role="group" aria-label="Film and run-off">
      <Heading>Film and run-off</Heading>
      <View className="flex-row flex-wrap gap-x-5 gap-y-1">
        <Figure figure={trim(film.thinnestMm, 2)} unit="mm thinnest" />
        <Figure figure={trim(film.meanMm, 2)} unit="mm mean" />
        <Figure figure={trim(film.thickestMm, 2)} unit="mm thickest" />
      </View>
      <View className="flex-row flex-wrap gap-x-5 gap-y-1">
        {(['left', 'right', 'top', 'bottom'] as const).map((side) => (
          <View key={side} className="flex-row items-baseline gap-1">
            <Mass g={off.sides[side]} />
            <Small>{side}</Small>
          </View>
        ))}
        {off.takenG > 0 ? (
          <View className="flex-row items-baseline gap-1">
            <Mass g={off.takenG} />
            <Small>taken off again</Small>
          </View>
        ) : null}
      </View>
      {outcome.limbs ? (
        <View role="list" aria-label="Stroke by stroke">
          {outcome.limbs.map((limb) => (
            <View
              key={limb.name}
              role="listitem"
              aria-label={`${limbWords(limb.name)}: ${coveredPercent(limb)} % covered, ${trim(limb.meanMm, 2)} mm`}
              className="min-h-[44px] flex-row items-center justify-between gap-3 border-b border-b-rule"
            >
              <Strong className="flex-1">{capital(limbWords(limb.name))}</Strong>
              <Figure figure={coveredPercent(limb)} unit="% covered" />
              <Figure figure={trim(limb.meanMm, 2)} unit="mm" />
            </View>
          ))}
        </View>
      ) : null}
      <Small>
        {off.clothesG > 0.5
          ? `Of ${trim(off.overEdgeG, 0)} g over the edge, ${trim(off.clothesG, 0)} g stay on the sides. `
          : ''}
        The plan reckons with {trim(off.expectedG, 0)} g lost. All wet, for one piece.
      </Small>
    </View>
  );
}

/** How much of the surface each colour lies on top of, most first. */
export function Shows({
  outcome,
  plan,
  brief,
}: {
  readonly outcome: Outcome;
  readonly plan: Plan;
  readonly brief: Brief;
}) {
  const shown = Object.entries(outcome.shows).sort((a, b) => b[1] - a[1]);
  const most = shown[0]?.[1] ?? 1;
  const nameOf = mixNames(plan);
  return (
    <View className="gap-1">
      <Heading>What shows</Heading>
      <View role="list" aria-label="What shows">
        {shown.map(([mix, share]) => (
          <View
            key={mix}
            role="listitem"
            aria-label={`${nameOf(mix)} ${percent(share)}`}
            className="min-h-[44px] flex-row items-center gap-3 border-b border-b-rule py-1"
          >
            <MixChip brief={brief} mix={mix} />
            <Strong className="w-[112px]" lines={1}>
              {nameOf(mix)}
            </Strong>
            <View className="h-[8px] flex-1">
              <View className="h-full bg-ink" style={{ width: `${(100 * share) / most}%` }} />
            </View>
            <Figure className="w-[64px] justify-end" figure={percent(share)} />
          </View>
        ))}
      </View>
    </View>
  );
}

function MixChip({ brief, mix }: { readonly brief: Brief; readonly mix: string }) {
  const made = brief.mixes.find((m) => m.id === mix);
  return made ? (
    <Chip overWhite={made.hexOverWhite} overBlack={made.hexOverBlack} size={28} />
  ) : null;
}
