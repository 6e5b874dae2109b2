import {
  eyeMark,
  fillsOf,
  gramsAtLevel,
  isOver,
  mlPerG,
  nextLine,
  rescued,
  taken,
  type WeighLine,
} from '@potter/core/mix';
import type { ToWeigh } from '@potter/core/plan';
import { parseNumber, trim } from '@potter/core/quantity';
import { useState } from 'react';
import { ScrollView, Text, View } from 'react-native';
import { TextField } from '@/ui/text-field';
import { Body } from '@/ui/type';
import type { Batches } from './batches';
import { CupMarks } from './cup-marks';
import { Ingredients } from './ingredients';
import { BigAct, Large } from './large';
import { Drops, LineHeader } from './line-header';
import { RescuePanel } from './rescue-panel';
import { TableActs } from './table-acts';
import type { Ways } from '@/scale/ways';
import { type Palette, rescue, take, weighingOf } from './weigh-state';

interface Props {
  readonly batches: Batches;
  readonly batch: ToWeigh;
  readonly palette: Palette;
  readonly ways: Ways;
  readonly keep: (palette: Palette) => void;
  readonly onUndo: () => void;
}

/** One ingredient by the marks of the cup: how high it stands once it is in, in parts and in mL beside. */
export function ByEye({ batches, batch, palette, ways, keep, onUndo }: Props) {
  const weighing = weighingOf(palette, batch);
  const at = nextLine(weighing);
  const line = weighing.lines[at] as WeighLine;
  const wholeMl = batch.steps.reduce((sum, s) => sum + (s.drops === undefined ? s.ml : 0), 0);
  const own = batches.vesselOf?.(batch);
  const vessel = own ?? ways.vessel;
  const fills = own ? 1 : fillsOf(vessel, wholeMl);
  const mark = eyeMark(weighing, at, batch.steps, batches.paints, vessel, fills);
  const [standsMm, setStands] = useState<number>();
  const g =
    standsMm === undefined
      ? undefined
      : Number(gramsAtLevel(weighing, at, batch.steps, vessel, fills, standsMm).toFixed(1));
  const stepG = Math.max(batches.stepG, mark.stepG);
  const over = g !== undefined && isOver(line, g, stepG);
  const saved = g === undefined ? undefined : rescued(taken(weighing, g), batches.stepG);
  const perG = mlPerG(batch.steps);
  const wholeG = batch.steps.reduce((sum, s) => sum + (s.drops === undefined ? s.g : 0), 0);
  const say = (g: number) => `${trim((g * wholeMl) / wholeG, 0)} mL`;
  const enter = (next: Palette) => {
    setStands(undefined);
    keep(next);
  };
  const tooHigh = mark.levelMm > vessel.heightMm;
  return (
    <>
      <ScrollView className="flex-1" contentContainerClassName="gap-2 px-4 pb-3">
        <LineHeader
          batches={batches}
          batch={batch}
          weighing={weighing}
          at={at}
          also={fills > 1 ? `, the same in ${fills} cups` : ''}
        />
        {line.drops !== undefined ? (
          <Drops count={line.drops} />
        ) : line.powder ? (
          <>
            <Large text={trim(line.targetG / batches.scoopG(line.material) / fills, 1)} />
            <Text className="font-bold text-24 text-ink">
              {fills > 1 ? 'level scoops in each' : 'level scoops'}
            </Text>
            <Text className="font-body text-20 text-ink">{trim(line.targetG, 1)} g in all</Text>
          </>
        ) : (
          <View className="flex-row gap-4">
            <View className="flex-1">
              <View role="status" aria-label={`to ${trim(mark.levelMm, 0)} mm in the cup`}>
                <Large text={trim(mark.levelMm, 0)} />
              </View>
              <Text className="font-bold text-24 text-ink">mm up the cup</Text>
              <Text className="font-body text-20 text-ink">
                {trim(mark.ml, 0)} mL{mark.parts === undefined ? '' : `, ${partsWords(mark.parts)}`}
              </Text>
              {mark.justCovers ? <Body>That is about where it just covers the paint.</Body> : null}
              {tooHigh ? (
                <Body className="font-bold">
                  It would stand over the brim: take a larger cup, or go on in a second one.
                </Body>
              ) : null}
            </View>
            <CupMarks vessel={vessel} fromMm={mark.fromMm} toMm={mark.levelMm} />
          </View>
        )}
        {line.drops === undefined && !line.powder ? (
          <TextField
            live
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
            rescue={batches.rescues === false ? undefined : saved}
            say={say}
            surplus={batches.surplus(batch, saved.wholeG, say)}
            onRescue={() => enter(rescue(palette, batch, g ?? 0, batches.stepG))}
            onLeave={() => enter(take(palette, batch, g ?? 0))}
          />
        ) : null}
        <Ingredients
          weighing={weighing}
          at={at}
          nameOf={batches.nameOf}
          amountOf={(l) =>
            l.powder
              ? `${trim(l.actualG ?? l.targetG, 1)} g`
              : `${trim((l.actualG ?? l.targetG) * (perG.get(l.material) ?? 1), 0)} mL`
          }
        />
      </ScrollView>
      <TableActs
        acts={[
          { label: 'Undo', onPress: onUndo },
          standsMm !== undefined &&
            !over && {
              label: 'Leave it so',
              onPress: () => enter(take(palette, batch, g ?? 0)),
            },
        ]}
      />
      {over ? null : (
        <BigAct
          label={line.drops === undefined && !line.powder ? 'It is at the mark' : 'They are in'}
          says={nextSays(weighing.lines.length - at - 1)}
          onPress={() => enter(take(palette, batch, line.targetG))}
        />
      )}
    </>
  );
}

const partsWords = (parts: number): string => {
  const said = trim(parts, 1);
  return said === '1' ? '1 part' : `${said} parts`;
};

const nextSays = (left: number): string =>
  left === 0 ? 'the last of this cup' : left === 1 ? 'then one more' : `then ${left} more`;
