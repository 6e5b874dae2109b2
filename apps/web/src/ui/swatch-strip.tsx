import {
  type ArrangementId,
  ARRANGEMENTS,
  arranged,
  neighbours,
  type Swatch,
} from '@potter/core/optics';
import type { OpacityClass } from '@potter/core/paint';
import { verdictWords } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import ArrowRight from 'lucide-react-native/icons/arrow-right';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { IconButton } from './button';
import { Choice } from './choice';
import { useMat } from './mat';
import { useTokens } from './tokens';
import { Small, Strong } from './type';
import { VerdictLine } from './verdict';

export interface NamedSwatch extends Swatch {
  readonly id: string;
  readonly name: string;
  readonly overWhite: string;
  readonly overBlack: string;
  readonly opacity: OpacityClass;
}

/** As many as a phone shows side by side wide enough for a finger. */
const PER_ROW = 7;
const HEIGHT = 88;

/** Swatches edge to edge in any order, to judge them beside each other; a chosen one says how it gets on with both neighbours, and can be moved. */
export function SwatchStrip({
  swatches,
  onMove,
}: {
  readonly swatches: readonly NamedSwatch[];
  /** Moves one in the own order; without it the strip keeps an own order for as long as it is looked at. */
  readonly onMove?: (from: number, to: number) => void;
}) {
  const mat = useMat();
  const { ink, surround } = useTokens();
  const [way, setWay] = useState<ArrangementId>('own');
  const [own, setOwn] = useState<readonly string[]>([]);
  const [chosen, setChosen] = useState<string>();
  const rank = (id: string) => (own.includes(id) ? own.indexOf(id) : own.length);
  const kept = onMove ? swatches : [...swatches].sort((a, b) => rank(a.id) - rank(b.id));
  const shown = arranged(kept, way);
  const at = shown.findIndex((s) => s.id === chosen);
  const swatch = shown[at];
  const move = (to: number) => {
    if (to < 0 || to >= shown.length) return;
    if (onMove && way === 'own') return onMove(at, to);
    const ids = shown.map((s) => s.id);
    ids.splice(to, 0, ...ids.splice(at, 1));
    setOwn(ids);
    setWay('own');
  };
  const rows = Array.from({ length: Math.ceil(shown.length / PER_ROW) }, (_, i) =>
    shown.slice(i * PER_ROW, (i + 1) * PER_ROW),
  );
  return (
    <View className="gap-3">
      <Choice
        label="In which order"
        value={way}
        options={ARRANGEMENTS.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={setWay}
      />
      <View
        className="gap-2 p-2"
        style={{ backgroundColor: mat }}
        role="group"
        aria-label="Swatches"
      >
        {rows.map((row, r) => (
          <View key={r} className="flex-row" style={{ borderWidth: 1, borderColor: ink }}>
            {row.map((s) => (
              <Pressable
                key={s.id}
                role="button"
                aria-label={s.name}
                aria-pressed={s.id === chosen}
                onPress={() => setChosen(s.id === chosen ? undefined : s.id)}
                className="flex-1"
                style={{ height: HEIGHT }}
              >
                <View className="flex-1" style={{ backgroundColor: s.overWhite }} />
                <View className="flex-1" style={{ backgroundColor: s.overBlack }} />
                {s.id === chosen ? (
                  <View
                    className="absolute inset-0 border-4"
                    style={{ borderColor: ink, outlineColor: surround, outlineWidth: 2 }}
                  />
                ) : null}
              </Pressable>
            ))}
            {/* A last row that is not full keeps its swatches as wide as the others. */}
            {rows.length > 1 && row.length < PER_ROW ? (
              <View style={{ flexGrow: PER_ROW - row.length, flexBasis: 0 }} />
            ) : null}
          </View>
        ))}
      </View>
      {swatch ? (
        <View className="gap-2 border-l-4 border-l-ink bg-raised p-3">
          <View className="flex-row items-center gap-2">
            <View className="min-w-0 flex-1">
              <Strong lines={2}>{swatch.name}</Strong>
              <Small>
                {swatch.opacity}, {trim(swatch.densityGPerMl, 2)} g/mL
              </Small>
            </View>
            <IconButton
              icon={ArrowLeft}
              label={`${swatch.name} further left`}
              disabled={at === 0}
              onPress={() => move(at - 1)}
            />
            <IconButton
              icon={ArrowRight}
              label={`${swatch.name} further right`}
              disabled={at === shown.length - 1}
              onPress={() => move(at + 1)}
            />
          </View>
          {[shown[at - 1], shown[at + 1]].flatMap((other) => {
            if (!other) return [];
            const judged = neighbours(swatch.hex, other.hex);
            return [
              <View key={other.id}>
                <Small className="!text-ink">Beside {other.name}</Small>
                <VerdictLine verdict={judged.verdict} says={verdictWords(judged)} />
              </View>,
            ];
          })}
        </View>
      ) : (
        <Small>Tap a swatch to see how it gets on with its neighbours, and to move it.</Small>
      )}
    </View>
  );
}
