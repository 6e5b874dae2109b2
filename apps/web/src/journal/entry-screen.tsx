import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { usePiece } from '@/data/pieces';
import { deleteRun, useRun } from '@/data/runs';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/screen';
import { NotHere } from '@/ui/state';
import { PieceScreen } from './piece-screen';
import { struckOut } from './struck-out';
import { ThePour } from './the-pour';

/** What stands under an address of the journal: a piece, or a pour that is none of its own, such as a later stage. */
export function EntryScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const asked = usePiece(id);
  const { run } = useRun(asked.piece || asked.isPending ? undefined : id);
  const leave = () => router.replace('/journal');
  if (asked.piece) return <PieceScreen key={id} piece={asked.piece} onLeave={leave} />;
  if (!run || asked.isPending)
    return (
      <Screen title="Journal">
        <NotHere
          query={asked}
          waiting="Opening the journal"
          failed="This piece cannot be read."
          says="This piece is not in the journal any more."
          act="To the journal"
          onAct={leave}
        />
      </Screen>
    );
  return (
    <Screen title={run.plan.title} acts={<Button label="Back" onPress={leave} />}>
      <View className="gap-4 wide:max-w-[720px]">
        <ThePour run={run} />
        <Button
          className="self-start"
          label="Strike it out"
          onPress={() => {
            struckOut.set({ title: `The pour of ${run.plan.title}`, run });
            deleteRun(run);
            leave();
          }}
        />
      </View>
    </Screen>
  );
}
