import { cardOf, type Mix, withCard } from '@potter/core/mix';
import type { MixBrief } from '@potter/core/plan';
import { opacityCards } from '@potter/core/format';
import type { Paint } from '@potter/core/paint';
import { useState } from 'react';
import { View } from 'react-native';
import { MeasuredOpacity } from '@/shelf/measured-opacity';
import { opacityWords } from '@/shelf/opacity-words';
import { Printed } from '@/template/printed';
import { JudgeByEye } from '@/trials/judge-by-eye';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { today } from '@/ui/local-time';
import { Section } from '@/ui/section';
import { Body, Small } from '@/ui/type';

interface Props {
  readonly mix: Mix;
  readonly told: MixBrief;
  readonly onChange: (mix: Mix) => void;
}

/** A card painted with the mix itself: judged, it beats what is reckoned of its paints. */
export function MixCard({ mix, told, onChange }: Props) {
  const [way, setWay] = useState<'eye' | 'reading'>('eye');
  const [printing, setPrinting] = useState(false);
  const card = cardOf(mix);
  // A mix judged is looked at as a paint of its colour would be.
  const as: Paint = {
    id: mix.id,
    name: mix.name,
    hex: told.masstoneHex,
    opacity: card?.opacity ?? told.opacity.mix.class,
    body: 'ready',
    finish: 'satin',
  };
  const judge = (opacity: Paint['opacity']) => onChange(withCard(mix, today(), opacity));
  return (
    <Section
      title="A card of it"
      says="Painted with the mix itself, two coats about 100 µm wet each, and dried."
    >
      {card ? (
        <View className="gap-2">
          <Body>
            Judged on {card.on}: {opacityWords(card.opacity)}. All its films are reckoned from that,
            as long as its paints, medium and water stay as they are.
          </Body>
          <Button
            className="self-start"
            label="Reckon it from its paints"
            onPress={() => {
              const { card: _, ...without } = mix;
              onChange(without);
            }}
          />
        </View>
      ) : mix.card ? (
        <Small>A card was judged on {mix.card.on}, of another mixing than this.</Small>
      ) : null}
      <Choice
        label="Judged"
        value={way}
        options={[
          { value: 'eye', label: 'By eye' },
          { value: 'reading', label: 'By a reading' },
        ]}
        onChange={setWay}
      />
      {way === 'eye' ? (
        <JudgeByEye
          paint={as}
          judged={card && typeof card.opacity === 'string' ? card.opacity : undefined}
          onJudge={judge}
        />
      ) : (
        <MeasuredOpacity key={mix.id} paint={as} onChange={judge} act="Keep the reading" />
      )}
      <Button
        className="self-start"
        label={printing ? 'Leave the printing' : 'Print its card'}
        onPress={() => setPrinting(!printing)}
      />
      {printing ? (
        <Printed
          drawings={opacityCards('Opacity card', [mix.name])}
          says="The opacity card"
          name={`${mix.name} opacity card`}
        />
      ) : null}
    </Section>
  );
}
