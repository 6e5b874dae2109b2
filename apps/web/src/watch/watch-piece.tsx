import { photographsLeft, type Piece, withPhotograph } from '@potter/core/piece';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { keepPicture, PHOTOGRAPH_PX } from '@/data/pictures';
import { useChangePiece, usePiece } from '@/data/pieces';
import { useRun } from '@/data/runs';
import { usePlanOf } from '@/journal/use-plan-of';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/screen';
import { NotHere, Waiting } from '@/ui/state';
import { WatchScreen } from './watch-screen';

/** A piece of the journal watched while it rests; what is kept are photographs of it. */
export function WatchPiece() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const asked = usePiece(id);
  const leave = () => router.replace(`/journal/${id}`);
  if (asked.piece) return <OfPiece piece={asked.piece} onLeave={leave} />;
  return (
    <Screen title="Watch it rest">
      <NotHere
        query={asked}
        waiting="Opening the journal"
        failed="This piece cannot be read."
        says="This piece is not in the journal any more."
        act="To the journal"
        onAct={() => router.replace('/journal')}
      />
    </Screen>
  );
}

function OfPiece({ piece, onLeave }: { readonly piece: Piece; readonly onLeave: () => void }) {
  const { run } = useRun(piece.run);
  const plan = usePlanOf(piece, run);
  const change = useChangePiece();
  if (!plan)
    return (
      <Screen title="Watch it rest" acts={<Button label="Back" onPress={onLeave} />}>
        <Waiting what="Opening its plan" />
      </Screen>
    );
  return (
    <WatchScreen
      plan={plan}
      onLeave={onLeave}
      keep={async ({ picture, at, corners }) => {
        if (photographsLeft(piece) <= 0) throw new Error(FULL);
        const id = await keepPicture(picture, PHOTOGRAPH_PX);
        const [a, b, c, d] = corners.map(([x, y]) => [x, y] as [number, number]);
        change(piece, (now) =>
          withPhotograph(now, { picture: id, at, state: 'wet', corners: [a!, b!, c!, d!] }),
        );
      }}
    />
  );
}

const FULL = 'The piece has as many pictures as one may have: take some out, or they only tell.';
