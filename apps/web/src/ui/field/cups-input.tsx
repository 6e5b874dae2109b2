import type { Field } from '@potter/core/field';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { Checkable } from '../checkable';
import { Small } from '../type';
import type { Control } from './control';

/** Some of the cups, in the order they were chosen; the last one cannot be taken out. */
export const CupsInput: Control<Extract<Field, { kind: 'cups' }>> = ({
  field: { label },
  value,
  cups,
  onChange,
}) => {
  const chosen = Array.isArray(value) ? (value as string[]) : [];
  const [lastHeld, setLastHeld] = useState(false);
  return (
    <View className="gap-1">
      <Small>{label}</Small>
      <View role="group" aria-label={label} className="flex-row flex-wrap gap-2">
        {cups.map(({ id }, i) => {
          const place = chosen.indexOf(id);
          const on = place >= 0;
          return (
            <Checkable
              key={id}
              role="checkbox"
              checked={on}
              label={`Cup ${i + 1}`}
              onPress={() => {
                const next = on ? chosen.filter((c) => c !== id) : [...chosen, id];
                setLastHeld(next.length === 0);
                if (next.length > 0) onChange(next);
              }}
              className={`min-h-[44px] min-w-[44px] flex-row items-center justify-center border px-3 py-2 ${on ? 'border-ink bg-ink' : 'border-outline active:bg-pressed'}`}
            >
              <Text className={`font-bold text-16 ${on ? 'text-surround' : 'text-ink'}`}>
                {on && chosen.length > 1 ? `Cup ${i + 1}, ${ordinal(place + 1)}` : `Cup ${i + 1}`}
              </Text>
            </Checkable>
          );
        })}
      </View>
      {lastHeld && chosen.length === 1 ? (
        <View role="status">
          <Small>A move pours one cup at least. Choose another first, or take the move out.</Small>
        </View>
      ) : null}
    </View>
  );
};

const ordinal = (n: number): string => ['1st', '2nd', '3rd'][n - 1] ?? `${n}th`;
