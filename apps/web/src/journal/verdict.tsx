import {
  ASPECT_IDS,
  ASPECTS,
  type ColourFate,
  type Fate,
  FATE_WORDS,
  FATES,
  fateIn,
  type Grade,
  GRADES,
  type Piece,
  withFate,
  withGrade,
} from '@potter/core/piece';
import { brief, type Plan } from '@potter/core/plan';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Chip } from '@/ui/chip';
import { Pick } from '@/ui/pick';
import { Heading, Strong } from '@/ui/type';
import type { Change } from './change';
import { PickOne } from './pick-one';

const GRADE_WORDS: Readonly<Record<Grade, string>> = { good: 'Good', fair: 'Fair', poor: 'Poor' };
const grades = GRADES.map((value) => ({ value, label: GRADE_WORDS[value] }));
const fates = FATES.map((value) => ({ value, label: FATE_WORDS[value] }));

/** A flower has so many petals at most, a piece so many sectors. */
const PARTS = 12;

/** The verdict in a line. */
export function verdictWords({ verdict = {}, colours = [] }: Piece): string {
  const said = ASPECT_IDS.flatMap((aspect) =>
    verdict[aspect]
      ? [`${ASPECTS[aspect].toLowerCase()} ${GRADE_WORDS[verdict[aspect]].toLowerCase()}`]
      : [],
  );
  const lost = colours.filter(({ fate }) => fate === 'lost').map(({ name }) => name);
  const words = [...said, ...(lost.length > 0 ? [`lost: ${lost.join(', ')}`] : [])];
  return words.length > 0
    ? words.join(', ')
    : 'Cells, bands, cover, and what came of each colour: a tap each.';
}

/** How a piece came out, a tap an aspect and a tap a colour; a second tap takes it back. */
export function Verdict({
  piece,
  change,
  plan,
}: {
  readonly piece: Piece;
  readonly change: Change;
  readonly plan: Plan | undefined;
}) {
  const computed = useMemo(() => plan && brief(plan), [plan]);
  const [part, setPart] = useState(0);
  const colours = (plan?.mixes ?? []).filter(({ id }) =>
    computed?.mixes.some((mix) => mix.id === id && mix.g > 0),
  );
  return (
    <View className="gap-3">
      <View>
        {ASPECT_IDS.map((aspect) => (
          <PickOne
            key={aspect}
            label={ASPECTS[aspect]}
            value={piece.verdict?.[aspect]}
            options={grades}
            onPick={(grade: Grade) => change((p) => withGrade(p, aspect, grade))}
          />
        ))}
      </View>
      {colours.length > 0 ? (
        <View>
          <Heading>Colours</Heading>
          {colours.map(({ id, name }) => {
            const made = computed?.mixes.find((mix) => mix.id === id);
            const colour: Omit<ColourFate, 'fate'> = {
              mix: id,
              name: name.slice(0, 80),
              ...(made ? { hex: made.masstoneHex } : {}),
              ...(part > 0 ? { part } : {}),
            };
            return (
              <PickOne
                key={id}
                label={name}
                before={
                  made ? (
                    <Chip overWhite={made.hexOverWhite} overBlack={made.hexOverBlack} size={28} />
                  ) : null
                }
                value={fateIn(piece, colour)}
                options={fates}
                onPick={(fate: Fate) => change((p) => withFate(p, colour, fate))}
              />
            );
          })}
          <View className="pt-2">
            <Pick
              label="Judge one part by itself: a petal, a sector"
              value={String(part)}
              options={[
                { value: '0', label: 'The whole piece' },
                ...Array.from({ length: PARTS }, (_, i) => ({
                  value: String(i + 1),
                  label: `Part ${i + 1}${partSaid(piece, i + 1)}`,
                })),
              ]}
              onChange={(to) => setPart(Number(to))}
            />
          </View>
        </View>
      ) : (
        <Strong>Its colours are not known: it has no plan.</Strong>
      )}
    </View>
  );
}

/** What was said of a part already. */
function partSaid({ colours = [] }: Piece, part: number): string {
  const said = colours.filter((colour) => colour.part === part).length;
  return said > 0 ? `, ${said} said` : '';
}
