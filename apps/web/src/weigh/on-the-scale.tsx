import { isOver, nextLine, rescued, taken, weighedG, type WeighLine } from '@potter/core/mix';
import type { ToWeigh } from '@potter/core/plan';
import { parseNumber, trim } from '@potter/core/quantity';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { ScrollView, Text, View } from 'react-native';
import { device } from '@/data/device';
import { tellTable } from '@/data/live';
import { TextField } from '@/ui/text-field';
import { Small } from '@/ui/type';
import type { Batches } from './batches';
import { Ingredients } from './ingredients';
import { Large } from './large';
import { Drops, LineHeader } from './line-header';
import { RescuePanel } from './rescue-panel';
import { TableActs } from './table-acts';
import type { ScaleSource } from '@/scale/scale-source';
import { scaleOf } from '@/scale/scales';
import { Spout } from './spout';
import type { Adding, ScaleWay } from '@/scale/ways';
import { type Palette, rescue, take, weighingOf } from './weigh-state';

/** What stood on the practice scale when it was last touched, and for which line: a kitchen scale would still show it. */
interface Held {
  readonly batch: string;
  readonly at: number;
  readonly g: number;
}

interface Props {
  readonly batches: Batches;
  readonly batch: ToWeigh;
  readonly palette: Palette;
  readonly way: ScaleWay;
  readonly adding: Adding;
  readonly keep: (palette: Palette) => void;
  readonly onUndo: () => void;
}

/** One ingredient on the scale: the amount still to go and the scale's reading the largest things there are. */
export function OnTheScale({ batches, batch, palette, way, adding, keep, onUndo }: Props) {
  const weighing = weighingOf(palette, batch);
  const at = nextLine(weighing);
  const line = weighing.lines[at] as WeighLine;
  // What the scale shows before this ingredient, where it adds up.
  const baseG = adding === 'sum' ? weighedG(weighing) : 0;
  const heldKey = `${batches.place}.held`;
  const [scale] = useState<ScaleSource>(() => {
    const held = device.get<Held>(heldKey);
    return scaleOf(way, {
      stepG: batches.stepG,
      seed: batches.seed,
      heldG: held?.batch === batch.id && held.at === at ? held.g : baseG,
    });
  });
  const reading = useSyncExternalStore(scale.subscribe, scale.read);
  const { stepG } = scale;
  const shownG = reading.kind === 'weight' ? reading.g : undefined;
  const g = shownG === undefined ? undefined : Number((shownG - baseG).toFixed(3));
  const steady = reading.kind === 'weight' && reading.steady;
  const over = g !== undefined && isOver(line, g, stepG);
  const there =
    g !== undefined &&
    !over &&
    line.drops === undefined &&
    line.targetG - g <= tolerance(line, stepG);

  const enter = (next: Palette) => {
    scale.enter?.(undefined);
    device.remove(heldKey);
    if (adding === 'tare') scale.tare?.();
    keep(next);
  };
  // Steady and right: it goes on by itself, where no hand has to say so.
  const goesOn = !scale.enter && steady && there && (g ?? 0) > 0;
  useEffect(() => {
    if (!goesOn || g === undefined) return;
    const timer = setTimeout(() => enter(take(palette, batch, g)), 500);
    return () => clearTimeout(timer);
    // Only a change of what stands on the scale begins the wait anew.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [goesOn, g, at]);
  useEffect(() => {
    if (!scale.enter && steady && shownG !== undefined)
      device.set(heldKey, { batch: batch.id, at, g: shownG } satisfies Held);
  }, [scale, steady, shownG, batch.id, at, heldKey]);

  const toGo = line.targetG - (g ?? 0);
  const what = `${batches.title}, ${batch.name}`;
  const adds = batches.nameOf(line.material);
  useEffect(
    () =>
      tellTable({ what, adds, toGoG: toGo, ...(shownG === undefined ? {} : { readsG: shownG }) }),
    [what, adds, toGo, shownG],
  );
  // The other screens are told that the table is left.
  useEffect(() => () => tellTable(undefined), []);
  const saved = g === undefined ? undefined : rescued(taken(weighing, g), stepG);
  return (
    <>
      <ScrollView className="flex-1" contentContainerClassName="gap-2 px-4 pb-3">
        <LineHeader batches={batches} batch={batch} weighing={weighing} at={at} />
        {line.drops !== undefined ? (
          <Drops count={line.drops} />
        ) : (
          <>
            <View role="status" aria-label={`${trim(toGo, 1)} g to go`}>
              <View className="flex-row items-baseline gap-3">
                <Large text={trim(Math.abs(toGo), 1)} />
                <Text className="font-bold text-24 text-ink">
                  {toGo >= 0 ? 'g to go' : 'g too much'}
                </Text>
              </View>
            </View>
            <Text className="font-bold text-24 text-ink" style={{ fontVariant: ['tabular-nums'] }}>
              {shown(reading) ?? `the scale should read ${trim(baseG + line.targetG, 1)} g`}
            </Text>
            {scale.enter ? null : <Small>until it reads {trim(baseG + line.targetG, 1)} g</Small>}
          </>
        )}
        {scale.enter && line.drops === undefined ? (
          <TextField
            live
            label="The scale reads, g"
            keys="decimal"
            shown={shownG === undefined ? '' : trim(shownG, 1)}
            read={(text) => {
              const read = parseNumber(text);
              return read.ok && read.value < 0 ? { ok: false, fault: 'Not below 0 g.' } : read;
            }}
            onChange={scale.enter}
          />
        ) : null}
        {over && steady && saved ? (
          <RescuePanel
            overG={(g ?? 0) - line.targetG}
            rescue={batches.rescues === false ? undefined : saved}
            say={grams}
            surplus={batches.surplus(batch, saved.wholeG, grams)}
            onRescue={() => enter(rescue(palette, batch, g ?? 0, stepG))}
            onLeave={() => enter(take(palette, batch, g ?? 0))}
          />
        ) : null}
        <Ingredients
          weighing={weighing}
          at={at}
          nameOf={batches.nameOf}
          amountOf={(l) => grams(l.actualG ?? l.targetG)}
        />
      </ScrollView>
      <TableActs
        acts={[
          { label: 'Undo', onPress: onUndo },
          scale.tare && { label: 'Tare', onPress: scale.tare },
          {
            label:
              line.drops !== undefined
                ? 'They are in'
                : g === undefined
                  ? 'Take it'
                  : `Take ${trim(g, 1)} g`,
            disabled: line.drops === undefined && (g === undefined || g <= 0),
            onPress: () =>
              enter(take(palette, batch, line.drops === undefined ? (g ?? 0) : line.targetG)),
          },
        ]}
      />
      {scale.spout && line.drops === undefined && !(over && steady) ? (
        <Spout open={scale.spout} />
      ) : null}
    </>
  );
}

/** What the display says; nothing where it is read by the artist. */
function shown(reading: ReturnType<ScaleSource['read']>): string | undefined {
  switch (reading.kind) {
    case 'weight':
      return `reads ${trim(reading.g, 1)} g${reading.steady ? ', steady' : ''}`;
    case 'overload':
      return 'overload: take something off';
    case 'off':
      return 'the scale is off: press tare';
    case 'unread':
      return undefined;
  }
}

const grams = (g: number): string => `${trim(g, 1)} g`;

/** As near as a hand gets: a step of the scale, or half a hundredth of a large amount. */
const tolerance = ({ targetG }: WeighLine, stepG: number): number =>
  Math.max(stepG, targetG * 0.005) + 1e-9;
