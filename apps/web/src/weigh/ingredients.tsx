import type { Weighing, WeighLine } from '@potter/core/mix';
import { View } from 'react-native';
import { Body } from '@/ui/type';

/** All that goes into the cup, what is in already in quiet ink, what is next in bold. */
export const Ingredients = ({
  weighing,
  at,
  nameOf,
  amountOf,
}: {
  readonly weighing: Weighing;
  readonly at: number;
  readonly nameOf: (id: string) => string;
  /** What of it goes in, or went in, in what it is measured in. */
  readonly amountOf: (line: WeighLine) => string;
}) => (
  <View className="mt-2 border-t border-rule">
    {weighing.lines.map((l, i) => (
      <View key={i} className="flex-row justify-between border-b border-rule py-1">
        <Body className={i === at ? 'font-bold' : l.actualG === undefined ? '' : 'text-quiet'}>
          {l.more ? 'more ' : ''}
          {nameOf(l.material)}
        </Body>
        <Body>
          {l.drops === undefined
            ? `${amountOf(l)}${l.actualG === undefined ? '' : ', in'}`
            : `${l.drops} drops`}
        </Body>
      </View>
    ))}
  </View>
);
