import { edit as edits, verbScene } from '@potter/core/plan';
import { TECHNIQUES, techniqueOf, type TechniqueId } from '@potter/core/technique';
import { type Move, VERBS, type VerbId } from '@potter/core/verb';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { StationScreen } from '@/plan/station-screen';
import { SurfaceDrawing } from '@/surface/surface-drawing';
import { Button } from '@/ui/button';
import { CareMark } from '@/ui/care-mark';
import { Choice } from '@/ui/choice';
import { FieldInput } from '@/ui/field';
import { clock } from '@/ui/local-time';
import { Body, Figure, Small, Strong } from '@/ui/type';
import { SortableRows } from '@/ui/sortable-rows';
import { Mass } from '@/ui/units';
import { useKeys } from '@/ui/use-keys';
import { MoveMarks } from './move-marks';
import { MovePanel } from './move-panel';

export function MovesStation() {
  const { plan, brief, edit } = usePlan();
  const [chosen, setChosen] = useState<number>();
  const [adding, setAdding] = useState(false);
  const [setting, setSetting] = useState(false);
  const technique = techniqueOf(plan.technique.id);
  const selected = chosen !== undefined && chosen < plan.moves.length ? chosen : undefined;
  const scene = useMemo(() => verbScene(plan), [plan]);
  const [changed, setChanged] = useState<readonly string[]>([]);
  const select = (index: number | undefined) => setChosen(index);
  const shift = (by: number) => {
    if (selected === undefined) return;
    edit((p) => edits.moveMove(p, selected, selected + by));
    setChosen(Math.min(Math.max(selected + by, 0), plan.moves.length - 1));
  };
  useKeys({
    ArrowUp: () => setChosen(Math.max((selected ?? 1) - 1, 0)),
    ArrowDown: () =>
      setChosen(selected === undefined ? 0 : Math.min(selected + 1, plan.moves.length - 1)),
    'Alt+ArrowUp': () => shift(-1),
    'Alt+ArrowDown': () => shift(1),
    Delete: () => selected !== undefined && edit((p) => edits.removeMove(p, selected)),
  });
  const total = Math.max(0, ...brief.run.map((s) => s.endS));
  return (
    <StationScreen
      station="moves"
      foot={
        selected === undefined ? null : (
          <MovePanel index={selected} move={plan.moves[selected] as Move} onMoved={select} />
        )
      }
    >
      <SurfaceDrawing
        surface={plan.surface}
        marks={(place) => (
          <MoveMarks
            moves={plan.moves}
            scene={scene}
            selected={selected}
            surface={plan.surface}
            {...place}
          />
        )}
      />
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Button
          label={`${TECHNIQUES[plan.technique.id].name}: settings`}
          onPress={() => setSetting(!setting)}
        />
        <Small>{clock(total)} in all</Small>
        <Button label={adding ? 'Done' : '+ Move'} onPress={() => setAdding(!adding)} />
      </View>
      {setting ? (
        <View
          className="gap-3 border-l-4 border-l-ink bg-raised p-3"
          role="group"
          aria-label="Settings of the technique"
        >
          <Choice<TechniqueId>
            label="Technique"
            value={plan.technique.id}
            options={Object.values(TECHNIQUES).map(({ id, name }) => ({ value: id, label: name }))}
            onChange={(id) => {
              setChanged(edits.setTechnique(plan, id).changed);
              edit((p) => edits.setTechnique(p, id).plan);
              setChosen(undefined);
            }}
          />
          <Body>
            {technique.says} What you change here rewrites the moves you have not touched.
          </Body>
          {changed.length > 0 ? (
            <View role="status" className="gap-1">
              {changed.map((says) => (
                <Strong key={says}>{says}</Strong>
              ))}
            </View>
          ) : null}
          <View className="flex-row flex-wrap gap-3">
            {Object.entries(technique.settings).map(([name, field]) => (
              <FieldInput
                key={name}
                field={field}
                value={plan.technique.settings[name] ?? technique.defaults[name]}
                mixes={plan.mixes}
                cups={plan.cups}
                size={scene}
                onChange={(value, tag) =>
                  value === undefined
                    ? undefined
                    : edit(
                        (p) => edits.setTechniqueSettings(p, { [name]: value }),
                        tag && `technique ${tag}`,
                      )
                }
              />
            ))}
          </View>
        </View>
      ) : null}
      {adding ? (
        <Choice
          label={
            selected === undefined ? 'Add at the end of the pour' : `Add after move ${selected + 1}`
          }
          value=""
          options={Object.values(VERBS).map((v) => ({ value: v.id as string, label: v.title }))}
          onChange={(verb) => {
            const at = selected === undefined ? edits.placeForMove(plan) : selected + 1;
            edit((p) => edits.addMove(p, verb as VerbId, at));
            setChosen(at);
            setAdding(false);
          }}
        />
      ) : null}
      <View role="list" aria-label="Moves">
        <SortableRows
          ids={brief.run.map((s) => s.move)}
          onMove={(from, to) => {
            edit((p) => edits.moveMove(p, from, to));
            setChosen(to);
          }}
          row={(index) => {
            const step = brief.run[index];
            if (!step) return null;
            const move = plan.moves[index];
            const isChosen = index === selected;
            return (
              <Pressable
                role="button"
                aria-pressed={isChosen}
                aria-label={`${index + 1} ${step.title}`}
                onPress={() => select(isChosen ? undefined : index)}
                className={`min-h-[60px] flex-row items-center gap-3 border-b border-b-rule border-l-4 px-2 py-2 ${isChosen ? 'border-l-ink bg-raised' : 'border-l-transparent active:bg-pressed'}`}
              >
                <Figure className="w-[26px]" figure={String(index + 1)} />
                <View className="min-w-0 flex-1">
                  <View className="flex-row items-center gap-2">
                    {step.care.length > 0 ? <CareMark /> : null}
                    <Strong>{step.title}</Strong>
                    {move?.own ? <Small>your own</Small> : null}
                  </View>
                  <Small lines={2}>
                    {step.says} {step.note}
                  </Small>
                </View>
                <View className="items-end">
                  <Strong>{step.endS > step.startS ? clock(step.endS - step.startS) : ''}</Strong>
                  {step.takes.map((take, i) => (
                    <Mass key={i} g={take.g} size="text-16" />
                  ))}
                </View>
              </Pressable>
            );
          }}
        />
      </View>
    </StationScreen>
  );
}
