import { weighedG } from '@potter/core/mix';
import { trim } from '@potter/core/quantity';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import { type ReactNode, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { device } from '@/data/device';
import { useWakeLock } from '@/run/wake-lock';
import { Button, IconButton } from '@/ui/button';
import { Body, Small, Strong, Title } from '@/ui/type';
import type { Batches } from './batches';
import { useOverAir } from '@/data/over-air';
import { airScale } from '@/scale/bluetooth-scale';
import { FindScale } from '@/scale/find-scale';
import { ByEye } from './by-eye';
import { NextCup } from './next-cup';
import { OnTheScale } from './on-the-scale';
import { useWays } from '@/scale/ways';
import { type Palette, START, undo, weighingOf } from './weigh-state';

interface Props {
  readonly batches: Batches;
  readonly onLeave: () => void;
  readonly onStrip?: () => void;
  /** What may be done once all is weighed, and a sentence on what has become of it. */
  readonly done: ReactNode;
  readonly doneSays: string;
  readonly doneTitle?: string;
}

/** One cup after another, one ingredient after another; where it stands is kept on the device after every step. */
export function WeighAlong({
  batches,
  onLeave,
  onStrip,
  done,
  doneSays,
  doneTitle = 'All weighed',
}: Props) {
  const { list, place } = batches;
  const [palette, setPalette] = useState<Palette>(() => device.get<Palette>(place) ?? START);
  const [ways, setWays] = useWays();
  const { kind } = useOverAir(airScale);
  // A scale that is not there, or not any more, is typed.
  const way = ways.way === 'air' && kind !== 'there' ? 'typed' : ways.way;
  useWakeLock(true);
  const keep = (next: Palette) => {
    device.set(place, next);
    setPalette(next);
    const whole = list[next.at - 1];
    if (next.at > palette.at && whole) batches.onMade(whole, weighingOf(next, whole));
  };
  const batch = list[palette.at];
  const back = () => keep(undo(palette, list));
  return (
    <View role="main" className="flex-1 bg-surround pb-[34px]">
      <View className="h-[64px] flex-row items-center gap-1 pl-1 pr-3">
        <IconButton icon={ArrowLeft} label="Leave the weighing, it is kept" onPress={onLeave} />
        <Small className="flex-1 !text-16" lines={1}>
          {batches.title}
        </Small>
        <Strong>{batch ? `${palette.at + 1} of ${list.length}` : doneTitle.toLowerCase()}</Strong>
      </View>
      {batch && palette.waiting ? (
        <NextCup
          batch={batch}
          ways={ways}
          vessel={batches.vesselOf?.(batch)}
          onWays={setWays}
          onGo={() => keep({ ...palette, waiting: false })}
          onUndo={palette.at > 0 ? back : undefined}
          onStrip={onStrip}
        />
      ) : null}
      {batch && !palette.waiting && ways.way === 'air' && kind !== 'there' ? (
        <View role="alert" className="border-l-[6px] border-l-ink bg-raised px-4 py-2">
          <FindScale />
        </View>
      ) : null}
      {batch && !palette.waiting ? (
        way === 'eye' ? (
          <ByEye key={batch.id} ways={ways} {...{ batches, batch, palette, keep }} onUndo={back} />
        ) : (
          <OnTheScale
            key={`${batch.id} ${way}`}
            way={way}
            adding={ways.adding}
            {...{ batches, batch, palette, keep }}
            onUndo={back}
          />
        )
      ) : null}
      {batch ? null : (
        <ScrollView contentContainerClassName="gap-4 p-4">
          <Title className="!text-34 !leading-[38px]">{doneTitle}</Title>
          <Body>{doneSays}</Body>
          {list.map((b) => (
            <View
              key={`${b.kind} ${b.id}`}
              className="flex-row items-baseline justify-between border-b border-rule py-2"
            >
              <Body className="flex-1">{b.name}</Body>
              <Strong>{trim(weighedG(weighingOf(palette, b)), 1)} g</Strong>
            </View>
          ))}
          <View className="flex-row flex-wrap gap-2">
            {done}
            <Button label="Back to the last one" onPress={back} />
            <Button label="From the beginning" onPress={() => keep(START)} />
          </View>
        </ScrollView>
      )}
    </View>
  );
}
