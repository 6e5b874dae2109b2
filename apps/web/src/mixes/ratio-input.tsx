import { parseRatio, type SaidRatio, saidWords, turnedRatio } from '@potter/core/mix';
import { useState } from 'react';
import { View } from 'react-native';
import { Act } from '@/ui/button';
import { TextField } from '@/ui/text-field';
import { Body } from '@/ui/type';

interface Props {
  readonly label: string;
  readonly shown: string;
  readonly onSaid: (said: SaidRatio) => void;
  readonly className?: string;
}

/** A ratio typed as people say it; which is which is said back, and what was not said may be turned. */
export function RatioInput({ label, shown, onSaid, className = '' }: Props) {
  const [said, setSaid] = useState<SaidRatio>();
  const take = (next: SaidRatio) => {
    setSaid(next);
    onSaid(next);
  };
  // An undo, or another hand, may have changed it since: nothing is said of it any more.
  const now = parseRatio(shown);
  const fresh = said && now.ok && now.value.mediumParts === said.mediumParts ? said : undefined;
  return (
    <View className={`gap-1 ${className}`}>
      <TextField
        label={label}
        shown={shown}
        read={parseRatio}
        onChange={take}
        hint="Say it as you would: 1 : 2, one to four, 70/30, 40 + 20, paint 1 : medium 2."
      />
      {fresh?.turnable ? (
        <View className="flex-row flex-wrap items-center gap-x-3" role="status">
          <Body>Read medium first: {saidWords(fresh)}.</Body>
          <Act label="No, paint first" onPress={() => take(turnedRatio(fresh))} />
        </View>
      ) : null}
    </View>
  );
}
