import { View } from 'react-native';
import { Button } from '@/ui/button';
import { Body, Small } from '@/ui/type';
import { useOverAir } from '@/data/over-air';
import { airScale } from './bluetooth-scale';

/** Looks for a scale over the air, and says which is there. Until one is, the artist types. */
export function FindScale() {
  const scale = useOverAir(airScale);
  return (
    <View className="gap-2">
      {scale.kind === 'there' ? <Body>{scale.name} is there.</Body> : null}
      {scale.kind === 'refused' || scale.kind === 'lost' ? (
        <Body>{scale.why} Till it is found, type what it reads.</Body>
      ) : null}
      {scale.kind === 'there' ? null : (
        <Button
          className="self-start"
          label={scale.kind === 'asking' ? 'Looking' : 'Find the scale'}
          disabled={scale.kind === 'asking'}
          onPress={() => void airScale.find()}
        />
      )}
      <Small>
        Scales that speak the standard profile count in steps of 5 g: for a bucket or a large cup.
      </Small>
    </View>
  );
}
