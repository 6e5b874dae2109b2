import { parseNumber, trim } from '@potter/core/quantity';
import { useState, useSyncExternalStore } from 'react';
import { Text, View } from 'react-native';
import { useOverAir } from '@/data/over-air';
import { airScale } from '@/scale/bluetooth-scale';
import { scaleOf } from '@/scale/scales';
import { useWays } from '@/scale/ways';
import { TextField } from '@/ui/text-field';
import { Body, Small } from '@/ui/type';

/** A scale counts the bare piece in: it stands on it, and is not tared. */
const FRESH = { heldG: 0, seed: 1, stepG: 1 };

/** What a scale under the piece should read, and what it does: over the air where one is there, else typed in. */
export function UntilItReads({ g }: { readonly g: number }) {
  const [{ way }] = useWays();
  const { kind } = useOverAir(airScale);
  const live = way === 'air' && kind === 'there';
  return (
    <View className="mt-2 gap-1" role="region" aria-label="Weight">
      <Reads key={String(live)} g={g} air={live} />
    </View>
  );
}

function Reads({ g, air }: { readonly g: number; readonly air: boolean }) {
  const [scale] = useState(() => scaleOf(air ? 'air' : 'typed', FRESH));
  const reading = useSyncExternalStore(scale.subscribe, scale.read);
  const reads = reading.kind === 'weight' ? reading.g : undefined;
  const over = reads === undefined ? undefined : reads - g;
  return (
    <>
      <View>
        <Small>Until it reads</Small>
        <Text
          className="font-display text-34 leading-[38px] text-ink"
          style={{ fontVariant: ['tabular-nums'] }}
        >
          {trim(g, 0)} g
        </Text>
        <Body>
          {over === undefined
            ? 'The bare piece and what stays on it.'
            : over > scale.stepG
              ? `It reads ${trim(reads!, 0)}: ${trim(over, 0)} g more may run off.`
              : `It reads ${trim(reads!, 0)}: enough has run off.`}
        </Body>
      </View>
      {scale.enter ? (
        <TextField
          live
          label="The scale reads, g"
          keys="decimal"
          shown={reads === undefined ? '' : trim(reads, 1)}
          read={(text) => {
            const read = parseNumber(text);
            return read.ok && read.value < 0 ? { ok: false, fault: 'Not below 0 g.' } : read;
          }}
          onChange={scale.enter}
        />
      ) : null}
    </>
  );
}
