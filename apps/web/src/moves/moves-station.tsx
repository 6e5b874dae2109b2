import { edit as edits, techniqueKey, verbScene } from '@potter/core/plan';
import {
  chosenTechnique,
  TECHNIQUES,
  type TechniqueId,
  toldSettings,
} from '@potter/core/technique';
import { type Move, spellsOf } from '@potter/core/verb';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { At, useOpenWhatLedTo } from '@/plan/led';
import { usePlan } from '@/plan/plan-context';
import { StationScreen } from '@/plan/station-screen';
import { SurfaceDrawing } from '@/drawing/surface-drawing';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { FieldInput } from '@/ui/field';
import { clock } from '@/ui/local-time';
import { Body, Small, Strong } from '@/ui/type';
import { SortableRows } from '@/ui/sortable-rows';
import { useKeys } from '@/ui/use-keys';
import { useWide } from '@/ui/use-wide';
import { KeepOwn } from '@/techniques/keep-own';
import { MoveMarks } from '@/drawing/move-marks';
import { BoardActs } from './board-acts';
import { type Drawing, MoveBoard } from './move-board';
import { MovePanel } from './move-panel';
import { MoveRow } from './move-row';
import { SpellRow } from './spell-row';
import { VerbChoice } from './verb-choice';

/** On a wide screen the board stays in sight while the list is gone through. */
const IN_SIGHT = { position: 'sticky' as 'relative', top: 0, zIndex: 1 };

export function MovesStation() {
  const { id, plan, brief, edit } = usePlan();
  const router = useRouter();
  const [chosen, setChosen] = useState<number>();
  useOpenWhatLedTo('/moves', (at) => setChosen(at));
  const [adding, setAdding] = useState(false);
  const [setting, setSetting] = useState(false);
  const [drawing, setDrawing] = useState<Drawing>();
  const wide = useWide();
  const select = (index: number | undefined, on?: Drawing) => {
    setChosen(index);
    setDrawing(on);
  };
  const technique = chosenTechnique(plan);
  const selected = chosen !== undefined && chosen < plan.moves.length ? chosen : undefined;
  const scene = useMemo(() => verbScene(plan), [plan]);
  const [changed, setChanged] = useState<readonly string[]>([]);
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
  const spells = useMemo(() => spellsOf(plan.moves), [plan.moves]);
  const row = (index: number) => {
    const step = brief.run[index];
    return step ? (
      <View key={step.move}>
        <MoveRow
          index={index}
          move={plan.moves[index]}
          step={step}
          chosen={index === selected}
          onPress={() => select(index === selected ? undefined : index)}
        />
        {wide && index === selected ? (
          <At about={`/moves/${index}`}>
            <MovePanel index={index} move={plan.moves[index] as Move} onMoved={setChosen} />
          </At>
        ) : null}
      </View>
    ) : null;
  };
  const total = Math.max(0, ...brief.run.map((s) => s.endS));
  return (
    <StationScreen
      station="moves"
      foot={
        wide || selected === undefined ? null : (
          <At about={`/moves/${selected}`}>
            <MovePanel index={selected} move={plan.moves[selected] as Move} onMoved={setChosen} />
          </At>
        )
      }
    >
      {wide ? (
        <View className="border border-rule bg-surround" style={IN_SIGHT}>
          <MoveBoard selected={selected} height={360} drawing={drawing} onSelect={select} />
        </View>
      ) : (
        <SurfaceDrawing
          surface={plan.surface}
          marks={(view) => (
            <MoveMarks
              moves={plan.moves}
              scene={scene}
              selected={selected}
              surface={plan.surface}
              {...view}
            />
          )}
        />
      )}
      {wide && selected !== undefined && plan.moves[selected] ? (
        <BoardActs
          index={selected}
          move={plan.moves[selected]}
          drawing={drawing}
          onDrawing={setDrawing}
          onSelect={select}
        />
      ) : null}
      <View className="flex-row flex-wrap items-center gap-2">
        <Button label={`${technique.name}: settings`} onPress={() => setSetting(!setting)} />
        <Small className="flex-1 text-right">{clock(total)} in all</Small>
      </View>
      <View className="flex-row flex-wrap items-center gap-2">
        {wide ? null : (
          <Button
            label="Draw"
            name="Draw the moves on the surface"
            onPress={() =>
              router.push(`/plans/${id}/draw${selected === undefined ? '' : `?move=${selected}`}`)
            }
          />
        )}
        <Button label={adding ? 'Done' : '+ Move'} onPress={() => setAdding(!adding)} />
      </View>
      {setting ? (
        <View
          className="gap-3 border-l-4 border-l-ink bg-raised p-3"
          role="group"
          aria-label="Settings of the technique"
        >
          <Pick
            label="Technique"
            value={techniqueKey(plan)}
            options={[
              ...(plan.sequence ? [{ value: techniqueKey(plan), label: plan.sequence.name }] : []),
              ...Object.values(TECHNIQUES).map((t) => ({ value: t.id as string, label: t.name })),
            ]}
            onChange={(next) => {
              if (next === techniqueKey(plan)) return;
              const to = next as TechniqueId;
              setChanged(edits.setTechnique(plan, to).changed);
              edit((p) => edits.setTechnique(p, to).plan);
              setChosen(undefined);
            }}
          />
          <Button label="Choose by picture" onPress={() => router.push(`/plans/${id}/technique`)} />
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
          <View className="gap-1">
            <Choice<'on' | 'none'>
              label="Base coat"
              value={edits.onBase(plan) ? 'on' : 'none'}
              options={[
                { value: 'on', label: 'Under the pour' },
                { value: 'none', label: 'None' },
              ]}
              onChange={(value) => {
                const on = value === 'on';
                setChanged(edits.setBase(plan, on).changed);
                edit((p) => edits.setBase(p, on).plan);
              }}
            />
            <Small>
              On wet base the pour slides and keeps its design up to the edges. Without one it takes
              less paint and does not stand up in the middle, but the edges must be wet.
            </Small>
          </View>
          <View className="flex-row flex-wrap gap-3">
            {Object.entries(technique.settings).map(([name, field]) => (
              <FieldInput
                key={name}
                field={field}
                value={
                  toldSettings(plan)[name] ??
                  technique.defaults[name] ??
                  edits.settingNow(plan, name)
                }
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
          <KeepOwn />
        </View>
      ) : null}
      {adding ? (
        <VerbChoice
          selected={selected}
          onAdded={(at) => {
            setChosen(at);
            setAdding(false);
          }}
        />
      ) : null}
      <View role="list" aria-label="Moves">
        <SortableRows
          ids={spells.map((spell) => plan.moves[spell.from]!.id)}
          onMove={(from, to) => {
            edit((p) => edits.moveSpell(p, from, to));
            setChosen(undefined);
          }}
          row={(at) => {
            const spell = spells[at];
            if (!spell) return null;
            const moves = Array.from({ length: spell.count }, (_, i) => row(spell.from + i));
            return spell.count === 1 ? (
              moves[0]
            ) : (
              <SpellRow
                spell={spell}
                moves={plan.moves.slice(spell.from, spell.from + spell.count)}
                steps={brief.run.slice(spell.from, spell.from + spell.count)}
                holdsChosen={
                  selected !== undefined &&
                  selected >= spell.from &&
                  selected < spell.from + spell.count
                }
              >
                {moves}
              </SpellRow>
            );
          }}
        />
      </View>
    </StationScreen>
  );
}
