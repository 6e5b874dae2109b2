import type { Apart } from '@potter/contract';
import { View } from 'react-native';
import { Body } from './type';

/** Names what is in the studio's file but cannot be shown, so that nobody takes it for lost. */
export function SetApart({
  what,
  many,
  apart = [],
}: {
  /** One of them in words: "plan". */
  readonly what: string;
  readonly many: string;
  readonly apart?: readonly Apart[];
}) {
  if (apart.length === 0) return null;
  return (
    <View role="status" className="mb-3 border-l-[6px] border-l-ink bg-raised p-3">
      <Body>
        {apart.length === 1
          ? `One ${what} cannot be shown`
          : `${apart.length} ${many} cannot be shown`}
        : {apart.map(({ name, why }) => `${name} (${why})`).join('; ')}. Nothing of it was changed:
        it is still in the studio’s file.
      </Body>
    </View>
  );
}
