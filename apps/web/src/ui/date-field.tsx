import { useId, useState } from 'react';
import { View } from 'react-native';
import { whenWords } from './day-words';
import { usePickerLook } from './picker-look';
import { Small } from './type';

interface Props {
  readonly label: string;
  /** "2026-11-28", or "2026-11-28T10:00". */
  readonly value: string | undefined;
  readonly onChange: (value: string | undefined) => void;
  readonly className?: string;
  /** Only the day counts. */
  readonly day?: boolean;
}

/** The time of day a pour begins at where none was said. */
const USUAL_TIME = '10:00';
const FIRST_DAY = '2000-01-01';

/** A day, with a time where one is wanted, by the device's own pickers; empty for none. In words under it. */
export function DateField({ label, value, onChange, className = '', day = false }: Props) {
  const id = useId();
  // A year is typed digit by digit, and is one of the first century until its last.
  const [draft, setDraft] = useState<string>();
  const look = usePickerLook();
  const [date = '', time = ''] = value?.split('T') ?? [];
  return (
    <View className={`gap-1 ${className}`}>
      <Small>{label}</Small>
      <View className="flex-row flex-wrap gap-2">
        <input
          type="date"
          aria-label={label}
          aria-describedby={id}
          value={draft ?? date}
          min={FIRST_DAY}
          max="2100-12-31"
          onChange={({ currentTarget: { value: next } }) => {
            setDraft(next);
            if (next !== '' && next < FIRST_DAY) return;
            onChange(next === '' ? undefined : day ? next : `${next}T${time || USUAL_TIME}`);
          }}
          onBlur={() => setDraft(undefined)}
          style={{ ...look, flex: '1 0 164px' }}
        />
        {day || date === '' ? null : (
          <input
            type="time"
            aria-label={`${label}, time`}
            value={time}
            onChange={({ currentTarget: { value: next } }) =>
              onChange(next === '' ? date : `${date}T${next}`)
            }
            style={{ ...look, flex: '0 0 152px' }}
          />
        )}
      </View>
      <View nativeID={id}>
        <Small>{value === undefined ? 'No day set' : whenWords(value)}</Small>
      </View>
    </View>
  );
}
