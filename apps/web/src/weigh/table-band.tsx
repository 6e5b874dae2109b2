import { trim } from '@potter/core/quantity';
import { Text, View } from 'react-native';
import { useTables } from '@/data/live';

/** What is on a scale at the table, on every other screen of the studio as it runs in. */
export function TableBand() {
  const tables = [...useTables()];
  if (tables.length === 0) return null;
  return (
    <View role="region" aria-label="On the scale" className="bg-rail">
      {tables.map(([page, { what, adds, readsG, toGoG }]) => (
        <View key={page} className="min-h-[44px] flex-row items-center gap-3 px-4 py-1">
          <Text
            className="font-display text-24 text-railink"
            style={{ fontVariant: ['tabular-nums'] }}
          >
            {readsG === undefined ? '—' : `${trim(readsG, 1)} g`}
          </Text>
          <Text className="flex-1 font-body text-16 text-railink" numberOfLines={2}>
            {what} · {adds}:{' '}
            {toGoG >= 0 ? `${trim(toGoG, 1)} g to go` : `${trim(-toGoG, 1)} g too much`}
          </Text>
        </View>
      ))}
    </View>
  );
}
