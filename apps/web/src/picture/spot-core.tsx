import type { SpotLayer } from '@potter/core/flow';
import { type Brief, mixNames, type Plan } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import Svg, { Line } from 'react-native-svg';
import { CoreColumn } from '@/ui/core-column';
import { useTokens } from '@/ui/tokens';
import { Body, Figure, Heading, Strong } from '@/ui/type';

const ROW = 44;
const WIDTH = 56;
const LEADER = 28;

interface Props {
  readonly layers: readonly SpotLayer[];
  readonly plan: Plan;
  readonly brief: Brief;
  /** Of which pour it is, where there are several: "Pour 2". */
  readonly pour?: string | undefined;
}

/** A core drilled through the wet film at a spot: surface on top, each layer in its µm, thin ones told by their row. */
export function SpotCore({ layers, plan, brief, pour }: Props) {
  const { ink } = useTokens();
  const nameOf = mixNames(plan);
  if (layers.length === 0)
    return <Body>{pour === undefined ? 'Bare ground here.' : `${pour}: nothing of it here.`}</Body>;
  const shown = gathered(layers);
  const height = shown.length * ROW;
  const whole = shown.reduce((sum, l) => sum + l.um, 0);
  const hexOf = (mix: string) => brief.mixes.find((m) => m.id === mix)?.hexOverWhite ?? '#888888';
  const middle = (k: number) =>
    ((shown.slice(0, k).reduce((sum, l) => sum + l.um, 0) + shown[k]!.um / 2) / whole) *
    (height - 8);
  return (
    <View className="gap-2">
      <Heading>
        {pour === undefined ? '' : `${pour}: `}
        {trim(whole, 0)} µm of wet film, from the surface down
      </Heading>
      <View className="flex-row">
        <Svg width={WIDTH + LEADER} height={height} aria-hidden>
          <CoreColumn
            strata={[...shown].reverse().map((l) => ({ hex: hexOf(l.mix), mm: l.um }))}
            x={1}
            y={4}
            width={WIDTH - 8}
            height={height - 8}
            outline={ink}
          />
          {shown.map((_, k) => (
            <Line
              key={k}
              x1={WIDTH - 6}
              y1={4 + middle(k)}
              x2={WIDTH + LEADER}
              y2={(k + 0.5) * ROW}
              stroke={ink}
            />
          ))}
        </Svg>
        <View role="list" aria-label="Layers of the core" className="flex-1">
          {shown.map((layer, k) => (
            <View
              key={k}
              role="listitem"
              className="flex-row items-center justify-between border-b border-b-rule pl-2"
              style={{ height: ROW }}
            >
              <Strong>{nameOf(layer.mix)}</Strong>
              <Figure figure={trim(layer.um, 0)} unit="µm" />
            </View>
          ))}
        </View>
      </View>
    </View>
  );
}

/** Rows a core may have on a phone. */
const MOST_ROWS = 12;

/** Laminae too thin to row go with the layer above them until the core fits. */
function gathered(layers: readonly SpotLayer[]): readonly SpotLayer[] {
  const left = [...layers];
  while (left.length > MOST_ROWS) {
    let thinnest = 1;
    for (let k = 2; k < left.length; k++) if (left[k]!.um < left[thinnest]!.um) thinnest = k;
    const above = left[thinnest - 1]!;
    left.splice(thinnest - 1, 2, { mix: above.mix, um: above.um + left[thinnest]!.um });
    // Two neighbours may now be one.
    const next = left[thinnest];
    if (next?.mix === above.mix)
      left.splice(thinnest - 1, 2, { mix: above.mix, um: left[thinnest - 1]!.um + next.um });
  }
  return left;
}
