import type { LoadedLayer } from '@potter/core/cup';
import { trim } from '@potter/core/quantity';
import { memo } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { Chip } from '@/ui/chip';
import { CoreColumn } from '@/ui/core-column';
import { SortableRows } from '@/ui/sortable-rows';
import { useTokens } from '@/ui/tokens';
import { Small, Strong } from '@/ui/type';
import { Mass, Volume } from '@/ui/units';
import { useWide } from '@/ui/use-wide';
import { spread } from './spread';

interface Props {
  readonly layers: readonly LoadedLayer[];
  readonly selected: number | undefined;
  readonly onSelect: (index: number) => void;
  readonly onMove: (from: number, to: number) => void;
  readonly nameOf: (mix: string) => string;
  readonly chipOf: (mix: string) => {
    readonly masstone: string;
    readonly overWhite: string;
    readonly overBlack: string;
  };
  readonly placementOf: (index: number) => string;
}

const ROW = 64;
const COLUMN_X = 30;
const COLUMN_WIDTH = 46;
const LEADER_END = 104;
/** Figures of the scale closer than this would lie on each other, px. */
const SCALE_GAP = 14;
const TOP = 10;

/** A cup as a geologist draws it: one column of its strata, fill lines as a scale, a leader from each to its row; last in at the top. */
export function CoreSample({
  layers,
  selected,
  onSelect,
  nameOf,
  chipOf,
  placementOf,
  onMove,
}: Props) {
  const tokens = useTokens();
  const wide = useWide();
  const height = layers.length * ROW;
  const tall = height - 2 * TOP;
  const topMm = layers.at(-1)?.toMm ?? 0;
  const yOf = (mm: number) => TOP + tall - (topMm > 0 ? (mm / topMm) * tall : 0);
  const rowY = (index: number) => (layers.length - 1 - index) * ROW + ROW / 2;
  // The scale's figures, from the top down, moved apart where strata are thin.
  const marks = [...layers].reverse().map((l) => l.toMm);
  const figureY = spread(marks.map(yOf), SCALE_GAP);
  if (layers.length === 0) return <Small>This cup is empty. Add a layer.</Small>;
  return (
    <View style={{ height }}>
      <Svg
        width={LEADER_END}
        height={height}
        style={{ position: 'absolute', left: 0, top: 0 }}
        role="img"
        aria-label={`Core of the cup, filled to ${trim(topMm, 0)} mm`}
      >
        <CoreColumn
          strata={layers.map((l) => ({ hex: chipOf(l.mix).masstone, mm: l.toMm - l.fromMm }))}
          x={COLUMN_X}
          y={TOP}
          width={COLUMN_WIDTH}
          height={tall}
          outline={tokens.ink}
        />
        {marks.map((mm, i) => (
          <G key={i}>
            <Line x1={COLUMN_X - 5} x2={COLUMN_X} y1={yOf(mm)} y2={yOf(mm)} stroke={tokens.ink} />
            <SvgText
              x={COLUMN_X - 7}
              y={(figureY[i] ?? 0) + 4.5}
              textAnchor="end"
              fontSize={13}
              fontFamily="AtkinsonHyperlegibleNext_700Bold"
              fill={tokens.ink}
            >
              {trim(mm, 0)}
            </SvgText>
          </G>
        ))}
        {layers.map((l, i) => {
          const chosen = i === selected;
          const middle = yOf((l.fromMm + l.toMm) / 2);
          return (
            <G key={i}>
              {chosen ? (
                <Rect
                  x={COLUMN_X - 1}
                  y={yOf(l.toMm)}
                  width={COLUMN_WIDTH + 2}
                  height={Math.max(2, yOf(l.fromMm) - yOf(l.toMm))}
                  fill="none"
                  stroke={tokens.ink}
                  strokeWidth={3}
                />
              ) : null}
              <Line
                x1={COLUMN_X + COLUMN_WIDTH + 2}
                y1={middle}
                x2={LEADER_END}
                y2={rowY(i)}
                stroke={chosen ? tokens.ink : tokens.outline}
                strokeWidth={chosen ? 2 : 1}
              />
            </G>
          );
        })}
      </Svg>
      <View style={{ marginLeft: LEADER_END }} role="list" aria-label="Layers, last in first">
        <SortableRows
          ids={layers.map((_, i) => String(layers.length - 1 - i))}
          onMove={(from, to) => onMove(layers.length - 1 - from, layers.length - 1 - to)}
          row={(shown) => {
            const i = layers.length - 1 - shown;
            const l = layers[i];
            return l ? (
              <LayerRow
                layer={l}
                chosen={i === selected}
                index={i}
                onSelect={onSelect}
                name={nameOf(l.mix)}
                placement={placementOf(i)}
                chip={chipOf(l.mix)}
                wide={wide}
              />
            ) : null;
          }}
        />
      </View>
    </View>
  );
}

interface RowProps {
  readonly layer: LoadedLayer;
  readonly chosen: boolean;
  readonly index: number;
  readonly onSelect: (index: number) => void;
  readonly name: string;
  readonly placement: string;
  readonly chip: { readonly overWhite: string; readonly overBlack: string };
  readonly wide: boolean;
}

/** Of forty rows most are as they were: only those that show something else are drawn anew. */
const LayerRow = memo(function LayerRow({
  layer,
  chosen,
  index,
  onSelect,
  name,
  placement,
  chip,
  wide,
}: RowProps) {
  return (
    <Pressable
      role="button"
      aria-pressed={chosen}
      aria-label={`${name}, ${placement}, ${trim(layer.g, 0)} g, up to ${trim(layer.toMm, 0)} mm`}
      onPress={() => onSelect(index)}
      className={`flex-row items-center gap-2 border-b border-b-rule border-l-4 pl-2 ${chosen ? 'border-l-ink bg-raised' : 'border-l-transparent active:bg-pressed'}`}
      style={{ height: ROW }}
    >
      <Chip overWhite={chip.overWhite} overBlack={chip.overBlack} />
      <View className="min-w-0 flex-1">
        <Strong lines={1}>{name}</Strong>
        <Small lines={1}>
          {placement}
          {layer.pinned ? ', fixed' : ''}
        </Small>
      </View>
      {wide ? <Volume className="w-[80px] text-right" ml={layer.ml} /> : null}
      <View className="items-end">
        <Mass g={layer.g} />
        {wide ? null : <Volume ml={layer.ml} />}
      </View>
    </Pressable>
  );
}, sameRow);

function sameRow(a: RowProps, b: RowProps): boolean {
  return (
    a.chosen === b.chosen &&
    a.index === b.index &&
    a.onSelect === b.onSelect &&
    a.name === b.name &&
    a.placement === b.placement &&
    a.wide === b.wide &&
    a.chip.overWhite === b.chip.overWhite &&
    a.chip.overBlack === b.chip.overBlack &&
    a.layer.g === b.layer.g &&
    a.layer.ml === b.layer.ml &&
    a.layer.toMm === b.layer.toMm &&
    a.layer.pinned === b.layer.pinned
  );
}
