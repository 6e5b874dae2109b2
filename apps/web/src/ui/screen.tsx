import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { Places } from './places';
import { Title } from './type';
import { useWide } from './use-wide';

interface Props {
  readonly title: string;
  /** At the right of the title. */
  readonly acts?: ReactNode;
  readonly children: ReactNode;
  /** Kept in sight under the scrolling part. */
  readonly foot?: ReactNode;
}

/** A place of the studio: its title, what belongs to it, and the bar or rail. */
export function Screen({ title, acts, children, foot }: Props) {
  const wide = useWide();
  return (
    <View className={`flex-1 bg-surround ${wide ? 'flex-row' : ''}`}>
      {wide ? <Places /> : null}
      <View role="main" className="flex-1">
        <ScrollView
          className="flex-1"
          contentContainerClassName={`px-4 pb-6 pt-4 ${wide ? 'w-full px-8' : ''}`}
        >
          <View className="mb-3 min-h-[44px] flex-row items-center justify-between gap-3">
            <Title className="flex-1 !text-34 !leading-[38px]">{title}</Title>
            {acts}
          </View>
          {children}
        </ScrollView>
        {foot}
      </View>
      {wide ? null : <Places />}
    </View>
  );
}
