import { edit } from '@potter/core/plan';
import { clashesOf, localOf, mendOf, ordersOf } from '@potter/core/rack';
import type { ShelfItem } from '@potter/core/stock';
import { useState } from 'react';
import { View } from 'react-native';
import { useChangePlans } from '@/data/change-plans';
import { useShelf } from '@/data/shelf';
import { Act } from '@/ui/button';
import { Remark } from '@/ui/remark';
import { Failed } from '@/ui/state';
import { Heading } from '@/ui/type';
import { clashWords, isHopeless, orderWords } from './clash-words';
import type { OnRack } from './on-rack';
import { dayAt } from './when';

/** The soonest are dealt with first. */
const FIRST = 3;

const stockOf = (shelf: readonly ShelfItem[], product: 'varnish' | 'resin'): number =>
  shelf.reduce(
    (sum, item) =>
      item.kind === 'finish' && item.product === product ? sum + (item.stockMl ?? 0) : sum,
    0,
  );

/** What cannot be as it is planned, each with the act that mends it; and what has to be ordered. */
export function Clashes({ pieces, house, now }: OnRack) {
  const shelf = useShelf().data;
  const change = useChangePlans();
  const [failed, setFailed] = useState<string>();
  const clashes = clashesOf(pieces, house, now);
  const orders = shelf
    ? ordersOf(
        pieces,
        { resin: stockOf(shelf, 'resin'), varnish: stockOf(shelf, 'varnish') },
        house,
      )
    : [];
  const [all, setAll] = useState(false);
  if (clashes.length + orders.length === 0) return null;
  const set = (id: string, how: Parameters<typeof change>[0][number]['change']) => {
    setFailed(undefined);
    change([{ id, change: how }]).catch((error: unknown) =>
      setFailed(error instanceof Error ? error.message : String(error)),
    );
  };
  return (
    <View className="gap-2" role="region" aria-label="Clashes">
      <Heading>Clashes</Heading>
      {failed ? <Failed what="The day was not changed." why={failed} /> : null}
      {clashes.slice(0, all ? undefined : FIRST).map((clash) => {
        const pour = mendOf(clash, pieces, house, now);
        const { plan, title } = clash.piece;
        return (
          <Remark
            key={`${clash.kind} ${clash.piece.id}`}
            remark={{
              severity: isHopeless(clash) ? 'spoils' : 'may',
              ...clashWords(clash, house, pour),
              ...(pour === undefined ? {} : { fix: { label: `Pour ${title} on ${dayAt(pour)}` } }),
              ...(clash.quick ? { meant: { label: `Coat ${title} after a day` } } : {}),
            }}
            onFix={() => set(plan, (p) => edit.setDates(p, { pour: localOf(pour!) }))}
            onMeant={() => set(plan, (p) => edit.setWaiting(p, 'day'))}
          />
        );
      })}
      {clashes.length > FIRST && !all ? (
        <Act label={`Show all ${clashes.length} clashes`} onPress={() => setAll(true)} />
      ) : null}
      {orders.map((order) => (
        <Remark key={order.product} remark={{ severity: 'note', ...orderWords(order, now) }} />
      ))}
    </View>
  );
}
