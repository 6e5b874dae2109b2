import {
  type Photograph as Taken,
  photographsOf,
  type Piece,
  STATE_WORDS,
  STATES,
  withoutPhotograph,
  withPhotograph,
} from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { useState } from 'react';
import { View } from 'react-native';
import { pickFile } from '@/data/files';
import { keepPicture, PHOTOGRAPH_PX } from '@/data/pictures';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Section } from '@/ui/section';
import { Failed, Waiting } from '@/ui/state';
import { Small } from '@/ui/type';
import { BesidePlan } from './beside-plan';
import { LookedAt } from './looked-at';
import type { Change } from './piece-screen';
import { Thumbs } from './thumbs';

/** The pictures of a piece: wet, dry and coated, with what is pointed at; two of them slid over one another; taking more. */
export function Photographs({
  piece,
  change,
  plan,
}: {
  readonly piece: Piece;
  readonly change: Change;
  readonly plan: Plan | undefined;
}) {
  const taken = photographsOf(piece);
  const [chosen, setChosen] = useState<string>();
  const shown = taken.find((p) => p.picture === chosen) ?? taken.at(-1);
  return (
    <View className="gap-3">
      {shown ? (
        <LookedAt
          key={shown.picture}
          photograph={shown}
          plan={plan}
          change={change}
          onOut={() => {
            setChosen(undefined);
            change((p) => withoutPhotograph(p, shown.picture));
          }}
        />
      ) : null}
      {taken.length > 1 ? (
        <Thumbs taken={taken} chosen={shown?.picture} onChoose={setChosen} />
      ) : null}
      <AddPhotograph
        state={STATES[STATES.indexOf(taken.at(-1)?.state ?? 'wet')] ?? 'wet'}
        onTaken={(photograph) => {
          setChosen(photograph.picture);
          change((p) => withPhotograph(p, photograph));
        }}
      />
      {taken.length > 1 || (plan && taken.length > 0) ? (
        <Section title="Side by side" says="One picture slid over another, or over the preview.">
          <BesidePlan taken={taken} plan={plan} />
        </Section>
      ) : null}
    </View>
  );
}

function AddPhotograph({
  state: usual,
  onTaken,
}: {
  readonly state: Taken['state'];
  readonly onTaken: (photograph: Taken) => void;
}) {
  const [state, setState] = useState(usual);
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const take = async (camera: boolean) => {
    const file = await pickFile('image/*', 'Picture of this piece', { camera });
    if (!file) return;
    setBusy(true);
    setFault(undefined);
    try {
      const picture = await keepPicture(file, PHOTOGRAPH_PX);
      onTaken({ picture, at: Date.now(), state });
    } catch (error) {
      setFault(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  };
  return (
    <View className="gap-2">
      <Choice
        label="A picture of it"
        value={state}
        options={STATES.map((value) => ({ value, label: STATE_WORDS[value] }))}
        onChange={setState}
      />
      <View className="flex-row flex-wrap gap-2">
        <Button primary label="Take a picture" disabled={busy} onPress={() => void take(true)} />
        <Button label="Choose one" disabled={busy} onPress={() => void take(false)} />
      </View>
      {busy ? <Waiting what="Keeping the picture" /> : null}
      {fault ? <Failed what="The picture was not kept." why={fault} /> : null}
      <Small>Where and with what it was taken is left out of what is kept.</Small>
    </View>
  );
}
