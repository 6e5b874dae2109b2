import { mixNames, previewOf, type Range, spreadOf, WAYS } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useMemo } from 'react';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Small } from '@/ui/type';
import { RangeBar } from './range-bar';

/** Figures of several ways a plan may turn out, each with its range. */
export function Ranges({ outcomes }: { readonly outcomes: Parameters<typeof spreadOf>[0] }) {
  const { plan, brief } = usePlan();
  const { densityGPerMl } = useMemo(() => previewOf(plan, brief), [plan, brief]);
  const spread = spreadOf(outcomes);
  const nameOf = mixNames(plan);
  const percent = (share: number) => trim(100 * share, share > 0.995 && share < 1 ? 1 : 0);
  const mm = (value: number) => trim(value, 1);
  const grams = (ml: number) => trim(ml * densityGPerMl, 0);
  const upTo = ({ most }: Range) => 1.15 * most;
  return (
    <View className="gap-1">
      <Small>
        {outcomes.length === WAYS
          ? 'Four of five pours lie between the two on average.'
          : `Of ${outcomes.length} so far.`}
      </Small>
      <View role="list" aria-label="How far figures range">
        <RangeBar label="Covered" range={spread.covered} upTo={1} unit="%" show={percent} />
        <RangeBar
          label="Runs off"
          range={spread.runOffMl}
          upTo={upTo(spread.runOffMl)}
          unit="g"
          show={grams}
        />
        <RangeBar
          label="Film"
          range={spread.meanMm}
          upTo={upTo(spread.thickestMm)}
          unit="mm"
          show={mm}
        />
        <RangeBar
          label="Thickest"
          range={spread.thickestMm}
          upTo={upTo(spread.thickestMm)}
          unit="mm"
          show={mm}
        />
        <RangeBar
          label="Cells"
          range={spread.cells}
          upTo={Math.max(0.25, upTo(spread.cells))}
          unit="% of the face"
          show={percent}
        />
        {Object.entries(spread.shows)
          .sort(([, a], [, b]) => b.middle - a.middle)
          .map(([mix, range]) => (
            <RangeBar
              key={mix}
              label={nameOf(mix)}
              range={range}
              upTo={1}
              unit="% of what shows"
              show={percent}
            />
          ))}
      </View>
    </View>
  );
}
