import type { Mix } from '@potter/core/mix';
import { type ChipFilm, chipPage, edit as edits, type Reads } from '@potter/core/plan';
import { STOCK_MEDIUMS } from '@potter/core/material';
import { trim } from '@potter/core/quantity';
import { notesOf } from '@potter/core/stock';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { ThreeAnswers } from '@/mixes/three-answers';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Pick } from '@/ui/pick';
import { Screen } from '@/ui/screen';
import { usePaints } from '@/data/shelf';
import { useMat } from '@/ui/mat';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { Bands } from '@/ui/verdict';
import { ClassChart } from './class-chart';
import { MixCard } from './mix-card';

const NONE = '';

const READS: Readonly<Record<Reads, string>> = {
  hides: 'hides it',
  shows: 'it shows through',
  'new-colour': 'the two make a third colour',
};

/** One mix as films: coats and as it is poured, over white, black and another mix, and what medium does to its class. */
export function ChipScreen() {
  const { id, plan, brief, edit } = usePlan();
  const shelf = usePaints();
  const router = useRouter();
  const params = useLocalSearchParams<{ mix?: string }>();
  const [chosen, setMix] = useState(params.mix);
  const [overId, setOver] = useState(NONE);
  // A plan has a mix at least: the schema says so.
  const mix = (plan.mixes.find((m) => m.id === chosen) ?? plan.mixes[0]) as Mix;
  const others = plan.mixes.filter((m) => m.id !== mix.id);
  const over = others.find((m) => m.id === overId);
  const told = brief.mixes.find((m) => m.id === mix.id);
  const page = chipPage(plan, brief, mix, over);
  const mediums = [...(plan.mediums ?? []), ...STOCK_MEDIUMS];
  const medium = mediums.find((m) => m.id === page.medium)?.name ?? page.medium;
  const overHex = brief.mixes.find((m) => m.id === over?.id)?.masstoneHex;
  return (
    <Screen
      title={mix.name}
      acts={<Button label="Back" onPress={() => router.replace(`/plans/${id}/colours`)} />}
    >
      <View className="gap-6 wide:flex-row wide:items-start wide:gap-10">
        <View className="gap-4 wide:flex-1">
          <View className="gap-3 wide:flex-row">
            <View className="wide:flex-1">
              <Pick
                label="Mix"
                value={mix.id}
                options={plan.mixes.map((m) => ({ value: m.id, label: m.name }))}
                onChange={setMix}
              />
            </View>
            <View className="wide:flex-1">
              <Pick
                label="Over another mix, thick and dry"
                value={over?.id ?? NONE}
                options={[
                  { value: NONE, label: 'none, white and black only' },
                  ...others.map((m) => ({ value: m.id, label: m.name })),
                ]}
                onChange={setOver}
              />
            </View>
          </View>
          {page.notes.map((note) => (
            <Body key={note}>{note}</Body>
          ))}
          {shelf
            .filter((item) => mix.paints.some(({ paint }) => paint === item.paint.id))
            .map((item) => ({ name: item.paint.name, notes: notesOf(item) }))
            .filter(({ notes }) => notes.length > 0)
            .map(({ name, notes }) => (
              <Body key={name}>
                You noted of {name}: {notes.join(', ')}.
              </Body>
            ))}
          <View role="list" aria-label="Films">
            {page.films.map((film) => (
              <Film
                key={film.coats ?? 'poured'}
                film={film}
                {...(overHex && over ? { over: { hex: overHex, name: over.name } } : {})}
              />
            ))}
          </View>
          <Small>
            Coats of the mix as it is, 100 µm wet each. The class is what the eye sees of a black
            bar under them; the per cent is the contrast ratio. Reckoned from the look of each paint
            in daylight: how opaque it is and how it mixes, not its shimmer, glow or chalk.
          </Small>
        </View>
        <View className="gap-4 wide:flex-1">
          {told ? <ThreeAnswers mix={told} paints={mix.paints.length} /> : null}
          {told ? (
            <MixCard
              key={mix.id}
              mix={mix}
              told={told}
              onChange={(to) => edit((p) => edits.setMix(p, plan.mixes.indexOf(mix), () => to))}
            />
          ) : null}
          <Heading>Class with parts of medium</Heading>
          <ClassChart thinned={page.thinned} />
          <Small>
            {medium} to one part of paint, two coats. Each line across is where a class begins: two
            parts cost about one, blacks and deep greens more.
          </Small>
        </View>
      </View>
    </Screen>
  );
}

function Film({
  film,
  over,
}: {
  readonly film: ChipFilm;
  readonly over?: { readonly hex: string; readonly name: string };
}) {
  const mat = useMat();
  const { coats, opacity } = film;
  const what =
    coats === undefined
      ? `As poured, ${trim(opacity.filmUm / 1000, 2)} mm`
      : coats === 1
        ? 'One coat'
        : `${coats} coats`;
  return (
    <View role="listitem" className="flex-row items-center gap-3 border-b border-rule py-2">
      <View className="flex-row items-center gap-2 p-2" style={{ backgroundColor: mat }}>
        <Chip
          size={72}
          overWhite={film.hexOverWhite}
          overBlack={film.hexOverBlack}
          label={`${what}, over white and black`}
        />
        {over && film.hexOverMix ? (
          <Bands hexes={[film.hexOverMix, over.hex]} width={72} height={72} />
        ) : null}
      </View>
      <View className="min-w-0 flex-1">
        <Strong>{what}</Strong>
        <Small className="!text-ink">
          {opacity.class}, {trim(opacity.contrastRatio * 100, 0)} %
        </Small>
        {over && film.readsOverMix ? (
          <Small className="!text-ink" lines={2}>
            Over {over.name}: {READS[film.readsOverMix]}
          </Small>
        ) : null}
      </View>
    </View>
  );
}
