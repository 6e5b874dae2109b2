import { View } from 'react-native';
import { TextField } from './text-field';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (hex: string) => void;
}

/** A colour by its six digits, with the colour beside them. */
export function HexField({ label, value, onChange }: Props) {
  return (
    <View className="flex-row items-end gap-2">
      <TextField
        className="flex-1"
        label={label}
        shown={value}
        read={(text) => {
          const hex = text.trim().toLowerCase().replace(/^#?/, '#');
          return /^#[0-9a-f]{6}$/.test(hex)
            ? { ok: true, value: hex }
            : { ok: false, fault: 'Six digits, such as #d8a526.' };
        }}
        onChange={onChange}
      />
      <View
        className="h-[44px] w-[44px] border border-ink"
        style={{ backgroundColor: value }}
        aria-hidden
      />
    </View>
  );
}
