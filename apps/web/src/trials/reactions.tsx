import { REACTED, type Reaction, type ReactionSide } from '@potter/core/paint';
import type { ShelfPaint } from '@potter/core/stock';
import { useState } from 'react';
import { View } from 'react-native';
import { newId } from '@/data/new-id';
import { dropReaction, noteReaction, useReactions } from '@/data/reactions';
import { usePaints } from '@/data/shelf';
import { Act, Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { today } from '@/ui/local-time';
import { Pick } from '@/ui/pick';
import { TextField } from '@/ui/text-field';
import { Body, Small, Strong } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';

const nameOf = (side: ReactionSide): string =>
  side.kind === 'maker' ? `everything of ${side.name}` : side.name;

/** What did not get on before: comes back as a remark wherever the two meet in a plan. */
export function Reactions() {
  const reactions = useReactions();
  const [gone, setGone] = useState<Reaction>();
  return (
    <View className="gap-3">
      <Body>
        Paints of different makes can react with each other. What is noted here is said wherever the
        two meet in a plan.
      </Body>
      {gone ? (
        <UndoBar
          says={`${nameOf(gone.a)} and ${nameOf(gone.b)} may meet again.`}
          onUndo={() => {
            noteReaction(gone);
            setGone(undefined);
          }}
        />
      ) : null}
      {reactions.length > 0 ? (
        <View role="list" aria-label="Noted">
          {reactions.map((reaction) => (
            <View
              role="listitem"
              key={reaction.id}
              className="flex-row items-center gap-3 border-b border-rule py-2"
            >
              <View className="min-w-0 flex-1">
                <Strong lines={3}>
                  {nameOf(reaction.a)} and {nameOf(reaction.b)} {REACTED[reaction.what]}
                </Strong>
                <Small lines={3}>
                  {reaction.on}
                  {reaction.note ? `: ${reaction.note}` : ''}
                </Small>
              </View>
              <Act
                label="Take out"
                onPress={() => {
                  dropReaction(reaction);
                  setGone(reaction);
                }}
              />
            </View>
          ))}
        </View>
      ) : null}
      <NoteReaction />
    </View>
  );
}

const WHATS = (Object.keys(REACTED) as Reaction['what'][]).map((value) => ({
  value,
  label: REACTED[value],
}));

/** The form that notes one. */
export function NoteReaction({
  between,
  onNoted,
}: {
  /** Ids of the two paints it begins with. */
  readonly between?: readonly [string, string];
  readonly onNoted?: () => void;
}) {
  const paints = usePaints();
  const [a, setA] = useState(between && `paint ${between[0]}`);
  const [b, setB] = useState(between && `paint ${between[1]}`);
  const [what, setWhat] = useState<Reaction['what']>('lumpy');
  const [words, setWords] = useState('');
  const sides = sidesOf(paints);
  const options = sides.map(({ key, label }) => ({ value: key, label }));
  const sideOf = (key: string | undefined) => sides.find((s) => s.key === key)?.side;
  const [sideA, sideB] = [sideOf(a), sideOf(b)];
  if (paints.length < 2) return <Small>Two paints on the shelf are needed to note a pair.</Small>;
  return (
    <View className="gap-3" role="group" aria-label="Note a pair">
      <Pick label="This" value={a ?? ''} empty="choose" options={options} onChange={setA} />
      <Pick label="with this" value={b ?? ''} empty="choose" options={options} onChange={setB} />
      <Choice label="What happened" value={what} options={WHATS} onChange={setWhat} />
      <TextField
        live
        label="In your own words"
        shown={words}
        read={(text) =>
          text.length > 400
            ? { ok: false, fault: '400 letters at most.' }
            : { ok: true, value: text }
        }
        onChange={setWords}
      />
      <Button
        className="self-start"
        label="Note it"
        disabled={!sideA || !sideB || a === b}
        onPress={() => {
          if (!sideA || !sideB) return;
          noteReaction({
            id: newId(),
            on: today(),
            a: sideA,
            b: sideB,
            what,
            ...(words.trim() === '' ? {} : { note: words.trim() }),
          });
          setA(undefined);
          setB(undefined);
          setWords('');
          onNoted?.();
        }}
      />
    </View>
  );
}

/** Every paint of the shelf, and every maker on it as a whole. */
function sidesOf(
  paints: readonly ShelfPaint[],
): { readonly key: string; readonly label: string; readonly side: ReactionSide }[] {
  const makers = [...new Set(paints.flatMap((p) => p.maker ?? []))].sort();
  return [
    ...paints.map(({ paint }) => ({
      key: `paint ${paint.id}`,
      label: paint.name,
      side: { kind: 'paint', id: paint.id, name: paint.name } as const,
    })),
    ...makers.map((name) => ({
      key: `maker ${name}`,
      label: `everything of ${name}`,
      side: { kind: 'maker', name } as const,
    })),
  ];
}
