import {
  eyeMark,
  fillsOf,
  gramsAtLevel,
  isOver,
  nextLine,
  rescued,
  taken,
  type WeighLine,
} from '@potter/core/mix';
import type { ToWeigh } from '@potter/core/plan';
import { parseNumber, trim } from '@potter/core/quantity';
import { levelAtMm } from '@potter/core/vessel';
import { useState } from 'react';
import { ScrollView, Text, View } from 'react-native';
import { Chip } from '@/ui/chip';
import { TableButton } from '@/ui/table-button';
import { TextField } from '@/ui/text-field';
import { Body, Small, Title } from '@/ui/type';
import type { Batches } from './batches';
import { CupMarks } from './cup-marks';
import { Ingredients } from './ingredients';
import { BigAct, Large } from './large';
import { Drops } from './on-the-scale';
import { RescuePanel } from './rescue-panel';
import type { Ways } from './ways';
import { type Palette, rescue, take, weighingOf } from './weigh-state';

interface Props {
  readonly batches: Batches;
  readonly batch: ToWeigh;
  readonly palette: Palette;
  readonly ways: Ways;
  readonly keep: (palette: Palette) => void;
  readonly onUndo: () => void;
}

/** By eye nobody is nearer than this on the wall of a cup, mm. */
const EYE_MM = 1.5;

/** One ingredient by the marks of the cup: how high it stands once it is in, in parts and in mL beside. */
export function ByEye({ batches, batch, palette, ways: { vessel }, keep, onUndo }: Props) {
  const weighing = weighingOf(palette, batch);
  const at = nextLine(weighing);
  const line = weighing.lines[at] as WeighLine;
  const fills = fillsOf(
    vessel,
    batch.steps.reduce((sum, s) => sum + (s.drops === undefined ? s.ml : 0), 0),
  );
  const mark = eyeMark(weighing, at, batch.steps, batches.paints, vessel, fills);
  const [standsMm, setStands] = useState<number>();
  const g =
    standsMm === undefined
      ? undefined
      : Number(gramsAtLevel(weighing, at, batch.steps, vessel, fills, standsMm).toFixed(1));
  // A step as coarse as the eye: what a mark's thickness holds at that height.
  const perMm = mark.levelMm > 0 ? line.targetG / Math.max(1, levelSpan()) : 0;
  function levelSpan(): number {
    const below = eyeMark(weighing, at - 1, batch.steps, batches.paints, vessel, fills);
    return mark.levelMm - (at > 0 ? below.levelMm : 0);
  }
  const stepG = Math.max(batches.stepG, Math.round(perMm * EYE_MM));
  const over = g !== undefined && isOver(line, g, stepG);
  const saved = g === undefined ? undefined : rescued(taken(weighing, g), batches.stepG);
  const chip = batches.chipOf(batch);
  const enter = (next: Palette) => {
    setStands(undefined);
    keep(next);
  };
  const tooHigh = levelAtMm(vessel, 0) + mark.levelMm > vessel.heightMm;
  return (
    <>
      <ScrollView className="flex-1" contentContainerClassName="gap-2 px-4 pb-3">
        <View className="flex-row items-center gap-3">
          {chip ? (
            <Chip size={40} overWhite={chip.hexOverWhite} overBlack={chip.hexOverBlack} />
          ) : null}
          <Small className="flex-1 !text-16">
            {batch.name}
            {fills > 1 ? `, the same in ${fills} cups` : ''}
          </Small>
          <Small className="!text-16">
            {at + 1} of {weighing.lines.length}
          </Small>
        </View>
        <Title className="!text-34 !leading-[38px]">
          {line.more ? 'More ' : ''}
          {batches.nameOf(line.material)}
        </Title>
        {line.drops !== undefined ? (
          <Drops count={line.drops} />
        ) : (
          <View className="flex-row gap-4">
            <View className="flex-1">
              <View role="status" aria-label={`to ${trim(mark.levelMm, 0)} mm in the cup`}>
                <View className="flex-row items-baseline gap-3">
                  <Large text={trim(mark.levelMm, 0)} />
                  <Text className="font-bold text-24 text-ink">mm up</Text>
                </View>
              </View>
              <Text className="font-bold text-24 text-ink">
                {mark.parts === undefined ? '' : `${trim(mark.parts, 2)} parts, `}
                {trim(mark.ml, 0)} mL more
              </Text>
              {mark.justCovers ? <Body>That is about where it just covers the paint.</Body> : null}
              {tooHigh ? (
                <Body className="font-bold">
                  It would stand over the brim: take a larger cup, or go on in a second one.
                </Body>
              ) : null}
            </View>
            <CupMarks vessel={vessel} fromMm={mark.levelMm - levelSpan()} toMm={mark.levelMm} />
          </View>
        )}
        {line.drops === undefined ? (
          <TextField
            label="Went past it? It stands at, mm"
            keys="decimal"
            shown={standsMm === undefined ? '' : trim(standsMm, 0)}
            read={(text) => {
              const read = parseNumber(text);
              return read.ok && (read.value < 0 || read.value > vessel.heightMm)
                ? { ok: false, fault: `Between 0 and ${trim(vessel.heightMm, 0)} mm, the brim.` }
                : read;
            }}
            onChange={setStands}
          />
        ) : null}
        {over && saved ? (
          <RescuePanel
            overG={(g ?? 0) - line.targetG}
            rescue={saved}
            surplus={batches.surplus(batch, saved.wholeG)}
            onRescue={() => enter(rescue(palette, batch, g ?? 0, batches.stepG))}
            onLeave={() => enter(take(palette, batch, g ?? 0))}
          />
        ) : null}
        <Ingredients weighing={weighing} at={at} nameOf={batches.nameOf} />
      </ScrollView>
      <View className="flex-row border-t border-ink">
        <TableButton label="Undo" onPress={onUndo} />
        {standsMm !== undefined && !over ? (
          <TableButton label="Leave it so" onPress={() => enter(take(palette, batch, g ?? 0))} />
        ) : null}
      </View>
      {over ? null : (
        <BigAct
          label={line.drops === undefined ? 'It is at the mark' : 'They are in'}
          says={nextSays(weighing.lines.length - at - 1)}
          onPress={() => enter(take(palette, batch, line.targetG))}
        />
      )}
    </>
  );
}

const nextSays = (left: number): string =>
  left === 0 ? 'the last of this cup' : left === 1 ? 'then one more' : `then ${left} more`;
