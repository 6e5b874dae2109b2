import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { useRun } from '@/data/runs';
import { NotHere } from '@/ui/state';
import { Title } from '@/ui/type';
import { RunOver } from './run-over';
import { Running } from './running';

export function RunScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const { run, ...asked } = useRun(id);
  if (run) return run.endedAt === undefined ? <Running run={run} /> : <RunOver run={run} />;
  return (
    <View role="main" className="flex-1 bg-surround p-4">
      <Title>Run</Title>
      <NotHere
        query={asked}
        waiting="Opening the run"
        failed="The run cannot be read."
        says="This run is not in the journal."
        act="To the journal"
        onAct={() => router.replace('/journal')}
      />
    </View>
  );
}
