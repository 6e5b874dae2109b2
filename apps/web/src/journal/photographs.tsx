import {
  MOST_PHOTOGRAPHS,
  type Photograph as Taken,
  photographsLeft,
  photographsOf,
  type Piece,
  STATE_WORDS,
  STATES,
  statusOf,
  withoutPhotograph,
  withPhotograph,
} from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { BestCuts } from '@/reading/best-cuts';
import { pickFile, pickFiles } from '@/data/files';
import { keepPicture, PHOTOGRAPH_PX } from '@/data/pictures';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Section } from '@/ui/section';
import { Failed, Waiting } from '@/ui/state';
import { Small } from '@/ui/type';
import { BesidePlan } from './beside-plan';
import { LookedAt } from './looked-at';
import type { Change } from './change';
import { ReadAgainst } from './read-against';
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
  const router = useRouter();
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
        left={photographsLeft(piece)}
        state={STATES[STATES.indexOf(taken.at(-1)?.state ?? 'wet')] ?? 'wet'}
        onTaken={(photograph) => {
          setChosen(photograph.picture);
          change((p) => withPhotograph(p, photograph));
        }}
      />
      {plan && statusOf(piece) === 'drying' ? (
        <Button
          className="self-start"
          label="Watch it rest"
          onPress={() => router.push(`/journal/${piece.id}/watch`)}
        />
      ) : null}
      {taken.length > 1 || (plan && taken.length > 0) ? (
        <Section title="Side by side" says="One picture slid over another, or over the preview.">
          <BesidePlan taken={taken} plan={plan} />
        </Section>
      ) : null}
      {plan && taken.length > 0 ? (
        <Section
          title="What the picture says"
          says="How much of each colour came out, cells, blends and mud, against the preview."
        >
          <ReadAgainst taken={taken} plan={plan} change={change} />
        </Section>
      ) : null}
      {plan && shown?.corners ? (
        <Section
          title="Cut out of it"
          says="The best rectangles, circles or ovals of a size, and how to hang each."
        >
          <BestCuts key={shown.picture} taken={shown} plan={plan} />
        </Section>
      ) : null}
    </View>
  );
}

function AddPhotograph({
  state: usual,
  left,
  onTaken,
}: {
  readonly state: Taken['state'];
  /** So many more may be taken. */
  readonly left: number;
  readonly onTaken: (photograph: Taken) => void;
}) {
  const [state, setState] = useState(usual);
  const [busy, setBusy] = useState<string>();
  const [fault, setFault] = useState<string>();
  const keep = async (files: readonly File[]) => {
    setFault(files.length > left ? FULL(files.length - left) : undefined);
    for (const [i, file] of files.slice(0, left).entries()) {
      const nth = files.length > 1 ? ` ${i + 1} of ${files.length}` : '';
      setBusy(`Keeping the picture${nth}`);
      try {
        const picture = await keepPicture(file, PHOTOGRAPH_PX);
        onTaken({ picture, at: takenAt(file) + i, state });
      } catch (error) {
        // The others are kept all the same; the file that was not is named.
        const why = error instanceof Error ? error.message : String(error);
        setFault(files.length > 1 ? `${file.name}: ${why}` : why);
      }
    }
    setBusy(undefined);
  };
  const full = left <= 0;
  const take = async () => {
    const file = await pickFile('image/*', 'Picture of this piece', { camera: true });
    if (file) await keep([file]);
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
        <Button
          primary
          label="Take a picture"
          disabled={busy !== undefined || full}
          onPress={() => void take()}
        />
        <Button
          label="Choose some"
          disabled={busy !== undefined || full}
          onPress={() => void pickFiles('image/*', 'Pictures of this piece').then(keep)}
        />
      </View>
      {busy ? <Waiting what={busy} /> : null}
      {fault ? <Failed what="A picture was not kept." why={fault} /> : null}
      {full ? (
        <Small>{`It has ${MOST_PHOTOGRAPHS} pictures, as many as one piece may have. Take one out first.`}</Small>
      ) : null}
      <Small>Where and with what it was taken is left out of what is kept.</Small>
    </View>
  );
}

/** Said where more were chosen than it may have. */
const FULL = (tooMany: number): string =>
  `A piece may have ${MOST_PHOTOGRAPHS} pictures: the last ${tooMany === 1 ? 'one chosen was' : `${tooMany} chosen were`} left out.`;

/** The first day a file's own time is believed. */
const FIRST_DAY = Date.UTC(2000, 0, 1);

/** When a picture was taken, as far as its file tells: pictures of a piece at rest are minutes apart, however late they are put in. */
const takenAt = ({ lastModified }: File): number =>
  lastModified >= FIRST_DAY && lastModified <= Date.now() ? lastModified : Date.now();
