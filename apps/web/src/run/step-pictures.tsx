import { pictureOn, type Run, withoutPicture } from '@potter/core/journal';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Image, View } from 'react-native';
import { pickFile } from '@/data/files';
import { keepPicture, pictureUrl } from '@/data/pictures';
import { putRun, runNow } from '@/data/runs';
import { Act } from '@/ui/button';
import { localTime } from '@/ui/local-time';
import { runClock } from './run-clock';

/** Takes a picture at the move on screen, one press from the table; what it says where it could not be kept. */
export function useTakePicture(run: Run): {
  readonly take: () => void;
  readonly busy: boolean;
  readonly fault?: string;
} {
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const { at, id } = run;
  const take = async () => {
    const file = await pickFile('image/*', 'Picture of this move', { camera: true });
    if (!file) return;
    setBusy(true);
    setFault(undefined);
    try {
      const picture = await keepPicture(file);
      // The pour may have gone on meanwhile: it is the picture of the move it was taken at.
      putRun(pictureOn(runNow(id) ?? run, at, { picture, at: Math.round(runClock.now()) }));
    } catch (error) {
      setFault(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  };
  return { take: () => void take(), busy, ...(fault === undefined ? {} : { fault }) };
}

/** How it looked at a move. */
export function StepPictures({ run, at }: { readonly run: Run; readonly at: number }) {
  const taken = run.moves[at]?.pictures ?? [];
  if (taken.length === 0) return null;
  return (
    <View role="list" aria-label="Pictures of this move" className="flex-row flex-wrap gap-3">
      {taken.map(({ picture, at: when }) => (
        <View role="listitem" key={picture} className="w-[104px]">
          <Picture id={picture} label={`Taken at ${localTime(when).slice('yyyy-mm-ddT'.length)}`} />
          <Act
            label="Take out"
            name={`Take out the picture of ${localTime(when).slice('yyyy-mm-ddT'.length)}`}
            onPress={() => putRun(withoutPicture(run, at, picture))}
          />
        </View>
      ))}
    </View>
  );
}

function Picture({ id, label }: { readonly id: string; readonly label: string }) {
  const url = useQuery({ queryKey: ['picture', id], queryFn: () => pictureUrl(id) });
  return (
    <View role="img" aria-label={label} className="h-[104px] bg-pressed">
      {url.data ? (
        <Image source={{ uri: url.data }} style={{ width: 104, height: 104 }} resizeMode="cover" />
      ) : null}
    </View>
  );
}
