import { type ShelfItem, shelfDensity } from '@potter/core/stock';
import { Figure } from '@/ui/type';
import { Mass, Volume } from '@/ui/units';

/** How much is left, in the unit it is counted in. */
export function Left({ item }: { readonly item: ShelfItem }) {
  if (item.kind === 'jar') return <Mass g={item.g} />;
  if ('count' in item && item.count !== undefined) return <Figure figure={String(item.count)} />;
  if (!('stockMl' in item) || item.stockMl === undefined) return null;
  return item.countedIn === 'g' ? (
    <Mass g={item.stockMl * shelfDensity(item)} />
  ) : (
    <Volume className="!text-20 !font-bold !text-ink" ml={item.stockMl} />
  );
}
