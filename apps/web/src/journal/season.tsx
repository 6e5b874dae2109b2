import { type Status, STATUS_IDS, STATUSES } from '@potter/core/piece';
import { View } from 'react-native';
import { useSeason } from '@/data/pieces';
import { money } from '@/ui/money';
import { Section } from '@/ui/section';
import { Figure, Small, Strong } from '@/ui/type';

const MONTHS =
  'January February March April May June July August September October November December'.split(
    ' ',
  );

/** "2026-10" as one says it. */
const monthWords = (month: string): string =>
  `${MONTHS[Number(month.slice(5)) - 1] ?? month} ${month.slice(0, 4)}`;

/** All pieces at a glance: month by month, and what is left of what was taken. */
export function Season() {
  const { data } = useSeason();
  const all = data?.months.reduce((sum, { pieces }) => sum + pieces, 0) ?? 0;
  if (!data || all === 0) return null;
  const most = Math.max(...data.months.map(({ pieces }) => pieces));
  const sold = data.statuses.sold ?? 0;
  return (
    <Section
      title="The season"
      says={`${all} ${all === 1 ? 'piece' : 'pieces'}, ${sold} sold${sold > 0 ? ` for ${money(data.taken)}` : ''}`}
    >
      <View className="flex-row flex-wrap gap-x-6 gap-y-1">
        <Figure figure={String(all)} unit={all === 1 ? 'piece' : 'pieces'} />
        <Figure figure={money(data.taken)} unit="taken" />
        <Figure figure={money(data.cost)} unit="spent" />
        <Figure figure={money(data.margin)} unit="left of what was sold" />
      </View>
      <View role="list" aria-label="Months">
        {data.months.map(({ month, pieces, sold: soldThen, taken }) => (
          <View
            role="listitem"
            key={month}
            className="min-h-[44px] flex-row items-center gap-3 border-b border-rule py-1"
          >
            <Strong className="w-[132px]">{monthWords(month)}</Strong>
            <View className="h-[8px] flex-1">
              <View className="h-full bg-ink" style={{ width: `${(100 * pieces) / most}%` }} />
            </View>
            <Small className="w-[112px] text-right">
              {pieces} made, {soldThen} sold{taken > 0 ? `, ${money(taken)}` : ''}
            </Small>
          </View>
        ))}
      </View>
      <Small>
        {STATUS_IDS.filter((id: Status) => (data.statuses[id] ?? 0) > 0)
          .map((id) => `${data.statuses[id]} ${STATUSES[id].toLowerCase()}`)
          .join(', ')}
        . What was spent counts pieces whose cost is known.
      </Small>
    </Section>
  );
}
