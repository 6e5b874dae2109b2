import { type Piece, withLesson, withoutLesson } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { chosenTechnique } from '@potter/core/technique';
import { useState } from 'react';
import { View } from 'react-native';
import { newId } from '@/data/new-id';
import { Act, Button } from '@/ui/button';
import { Pick } from '@/ui/pick';
import { TextField } from '@/ui/text-field';
import { Body, Small } from '@/ui/type';
import type { Change } from './change';

type Lesson = NonNullable<Piece['lessons']>[number];

export const lessonWords = ({ lessons = [] }: Piece): string =>
  lessons.length > 0
    ? lessons.map(({ says }) => says).join(' · ')
    : 'What you note here comes back on the next plan with the paint, the pair or the way of pouring.';

const NO_PAINT = 'any';

/** What to do otherwise: it comes back as a remark on plans with its paint, its pair, or its technique. */
export function Lessons({
  piece,
  change,
  plan,
}: {
  readonly piece: Piece;
  readonly change: Change;
  readonly plan: Plan | undefined;
}) {
  const [says, setSays] = useState('');
  const [paint, setPaint] = useState(NO_PAINT);
  const [beside, setBeside] = useState(NO_PAINT);
  const [way, setWay] = useState('any');
  const paints = plan?.paints ?? [];
  const chosen = plan && chosenTechnique(plan);
  const nameOf = (id: string) => paints.find((p) => p.id === id)?.name ?? id;
  const options = (none: string, but?: string) => [
    { value: NO_PAINT, label: none },
    ...paints.filter(({ id }) => id !== but).map(({ id, name }) => ({ value: id, label: name })),
  ];
  const keep = () => {
    const about = [paint, beside].filter((id) => id !== NO_PAINT);
    const lesson: Lesson = {
      id: newId().slice(0, 16),
      says: says.trim(),
      ...(about.length > 0 ? { paints: about } : {}),
      ...(chosen && way === chosen.id ? { technique: chosen.id } : {}),
    };
    change((p) => withLesson(p, lesson));
    setSays('');
  };
  return (
    <View className="gap-3">
      <View role="list" aria-label="Notes for next time">
        {(piece.lessons ?? []).map((lesson) => (
          <View
            role="listitem"
            key={lesson.id}
            className="min-h-[44px] flex-row items-center gap-3 border-b border-rule py-1"
          >
            <View className="min-w-0 flex-1">
              <Body>{lesson.says}</Body>
              <Small>{aboutWords(lesson, nameOf, chosen)}</Small>
            </View>
            <Act
              label="Take out"
              name={`Take out: ${lesson.says}`}
              onPress={() => change((p) => withoutLesson(p, lesson.id))}
            />
          </View>
        ))}
      </View>
      <TextField
        live
        label="What to do otherwise"
        lines={2}
        shown={says}
        read={(text) => ({ ok: true, value: text.slice(0, 400) })}
        onChange={setSays}
      />
      {plan ? (
        <View className="flex-row flex-wrap gap-3">
          <View className="min-w-[150px] flex-1">
            <Pick
              label="With which paint"
              value={paint}
              options={options('Any')}
              onChange={(to) => {
                setPaint(to);
                if (to === NO_PAINT || to === beside) setBeside(NO_PAINT);
              }}
            />
          </View>
          {paint === NO_PAINT ? null : (
            <View className="min-w-[150px] flex-1">
              <Pick
                label="Lying on which"
                value={beside}
                options={options('Whatever', paint)}
                onChange={setBeside}
              />
            </View>
          )}
          {chosen ? (
            <View className="min-w-[150px] flex-1">
              <Pick
                label="Poured how"
                value={way}
                options={[
                  { value: 'any', label: 'Any way' },
                  { value: chosen.id, label: chosen.name },
                ]}
                onChange={setWay}
              />
            </View>
          ) : null}
        </View>
      ) : null}
      <Button
        className="self-start"
        label="Note it for next time"
        disabled={says.trim() === ''}
        onPress={keep}
      />
    </View>
  );
}

function aboutWords(
  { paints = [], technique }: Lesson,
  nameOf: (id: string) => string,
  chosen: { readonly id: string; readonly name: string } | undefined,
): string {
  const words = [
    paints.map(nameOf).join(' on '),
    technique === undefined ? '' : technique === chosen?.id ? chosen.name : technique,
  ].filter(Boolean);
  return words.length > 0 ? `Comes back with ${words.join(', ')}.` : 'Comes back on every plan.';
}
