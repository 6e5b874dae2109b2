import { type LoadedCup, type Outlet, STREAM_BINS, strataOf, withdraw } from '@potter/core/cup';
import { emptiesOf, leavesWords } from '@potter/core/plan';
import { useDeferredValue, useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import { usePlan } from '@/plan/plan-context';
import { useTokens } from '@/ui/tokens';
import { Body, Small, Strong } from '@/ui/type';

interface Props {
  readonly cup: LoadedCup;
  readonly nameOf: (mix: string) => string;
  readonly hexOf: (mix: string) => string;
}

const HEIGHT = 44;
/** Columns the strip is drawn in; the stream is reckoned finer. */
const COLUMNS = 120;

/** What leaves the cup when, all layers in their shares from first to last, with words for both ends. */
export function Emission({ cup, nameOf, hexOf }: Props) {
  const { plan } = usePlan();
  const { ink } = useTokens();
  // While a layer is dragged the strip may come a frame later.
  const shown = useDeferredValue(cup);
  const empties = useMemo(() => emptiesOf(plan, cup.id), [plan, cup.id]);
  const areas = useMemo(() => areasOf(shown, empties.outlet), [shown, empties.outlet]);
  if (cup.emission.length === 0) return null;
  const words = leavesWords(plan, cup.id);
  const late = [...new Set(cup.emission.filter((e) => e.sunk).map((e) => nameOf(e.mix)))];
  return (
    <View className="gap-2 border-t-2 border-t-ink pt-2">
      <Strong>What leaves the cup, first to last</Strong>
      <View
        role="img"
        aria-label={`Leaves in this order: ${cup.emission.map((e) => `${nameOf(e.mix)}${e.sunk ? ', what sank' : ''}`).join(', ')}`}
        style={{ borderWidth: 1, borderColor: ink }}
      >
        <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${COLUMNS} 1`} preserveAspectRatio="none">
          <Rect width={COLUMNS} height={1} fill={hexOf(areas.at(-1)?.mix ?? '')} />
          {areas.map(({ mix, d }, i) => (
            <Path key={i} d={d} fill={hexOf(mix)} />
          ))}
        </Svg>
      </View>
      <View className="flex-row justify-between gap-4">
        <Small className="flex-1">{words.first}</Small>
        <Small className="flex-1 text-right">{words.last}</Small>
      </View>
      {late.length > 0 ? (
        <Body>
          {late.join(' and ')} {late.length === 1 ? 'is' : 'are'} heavier than what lies below: some
          of it sinks through the cup and {empties.sunk}.
        </Body>
      ) : null}
    </View>
  );
}

/** One area a layer, stacked over the time of emptying. */
function areasOf(cup: LoadedCup, outlet: Outlet): { mix: string; d: string }[] {
  const { strata, stir } = strataOf(cup);
  const width = strata.length;
  const table = withdraw(strata, stir, outlet);
  const per = STREAM_BINS / COLUMNS;
  const below = new Float64Array(COLUMNS);
  return strata.map(({ mix }, k) => {
    // Only where it leaves at all: of many layers each is in a few columns.
    const low: string[] = [];
    const high: string[] = [];
    for (let c = 0; c < COLUMNS; c++) {
      let share = 0;
      for (let s = c * per; s < (c + 1) * per; s++) share += table[s * width + k]! / per;
      const from = below[c]!;
      below[c] = from + share;
      if (share < SEEN) continue;
      high.push(`${c} ${below[c]!.toFixed(3)}H${c + 1}`);
      low.push(`${c + 1} ${from.toFixed(3)}H${c}`);
    }
    return { mix, d: high.length > 0 ? `M${high.join('L')}L${low.reverse().join('L')}Z` : '' };
  });
}

/** Below this share a layer is not seen in a column. */
const SEEN = 0.002;
