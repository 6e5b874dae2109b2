import { ActivityIndicator, View } from 'react-native';
import { Button } from './button';
import { useTokens } from './tokens';
import { Body, Strong } from './type';

/** Something is being fetched: the words say it, the wheel only shows it. */
export function Waiting({ what }: { readonly what: string }) {
  const { ink } = useTokens();
  return (
    <View className="flex-row items-center gap-3 py-6" role="status">
      <View aria-hidden>
        <ActivityIndicator color={ink} />
      </View>
      <Body>{what}</Body>
    </View>
  );
}

/** Something could not be had: what, why, and the way on. */
export function Failed({
  what,
  why,
  onRetry,
}: {
  readonly what: string;
  readonly why: string;
  readonly onRetry?: () => void;
}) {
  return (
    <View className="gap-3 border-l-[6px] border-l-ink bg-raised p-4" role="alert">
      <Strong>{what}</Strong>
      <Body>{why}</Body>
      {onRetry ? <Button label="Try again" onPress={onRetry} className="self-start" /> : null}
    </View>
  );
}

/** Nothing here yet: what belongs here and one act. */
export function Empty({
  says,
  act,
  onAct,
}: {
  readonly says: string;
  readonly act: string;
  readonly onAct: () => void;
}) {
  return (
    <View className="items-start gap-4 py-6">
      <Body>{says}</Body>
      <Button primary label={act} onPress={onAct} />
    </View>
  );
}

interface Asked {
  readonly isError: boolean;
  readonly isPending: boolean;
  readonly error: Error | null;
  readonly refetch: () => unknown;
}

/** What stands in for an answer that is not there yet, or could not be had; nothing once it is there. */
export function Asking({
  query,
  waiting,
  failed,
}: {
  readonly query: Asked;
  readonly waiting: string;
  readonly failed: string;
}) {
  if (query.isError)
    return (
      <Failed what={failed} why={query.error?.message ?? ''} onRetry={() => void query.refetch()} />
    );
  return query.isPending ? <Waiting what={waiting} /> : null;
}

/** What stands where one thing should: it is looked for, cannot be had, or is not there any more, with the way on. */
export function NotHere({
  query,
  waiting,
  failed,
  ...gone
}: Parameters<typeof Asking>[0] & Parameters<typeof Empty>[0]) {
  return query.isError || query.isPending ? (
    <Asking query={query} waiting={waiting} failed={failed} />
  ) : (
    <Empty {...gone} />
  );
}
