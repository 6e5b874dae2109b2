import { View } from 'react-native';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Failed } from '@/ui/state';
import { Body, Small } from '@/ui/type';
import { hasCamera } from './phone-camera';
import type { Which } from './use-watch';

/** Seconds from one picture to the next. */
export const EVERY = { '30': 30, '60': 60, '120': 120 } as const;
export type Every = keyof typeof EVERY;

/** How often, and by which camera. */
export function Choosing({
  every,
  onEvery,
  fault,
  onChoose,
}: {
  readonly every: Every;
  readonly onEvery: (every: Every) => void;
  readonly fault: string | undefined;
  readonly onChoose: (which: Which) => void;
}) {
  return (
    <View className="gap-4">
      <Body>
        Stand the phone over the piece so that all of it is in sight, with some table round it, and
        leave both alone. It measures by itself how cells grow and where the paint creeps.
      </Body>
      <Choice<Every>
        label="A picture every"
        value={every}
        options={[
          { value: '30', label: '30 s' },
          { value: '60', label: '1 min' },
          { value: '120', label: '2 min' },
        ]}
        onChange={onEvery}
      />
      {fault === undefined ? null : <Failed what="The camera was not opened." why={fault} />}
      <View className="flex-row flex-wrap gap-2">
        {hasCamera() ? (
          <Button primary label="Open the camera" onPress={() => onChoose('phone')} />
        ) : null}
        <Button label="Practise" onPress={() => onChoose('practice')} />
      </View>
      <Small>
        {hasCamera()
          ? ''
          : 'The browser gives its camera to pages over https only: open the studio by its home address. '}
        Practising, a camera looks down on this plan’s preview, and a minute takes 5 seconds; none
        of its pictures is kept.
      </Small>
    </View>
  );
}
