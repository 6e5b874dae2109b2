import {
  edit as edits,
  layBetween,
  lightBetween,
  lightened,
  lightenOffer,
  type NeighbourPair,
  mixNames,
} from '@potter/core/plan';
import { useState } from 'react';
import { View } from 'react-native';
import { usePaints } from '@/data/shelf';
import { usePlan } from '@/plan/plan-context';
import { NoteReaction } from '@/trials/reactions';
import { Button } from '@/ui/button';
import { Small } from '@/ui/type';

/** What can be done about two colours that do not get on: lighten one, lay a light one between, keep them apart. */
export function PairFixes({ pair }: { readonly pair: NeighbourPair }) {
  const { plan, brief, edit } = usePlan();
  const shelf = usePaints().map((item) => item.paint);
  const { a, b, judged, touches } = pair;
  const nameOf = mixNames(plan);
  const alike = judged.verdict === 'merge' || judged.verdict === 'low';
  const offer = alike ? lightenOffer(plan, brief, a, b, shelf) : undefined;
  const between =
    touches > 0 && judged.verdict !== 'clean' ? lightBetween(plan, brief, a, b) : undefined;
  const [noting, setNoting] = useState(false);
  const mainPaint = (id: string) => plan.mixes.find((m) => m.id === id)?.paints[0]?.paint;
  const [paintA, paintB] = [mainPaint(a), mainPaint(b)];
  const paints = paintA && paintB ? ([paintA, paintB] as const) : undefined;
  const apart = (plan.order?.apart ?? []).some((p) => edits.isPair(p, a, b));
  return (
    <View className="flex-row flex-wrap items-center gap-2 pb-3">
      {offer ? (
        <Button
          label={`Lighten ${nameOf(offer.mix)} with ${offer.paint.name}`}
          onPress={() => edit((p) => lightened(p, offer))}
        />
      ) : null}
      {between ? (
        <Button
          label={`Lay ${nameOf(between)} between`}
          onPress={() => edit((p) => layBetween(p, a, b, between))}
        />
      ) : null}
      <Button
        label={apart ? 'Let them touch' : 'Keep them apart'}
        onPress={() => edit((p) => edits.setApart(p, a, b, !apart))}
      />
      <Button label={noting ? 'Leave it' : 'They reacted'} onPress={() => setNoting(!noting)} />
      {noting && paints ? (
        <View className="w-full">
          <NoteReaction between={paints} onNoted={() => setNoting(false)} />
        </View>
      ) : null}
      {offer ? (
        <Small className="w-full !text-ink">
          {saidParts(offer.parts)} of {offer.paint.name} to{' '}
          {offer.parts < 1 ? `${1 / offer.parts} parts` : 'one'} of {nameOf(offer.mix)}: as little
          as sets them apart.
        </Small>
      ) : null}
    </View>
  );
}

const saidParts = (parts: number): string => (parts <= 1 ? 'One part' : `${parts} parts`);
