import { View } from 'react-native';
import { usePickerLook } from './picker-look';
import { Small } from './type';

/** A time of day, by the device's own picker. */
export function TimeField({
  label,
  value,
  onChange,
}: {
  readonly label: string;
  /** "09:00" */
  readonly value: string;
  readonly onChange: (value: string) => void;
}) {
  const look = usePickerLook();
  return (
    <View className="gap-1">
      <Small>{label}</Small>
      <input
        type="time"
        aria-label={label}
        value={value}
        // Emptied it is no time: the one there is stays.
        onChange={({ currentTarget }) =>
          currentTarget.value !== '' && onChange(currentTarget.value)
        }
        style={look}
      />
    </View>
  );
}
