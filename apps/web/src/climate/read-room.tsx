import { trim } from '@potter/core/quantity';
import { useState, useSyncExternalStore } from 'react';
import { View } from 'react-native';
import { hasBluetooth, useOverAir } from '@/data/over-air';
import { Act, Button } from '@/ui/button';
import { Body, Figure, Small } from '@/ui/type';
import { toF, useUnits } from '@/ui/units';
import { airThermometer, bluetoothThermometer } from './bluetooth-thermometer';
import type { ClimateSource, RoomReading } from './climate-source';
import { simulatedThermometer } from './simulated-thermometer';

interface Props {
  readonly onTake: (reading: RoomReading) => void;
}

/** Reads how warm and damp the room is off an instrument, instead of typing it. */
export function ReadRoom({ onTake }: Props) {
  const [from, setFrom] = useState<ClimateSource>();
  const [air, setAir] = useState(false);
  if (from)
    return (
      <Reads
        source={from}
        practice={!air}
        onTake={(reading) => {
          onTake(reading);
          setFrom(undefined);
        }}
        onLeave={() => setFrom(undefined)}
      />
    );
  return (
    <View className="flex-row flex-wrap items-center gap-x-5">
      {hasBluetooth() ? (
        <Act
          label="Read a thermometer over the air"
          onPress={() => {
            setAir(true);
            setFrom(bluetoothThermometer);
            void airThermometer.find();
          }}
        />
      ) : null}
      <Act
        label="Read the practice thermometer"
        onPress={() => {
          setAir(false);
          setFrom(simulatedThermometer());
        }}
      />
    </View>
  );
}

function Reads({
  source,
  practice,
  onTake,
  onLeave,
}: Props & {
  readonly source: ClimateSource;
  readonly practice: boolean;
  readonly onLeave: () => void;
}) {
  const reading = useSyncExternalStore(source.subscribe, source.read);
  const found = useOverAir(airThermometer);
  const fahrenheit = useUnits().temperature === 'f';
  const waits =
    found.kind === 'refused' || found.kind === 'lost' ? found.why : 'Waiting for what it reads.';
  return (
    <View
      role="group"
      aria-label="Thermometer"
      className="gap-2 border-y border-rule py-3"
      aria-live="polite"
    >
      {reading ? (
        <View className="flex-row flex-wrap gap-x-6">
          <Figure
            figure={trim(fahrenheit ? toF(reading.tempC) : reading.tempC, 1)}
            unit={fahrenheit ? '°F' : '°C'}
          />
          <Figure figure={trim(reading.rh, 0)} unit="% damp" />
        </View>
      ) : (
        <Body>{waits}</Body>
      )}
      {practice ? (
        <Small>A practice thermometer in an invented autumn room, by the clock.</Small>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        {reading ? <Button label="Take this" onPress={() => onTake(reading)} /> : null}
        <Button label="Leave it" onPress={onLeave} />
      </View>
    </View>
  );
}
