import { type Dominant, relativesAmong } from '@potter/core/optics';
import { trim } from '@potter/core/quantity';
import { useState } from 'react';
import { View } from 'react-native';
import { pickFile } from '@/data/files';
import { usePaints } from '@/data/shelf';
import { useAside } from '@/data/use-aside';
import { usePlan } from '@/plan/plan-context';
import type { PictureAsk } from '@/workers/picture-messages';
import { ColourField } from '@/paints/colour-field';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { Failed } from '@/ui/state';
import { Body } from '@/ui/type';
import { ShelfMatches } from './shelf-matches';

const ANY = '';

/** A palette that grows from one colour, or out of a picture. */
export function PaletteFrom() {
  const [way, setWay] = useState<'colour' | 'picture'>('colour');
  return (
    <View className="gap-3">
      <Choice
        label="Begin with"
        value={way}
        options={[
          { value: 'colour', label: 'One colour' },
          { value: 'picture', label: 'A picture' },
        ]}
        onChange={setWay}
      />
      {way === 'colour' ? <FromColour /> : <FromPicture />}
    </View>
  );
}

/** A darker relative, a contrast, a light and a neutral for one colour, from the shelf. */
function FromColour() {
  const { plan } = usePlan();
  const shelf = usePaints().map((item) => item.paint);
  const paints = [...plan.paints, ...shelf.filter((p) => !plan.paints.some((q) => q.id === p.id))];
  const [chosen, setChosen] = useState<string>();
  const [own, setOwn] = useState('#2f8f9a');
  const paint = chosen === ANY ? undefined : (paints.find((p) => p.id === chosen) ?? paints[0]);
  const hex = paint?.hex ?? own;
  return (
    <View className="gap-3">
      <Pick
        label="The colour"
        value={paint?.id ?? ANY}
        options={[
          { value: ANY, label: 'any other colour' },
          ...paints.map((p) => ({ value: p.id, label: p.name })),
        ]}
        onChange={setChosen}
      />
      {paint ? null : <ColourField label="Its digits" value={own} onChange={setOwn} />}
      <ShelfMatches
        label="Companions"
        wanted={relativesAmong(hex, shelf).map(({ relative, targetHex, of }) => ({
          name: relative.name,
          hex: targetHex,
          says: relative.says,
          ...(of ? { paint: of } : { none: true as const }),
        }))}
      />
    </View>
  );
}

const COUNTS = ['3', '4', '5', '6', '8'];

/** What a picture is made of, held against the shelf. */
function FromPicture() {
  const [picture, setPicture] = useState<File>();
  const [count, setCount] = useState('5');
  const [found, setFound] = useState<readonly Dominant[]>();
  const looker = useAside<PictureAsk, Dominant[]>(
    () => new Worker(new URL('../workers/picture.worker.ts', import.meta.url)),
  );
  async function look(file: File, colours: string) {
    const seen = await looker.ask({ picture: file, count: Number(colours) });
    if (!seen) return;
    setFound(seen);
    setPicture(file);
  }
  const choose = async () => {
    const file = await pickFile('image/*', 'Picture');
    if (file) await look(file, count);
  };
  return (
    <View className="gap-3">
      <Choice
        label="Colours"
        value={count}
        options={COUNTS.map((n) => ({ value: n, label: n }))}
        onChange={(n) => {
          setCount(n);
          if (picture) void look(picture, n);
        }}
      />
      <Button
        className="self-start"
        label={looker.busy ? 'Looking at the picture…' : 'Choose a picture'}
        disabled={looker.busy}
        onPress={() => void choose()}
      />
      {looker.failed ? <Failed what="No colours were taken from it." why={looker.failed} /> : null}
      {found && found.length > 0 ? (
        <ShelfMatches
          label="Colours of the picture"
          wanted={found.map(({ hex, share }) => ({
            name: `${trim(share * 100, 0)} % of it`,
            hex,
          }))}
        />
      ) : found ? (
        <Body>There is nothing to be seen in this picture.</Body>
      ) : null}
    </View>
  );
}
