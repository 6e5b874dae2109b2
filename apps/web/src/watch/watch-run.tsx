import { pictureOn, picturesLeft, type Run } from '@potter/core/journal';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { keepPicture } from '@/data/pictures';
import { putRun, runNow, useRun } from '@/data/runs';
import { Screen } from '@/ui/screen';
import { NotHere } from '@/ui/state';
import { WatchScreen } from './watch-screen';

/** A pour under way watched while it rests; what is kept are pictures of the move it rests in. */
export function WatchRun() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const { run, ...asked } = useRun(id);
  const leave = () => router.replace(`/run/${id}`);
  if (!run)
    return (
      <Screen title="Watch it rest">
        <NotHere
          query={asked}
          waiting="Opening the run"
          failed="The run cannot be read."
          says="This run is not in the journal."
          act="To the journal"
          onAct={() => router.replace('/journal')}
        />
      </Screen>
    );
  return (
    <WatchScreen
      plan={run.plan}
      onLeave={leave}
      keep={async ({ picture, at }) => {
        const now = (): Run => runNow(id) ?? run;
        if (picturesLeft(now(), run.at) <= 0) throw new Error(FULL);
        const kept = await keepPicture(picture);
        putRun(pictureOn(now(), run.at, { picture: kept, at }));
      }}
    />
  );
}

const FULL = 'This move has as many pictures as one may have: the others only tell.';
