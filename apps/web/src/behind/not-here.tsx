import { useRouter } from 'expo-router';
import { Screen } from '@/ui/screen';
import { Empty } from '@/ui/state';

/** What stands where an address leads nowhere. */
export function NotHereScreen() {
  const router = useRouter();
  return (
    <Screen title="Nothing here">
      <Empty
        says="This address leads nowhere: it was mistyped, or comes from an earlier version. Nothing is lost."
        act="To the bench"
        onAct={() => router.replace('/bench')}
      />
    </Screen>
  );
}
