import { type ReactNode, useState } from 'react';
import { View } from 'react-native';
import { Button } from './button';
import { useGrowing } from './use-growing';

/** As many as one looks through; more by a press, or found by a search. */
const PAGE = 60;

/** A list of any length: its first page, drawn a few rows at a time so that the screen answers meanwhile, and more by a press. */
export function LongList<T>({
  items,
  row,
  count = items.length,
  onMore,
  className = '',
}: {
  readonly items: readonly T[];
  /** How many there are, where not all are in `items` yet. */
  readonly count?: number;
  /** Fetches more of them. */
  readonly onMore?: () => void;
  /** Draws one; keyed. */
  readonly row: (item: T) => ReactNode;
  readonly className?: string;
}) {
  const [most, setMost] = useState(PAGE);
  const drawn = useGrowing(Math.min(most, items.length));
  return (
    <>
      <View role="list" className={`wide:flex-row wide:flex-wrap wide:gap-x-8 ${className}`}>
        {items.slice(0, drawn).map(row)}
      </View>
      {count > most ? (
        <Button
          className="mt-3 self-start"
          label={`Show more, ${count - Math.min(most, items.length)} left`}
          onPress={() => {
            setMost(most + PAGE);
            if (items.length < most + PAGE) onMore?.();
          }}
        />
      ) : null}
    </>
  );
}
