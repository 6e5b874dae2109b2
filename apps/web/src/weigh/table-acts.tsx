import { View } from 'react-native';
import { TableButton } from '@/ui/table-button';

/** What can be done at the table with this ingredient, along the foot; what is absent cannot. */
export const TableActs = ({
  acts,
}: {
  readonly acts: readonly (Parameters<typeof TableButton>[0] | undefined | false)[];
}) => (
  <View className="flex-row border-t border-ink">
    {acts.map((act) => (act ? <TableButton key={act.label} {...act} /> : null))}
  </View>
);
