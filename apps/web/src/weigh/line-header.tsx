import type { Weighing } from '@potter/core/mix';
import type { ToWeigh } from '@potter/core/plan';
import { Text, View } from 'react-native';
import { Chip } from '@/ui/chip';
import { Body, Small, Title } from '@/ui/type';
import type { Batches } from './batches';
import { Large } from './large';

/** Which cup, which line of it, and how it goes in. */
export function LineHeader({
  batches,
  batch,
  weighing,
  at,
  also = '',
}: {
  readonly batches: Batches;
  readonly batch: ToWeigh;
  readonly weighing: Weighing;
  readonly at: number;
  /** Beside the batch's name. */
  readonly also?: string;
}) {
  const line = weighing.lines[at];
  const chip = batches.chipOf(batch, at);
  const says = batches.lineSays?.(batch, at);
  return (
    <>
      <View className="flex-row items-center gap-3">
        {chip ? (
          <Chip size={40} overWhite={chip.hexOverWhite} overBlack={chip.hexOverBlack} />
        ) : null}
        <Small className="flex-1 !text-16">
          {batch.name}
          {also}
        </Small>
        <Small className="!text-16">
          {at + 1} of {weighing.lines.length}
        </Small>
      </View>
      <Title className="!text-34 !leading-[38px]">
        {line?.more ? 'More ' : ''}
        {line ? batches.nameOf(line.material) : ''}
      </Title>
      {says ? <Body className="!text-20">{says}</Body> : null}
    </>
  );
}

/** Oil is counted, by whoever measures how. */
export const Drops = ({ count }: { readonly count: number }) => (
  <View className="flex-row items-baseline gap-3">
    <Large text={String(count)} />
    <Text className="font-bold text-24 text-ink">{count === 1 ? 'drop, last' : 'drops, last'}</Text>
  </View>
);
