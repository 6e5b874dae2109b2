import type { Body, OpacityClass, Paint } from '@potter/core/paint';
import { useState } from 'react';
import { View } from 'react-native';
import { newId } from '@/data/new-id';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Choice } from '@/ui/choice';
import { TextField } from '@/ui/text-field';
import { Strong } from '@/ui/type';
import { ColourField } from './colour-field';
import { ColourOfPicture } from './colour-of-picture';
import { paintChip } from './paint-chip';
import { BODIES, OPACITIES } from './paint-words';
import { usualBody } from './usual-body';

interface Props {
  readonly name: string;
  readonly onMade: (paint: Paint) => void;
  readonly onLeave: () => void;
}

/** A paint no list knows: its colour out of a picture or by eye, its name, how it covers. */
export function MakePaint({ name: asked, onMade, onLeave }: Props) {
  const [way, setWay] = useState<'picture' | 'eye'>('picture');
  const [name, setName] = useState(asked);
  const [hex, setHex] = useState<string>();
  const [opacity, setOpacity] = useState<OpacityClass>('semi-opaque');
  const [body, setBody] = useState<Body>(usualBody.get);
  const paint: Paint = {
    id: `own-${newId().slice(0, 12)}`,
    name: name.trim() || 'New paint',
    hex: hex ?? '#808080',
    opacity,
    body,
    finish: 'satin',
  };
  const chip = paintChip(paint);
  return (
    <View
      role="group"
      aria-label="A paint of your own"
      className="gap-3 border-l-4 border-l-ink bg-raised p-3"
    >
      <View className="flex-row items-center gap-3">
        {hex ? <Chip size={64} overWhite={chip.overWhite} overBlack={chip.overBlack} /> : null}
        <TextField
          className="flex-1"
          live
          label="Its name"
          shown={name}
          read={(text) => ({ ok: true, value: text.slice(0, 80) })}
          onChange={setName}
        />
      </View>
      <Choice
        label="Its colour"
        value={way}
        options={[
          { value: 'picture', label: 'From a picture' },
          { value: 'eye', label: 'By eye' },
        ]}
        onChange={setWay}
      />
      {way === 'picture' ? (
        <ColourOfPicture onColour={setHex} />
      ) : (
        <ColourField label="When dry" value={paint.hex} onChange={setHex} />
      )}
      <Choice label="It covers" value={opacity} options={OPACITIES} onChange={setOpacity} />
      <Choice label="Body" value={body} options={BODIES} onChange={setBody} />
      {hex ? null : <Strong>Show its colour first.</Strong>}
      <View className="flex-row gap-2">
        <Button
          primary
          label="Put it on the shelf"
          disabled={hex === undefined}
          onPress={() => onMade(paint)}
        />
        <Button label="Leave it" onPress={onLeave} />
      </View>
    </View>
  );
}
