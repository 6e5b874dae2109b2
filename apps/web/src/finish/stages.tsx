import { type Stage, stagesOf } from '@potter/core/schedule';
import { edit as edits, USUAL_DOTS } from '@potter/core/plan';
import { idsOf } from '@potter/core/registry';
import { DOT_PATTERNS } from '@potter/core/technique';
import { trim } from '@potter/core/quantity';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { PickPaint } from '@/paints/pick-paint';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { dayWords } from '@/ui/day-words';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Section } from '@/ui/section';
import { Ticked } from '@/ui/ticked';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { YesNo } from '@/ui/yes-no';

/** What is done to the piece between one drying and the next: each is run from Pour on its own day. */
export function Stages() {
  const { plan, brief, edit, id } = usePlan();
  const router = useRouter();
  const stages = stagesOf(plan);
  const dates = new Map(
    brief.schedule.flatMap((e) => (e.act === 'stage' ? [[e.stage, e] as const] : [])),
  );
  const grams = ({ moves }: Stage) =>
    brief.run
      .filter(({ move }) => moves.some((own) => own.id === move))
      .flatMap(({ takes }) => takes)
      .reduce((sum, { g }) => sum + g, 0);
  return (
    <>
      <Heading>Stages</Heading>
      <View role="list" aria-label="Stages">
        {stages.map((stage, nth) => (
          <View
            role="listitem"
            key={stage.moves[0]!.id}
            className="min-h-[52px] flex-row items-center gap-3 border-b border-rule py-2"
          >
            <View className="min-w-0 flex-1">
              <Strong>
                {nth + 1} {stage.title}
              </Strong>
              <Small>
                {stage.moves.length === 1 ? '1 move' : `${stage.moves.length} moves`},{' '}
                {trim(grams(stage), 0)} g
                {dates.has(nth) ? `, from ${dayWords(dates.get(nth)!.from)}` : ''}
              </Small>
            </View>
            {nth > 0 && stage.moves.every(({ own }) => own) ? (
              <Button
                label="Take out"
                name={`Take out stage ${nth + 1}, ${stage.title}`}
                onPress={() =>
                  edit((p) =>
                    edits.removeStage(
                      p,
                      stage.moves.map((m) => m.id),
                    ),
                  )
                }
              />
            ) : null}
          </View>
        ))}
      </View>
      <Button
        className="self-start"
        label="To its ready check"
        onPress={() => router.push(`/plans/${id}/pour`)}
      />
    </>
  );
}

/** Dots over the coat once it has cured, as one more stage. */
export function AddDots() {
  const { plan, edit } = usePlan();
  const [ask, setAsk] = useState(USUAL_DOTS);
  const [mixes, setMixes] = useState<readonly string[]>([]);
  const change = (to: Partial<typeof USUAL_DOTS>) => setAsk({ ...ask, ...to });
  const pattern = DOT_PATTERNS[ask.pattern];
  return (
    <Section
      title="Add dots"
      says="Set with a tool on the coat once it has cured, and coated again."
    >
      <Choice
        label="Pattern"
        value={ask.pattern}
        options={idsOf(DOT_PATTERNS).map((of) => ({ value: of, label: DOT_PATTERNS[of].name }))}
        onChange={(to) => change({ pattern: to })}
      />
      <Body>{pattern.says}</Body>
      <View className="gap-2">
        <Small>In these colours, in turn</Small>
        <View className="flex-row flex-wrap gap-2">
          {plan.mixes.map((mix) => (
            <Ticked
              key={mix.id}
              label={mix.name}
              on={mixes.includes(mix.id)}
              onPress={() =>
                setMixes(
                  mixes.includes(mix.id)
                    ? mixes.filter((one) => one !== mix.id)
                    : [...mixes, mix.id],
                )
              }
            />
          ))}
        </View>
        <PickPaint
          label="Another paint, as it comes"
          empty="None"
          paint={undefined}
          also={plan.paints}
          onChoose={(paint) => {
            const next = edits.addDotColour(plan, paint);
            edit(() => next);
            setMixes([...mixes, next.mixes.at(-1)!.id]);
          }}
        />
      </View>
      <View className="flex-row gap-3">
        <QuantityField
          className="flex-1"
          label="Largest dot"
          dimension="length"
          unit="mm"
          value={ask.dotMm}
          min={0.5}
          max={60}
          onChange={(dotMm) => change({ dotMm })}
        />
        <NumberField
          className="flex-1"
          label={ask.pattern === 'lines' ? 'In a row' : 'Round'}
          value={ask.round}
          min={2}
          max={120}
          decimals={0}
          onChange={(round) => change({ round })}
        />
        <NumberField
          className="flex-1"
          label={ask.pattern === 'lines' ? 'Rows' : 'Rings'}
          value={ask.rows}
          min={1}
          max={20}
          decimals={0}
          onChange={(rows) => change({ rows })}
        />
      </View>
      <YesNo
        label="Coated once more"
        value={ask.coated}
        onChange={(coated) => change({ coated })}
      />
      <Button
        primary
        className="self-start"
        label="Set them on the coat"
        disabled={mixes.length === 0}
        onPress={() => edit((p) => edits.addDots(p, { ...ask, mixes }))}
      />
      {mixes.length === 0 ? <Small>Tick a colour first.</Small> : null}
    </Section>
  );
}
