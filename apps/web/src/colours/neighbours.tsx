import type { Neighbours as Judged } from '@potter/core/optics';
import { mixNames, type NeighbourPair } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Choice } from '@/ui/choice';
import { Body, Small, Strong } from '@/ui/type';
import { useWide } from '@/ui/use-wide';
import { PairFixes } from './pair-fixes';
import { Bands, VerdictGlyph, VerdictLine } from '@/ui/verdict';

/** How every two colours get on where they touch: as a triangle where there is room, else the neighbours of one colour, worst first. */
export function Neighbours({ pairs }: { readonly pairs: readonly NeighbourPair[] }) {
  const { plan } = usePlan();
  const wide = useWide();
  const mixes = [...new Set(pairs.flatMap((p) => [p.a, p.b]))];
  const ids = plan.budget.shares.map((s) => s.mix).filter((id) => mixes.includes(id));
  const nameOf = mixNames(plan);
  const [chosen, setChosen] = useState<string>();
  const [opened, setOpened] = useState<string>();
  if (pairs.length === 0) return <Small>One colour has no neighbours.</Small>;
  const of = chosen !== undefined && ids.includes(chosen) ? chosen : '';
  const shown = of === '' ? pairs : pairs.filter((p) => p.a === of || p.b === of);
  const keyOf = (p: NeighbourPair) => `${p.a} ${p.b}`;
  return (
    <View className="gap-3">
      {wide ? (
        <Triangle
          ids={ids}
          pairs={pairs}
          nameOf={nameOf}
          opened={opened}
          onOpen={(p) => setOpened(keyOf(p) === opened ? undefined : keyOf(p))}
        />
      ) : (
        <Choice
          label="Neighbours of"
          value={of}
          options={[
            { value: '', label: 'All' },
            ...ids.map((id) => ({ value: id, label: nameOf(id) })),
          ]}
          onChange={(id) => setChosen(id === '' ? undefined : id)}
        />
      )}
      <View role="list">
        {shown
          .filter((p) => !wide || keyOf(p) === opened)
          .map((p) => (
            <View role="listitem" key={keyOf(p)} className="border-b border-rule">
              <Pressable
                role="button"
                aria-expanded={opened === keyOf(p)}
                aria-label={`${nameOf(p.a)} and ${nameOf(p.b)}: ${p.says}`}
                onPress={() => setOpened(opened === keyOf(p) ? undefined : keyOf(p))}
                className="min-h-[56px] flex-row items-center gap-3 py-1 active:bg-pressed"
              >
                <Bands hexes={bandsOf(p)} width={72} height={36} />
                <View className="min-w-0 flex-1">
                  <Strong lines={1}>
                    {nameOf(p.a)}, {nameOf(p.b)}
                  </Strong>
                  <VerdictLine verdict={p.judged.verdict} says={p.says} />
                </View>
              </Pressable>
              {opened === keyOf(p) ? (
                <Body className="pb-2">
                  Difference {trim(p.judged.deltaE, 0)}; mud {trim(p.judged.mud * 100, 0)} in 100.{' '}
                  {p.touches === 0
                    ? 'They do not lie on each other in the cups.'
                    : p.touches === 1
                      ? 'They lie on each other once in the cups.'
                      : `They lie on each other ${p.touches} times in the cups.`}
                </Body>
              ) : null}
              {opened === keyOf(p) ? <PairFixes pair={p} /> : null}
            </View>
          ))}
      </View>
    </View>
  );
}

/** One colour, what they make where they blend, the other. */
const bandsOf = ({ hexA, judged, hexB }: NeighbourPair) => [hexA, judged.blendHex, hexB];

/** A cell at its widest; below the second there is no room for a word beside the glyph, px. */
const WIDEST = 76;
const WORDED = 60;
const NAMES = 104;
const GAP = 4;

/** The lower triangle of a table of all pairs: names down the side and along the foot. */
function Triangle({
  ids,
  pairs,
  nameOf,
  opened,
  onOpen,
}: {
  readonly ids: readonly string[];
  readonly pairs: readonly NeighbourPair[];
  readonly nameOf: (id: string) => string;
  readonly opened: string | undefined;
  readonly onOpen: (pair: NeighbourPair) => void;
}) {
  const [room, setRoom] = useState(0);
  // Twelve colours have to fit too.
  const cell = Math.min(WIDEST, Math.floor((room - NAMES) / (ids.length - 1)) - GAP);
  const pairOf = (a: string, b: string) =>
    pairs.find((p) => (p.a === a && p.b === b) || (p.a === b && p.b === a));
  return (
    <View
      role="table"
      aria-label="Neighbours"
      onLayout={(e) => setRoom(e.nativeEvent.layout.width)}
    >
      {ids.slice(1).map((row, i) => (
        <View role="row" key={row} className="flex-row items-center">
          <View role="rowheader" className="w-[104px] pr-2">
            <Small lines={2} className="text-right !text-ink">
              {nameOf(row)}
            </Small>
          </View>
          {ids.slice(0, i + 1).map((column) => {
            const pair = pairOf(row, column);
            if (!pair) return null;
            const open = opened === `${pair.a} ${pair.b}`;
            return (
              <View role="cell" key={column}>
                <Pressable
                  role="button"
                  aria-label={`${nameOf(column)} and ${nameOf(row)}: ${pair.says}`}
                  aria-expanded={open}
                  onPress={() => onOpen(pair)}
                  className={`m-[2px] items-center border-2 pb-1 ${open ? 'border-ink bg-raised' : 'border-transparent'}`}
                  style={{ width: Math.max(24, cell) }}
                >
                  <Bands hexes={bandsOf(pair)} width={Math.max(24, cell) - 4} height={26} />
                  <View className="flex-row items-center gap-1">
                    <VerdictGlyph verdict={pair.judged.verdict} size={14} />
                    {cell >= WORDED ? <Small lines={1}>{WORDS[pair.judged.verdict]}</Small> : null}
                  </View>
                </Pressable>
              </View>
            );
          })}
        </View>
      ))}
      <View role="row" className="flex-row">
        <View className="w-[104px]" />
        {ids.slice(0, -1).map((id) => (
          <View
            role="columnheader"
            key={id}
            className="m-[2px]"
            style={{ width: Math.max(24, cell) }}
          >
            <Small lines={2} className="text-center !text-ink">
              {nameOf(id)}
            </Small>
          </View>
        ))}
      </View>
    </View>
  );
}

const WORDS: Readonly<Record<Judged['verdict'], string>> = {
  clean: 'clean',
  low: 'alike',
  dulls: 'dulls',
  merge: 'merge',
  mud: 'mud',
};
