import type { Mix } from '@potter/core/mix';
import { edit as edits, type Plan } from '@potter/core/plan';
import { useQuery } from '@tanstack/react-query';
import Trash from 'lucide-react-native/icons/trash';
import { useState } from 'react';
import { Image, View } from 'react-native';
import { pickFile } from '@/data/files';
import { keepPicture, pictureUrl } from '@/data/pictures';
import { usePlan } from '@/plan/plan-context';
import { Button, IconButton } from '@/ui/button';
import { Failed } from '@/ui/state';
import { dayWords } from '@/ui/day-words';
import { localNow } from '@/ui/local-time';
import { Small, Strong } from '@/ui/type';

type Picture = NonNullable<Plan['pictures']>[number];

const STAGES: readonly { readonly stage: Picture['stage']; readonly name: string }[] = [
  { stage: 'paint', name: 'The paint alone' },
  { stage: 'medium', name: 'With medium' },
  { stage: 'water', name: 'With water' },
  { stage: 'additive', name: 'With powder or oil' },
  { stage: 'dry', name: 'Dry' },
];

/** The colour after each addition, in pictures side by side: some colours change as medium or white goes in, some dry darker. */
export function StagePictures({ mix }: { readonly mix: Mix }) {
  const { plan, edit } = usePlan();
  const [busy, setBusy] = useState<string>();
  const [failed, setFailed] = useState<string>();
  const mine = (plan.pictures ?? []).filter((p) => p.mix === mix.id);
  const wanted = STAGES.filter(
    ({ stage }) =>
      (stage !== 'medium' || mix.medium) &&
      (stage !== 'water' || mix.waterParts) &&
      (stage !== 'additive' || mix.additives?.length),
  );
  async function take(stage: Picture['stage'], name: string) {
    const file = await pickFile('image/*', `Picture, ${name}`);
    if (!file) return;
    setBusy(stage);
    setFailed(undefined);
    try {
      const picture = await keepPicture(file);
      const on = localNow();
      edit((p) => edits.addPicture(p, { picture, mix: mix.id, stage, on }));
    } catch (error) {
      setFailed(error instanceof Error ? error.message : String(error));
    }
    setBusy(undefined);
  }
  return (
    <View className="gap-3">
      <Small>
        Same light, same distance, a grey card in view: then the colours can be compared.
      </Small>
      <View role="list" className="flex-row flex-wrap gap-3">
        {wanted.map(({ stage, name }) => {
          const last = mine.filter((p) => p.stage === stage).at(-1);
          return (
            <View role="listitem" key={stage} className="w-[150px] gap-1">
              <Strong lines={1}>{name}</Strong>
              {last ? (
                <Taken
                  picture={last}
                  name={`${mix.name}, ${name.toLowerCase()}`}
                  onRemove={() => edit((p) => edits.removePicture(p, last.picture))}
                />
              ) : null}
              <Button
                label={busy === stage ? 'Keeping it…' : last ? 'Another' : 'Take a picture'}
                disabled={busy !== undefined}
                onPress={() => void take(stage, name)}
              />
            </View>
          );
        })}
      </View>
      {failed ? <Failed what="The picture was not kept." why={failed} /> : null}
    </View>
  );
}

function Taken({
  picture,
  name,
  onRemove,
}: {
  readonly picture: Picture;
  readonly name: string;
  readonly onRemove: () => void;
}) {
  const url = useQuery({
    queryKey: ['picture', picture.picture],
    queryFn: () => pictureUrl(picture.picture),
    staleTime: Infinity,
  });
  return (
    <View className="gap-1">
      {url.data ? (
        <Image
          source={{ uri: url.data }}
          accessibilityLabel={name}
          resizeMode="cover"
          style={{ width: 150, height: 112 }}
        />
      ) : (
        <View style={{ width: 150, height: 112 }} className="bg-pressed" />
      )}
      <View className="flex-row items-center">
        <Small className="flex-1">{dayWords(picture.on)}</Small>
        <IconButton icon={Trash} label={`Take the picture away: ${name}`} onPress={onRemove} />
      </View>
    </View>
  );
}
