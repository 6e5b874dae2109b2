import { FAULTS } from '@potter/core/fault';
import {
  ASPECT_IDS,
  ASPECTS,
  FATE_WORDS,
  faceOf,
  type Piece,
  STATUSES,
  statusOf,
} from '@potter/core/piece';
import { mixNames, type Plan } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { createElement } from 'react';
import { ScrollView, View } from 'react-native';
import { usePiece } from '@/data/pieces';
import { useRun } from '@/data/runs';
import { Button } from '@/ui/button';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { money } from '@/ui/money';
import { NotHere } from '@/ui/state';
import { Body, Heading, Small, Title } from '@/ui/type';
import { usePictureUrl } from './photograph';
import { useSquared } from './squared';
import { takenWords } from './thumbs';
import { usePlanOf } from './use-plan-of';

/** A piece on one page of paper: its picture, what it was made of, how it came out, and what to do otherwise. */
export function PiecePage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const asked = usePiece(id);
  const leave = () => router.replace(`/journal/${id}`);
  return (
    <View role="main" className="flex-1 bg-surround">
      <ScrollView contentContainerClassName="gap-4 p-4 wide:p-8">
        <View className="flex-row gap-2 print:hidden">
          <Button primary label="Print it" onPress={() => window.print()} />
          <Button label="Back" onPress={leave} />
        </View>
        {asked.piece ? (
          <Page piece={asked.piece} />
        ) : (
          <NotHere
            query={asked}
            waiting="Opening the journal"
            failed="This piece cannot be read."
            says="This piece is not in the journal any more."
            act="To the journal"
            onAct={() => router.replace('/journal')}
          />
        )}
      </ScrollView>
    </View>
  );
}

function Page({ piece }: { readonly piece: Piece }) {
  const { run } = useRun(piece.run);
  const plan = usePlanOf(piece, run);
  const face = faceOf(piece);
  const squared = useSquared(face ?? {}, plan);
  const taken = usePictureUrl(face?.picture ?? '');
  const url = face && (face.corners ? squared?.url : taken);
  const facts = factsOf(piece);
  return (
    <View className="gap-3 wide:max-w-[720px]">
      <Title>{piece.title}</Title>
      <Body>
        {[
          dayWords(localTime(piece.madeAt)),
          piece.technique,
          piece.size,
          piece.of === undefined ? '' : `${piece.nth ?? 1} of ${piece.of}`,
        ]
          .filter(Boolean)
          .join(', ')}
      </Body>
      {url
        ? createElement('img', {
            src: url,
            alt: takenWords(face),
            style: { maxWidth: '100%', maxHeight: 420, objectFit: 'contain', alignSelf: 'start' },
          })
        : null}
      {plan ? <Recipes plan={plan} /> : null}
      {facts.map(([name, words]) => (
        <View key={name} className="border-t border-rule pt-1">
          <Small>{name}</Small>
          <Body>{words}</Body>
        </View>
      ))}
    </View>
  );
}

/** What each of its mixes was made of. */
function Recipes({ plan }: { readonly plan: Plan }) {
  const nameOf = mixNames(plan);
  const paintOf = (id: string) => plan.paints.find((p) => p.id === id)?.name ?? id;
  return (
    <View className="gap-1">
      <Heading>Made of</Heading>
      {plan.mixes.map(({ id, paints, medium, waterParts }) => (
        <Body key={id}>
          {nameOf(id)}: {paints.map((p) => `${trim(p.parts, 2)} ${paintOf(p.paint)}`).join(' + ')}
          {medium ? `, 1 : ${trim(medium.parts, 2)} with medium` : ''}
          {waterParts ? `, ${trim(waterParts, 2)} of water` : ''}
        </Body>
      ))}
    </View>
  );
}

/** All that was said of a piece, by what it is about. */
function factsOf(piece: Piece): (readonly [string, string])[] {
  const { verdict = {}, colours = [], faults = [], lessons = [], tags = [], price, cost } = piece;
  const judged = ASPECT_IDS.flatMap((aspect) =>
    verdict[aspect] ? [`${ASPECTS[aspect].toLowerCase()} ${verdict[aspect]}`] : [],
  );
  const facts: readonly (readonly [string, string | undefined])[] = [
    ['How it came out', judged.join(', ')],
    [
      'Colours',
      colours
        .map(
          ({ name, part, fate }) =>
            `${name}${part === undefined ? '' : ` (part ${part})`} ${FATE_WORDS[fate].toLowerCase()}`,
        )
        .join(', '),
    ],
    ['What went wrong', faults.map((fault) => FAULTS[fault].title).join(', ')],
    ['Next time', lessons.map(({ says }) => says).join(' ')],
    ['Note', piece.note],
    [
      'What became of it',
      [STATUSES[statusOf(piece)], piece.with === undefined ? '' : `with ${piece.with}`]
        .filter(Boolean)
        .join(', '),
    ],
    ['Price', price === undefined ? undefined : money(price)],
    ['What went into it', cost === undefined ? undefined : money(cost)],
    ['Filed under', tags.join(', ')],
  ];
  return facts.flatMap(([name, words]) => (words ? [[name, words] as const] : []));
}
