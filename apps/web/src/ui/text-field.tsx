import { useId, useState } from 'react';
import { TextInput, View } from 'react-native';
import { Small } from './type';

export type Reading<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: string };

interface Props<T> {
  readonly label: string;
  /** The value as shown while nobody types. */
  readonly shown: string;
  /** Reads what was typed; a fault keeps the value as it was and says how to mend it. */
  readonly read: (text: string) => Reading<T>;
  readonly onChange: (value: T) => void;
  readonly hint?: string;
  readonly className?: string;
  readonly hideLabel?: boolean;
  readonly keys?: 'decimal' | 'text';
  readonly lines?: number;
}

/**
 * A field that takes effect with every readable keystroke and leaves what is typed alone until the field is left.
 * While it cannot be read, the last good value stands.
 */
export function TextField<T>({
  label,
  shown,
  read,
  onChange,
  hint,
  className = '',
  hideLabel = false,
  keys = 'text',
  lines,
}: Props<T>) {
  const id = useId();
  const [draft, setDraft] = useState<string>();
  const reading = draft === undefined ? undefined : read(draft);
  const fault = reading && !reading.ok ? reading.fault : undefined;
  return (
    <View className={`gap-1 ${className}`}>
      {hideLabel ? null : <Small>{label}</Small>}
      <TextInput
        aria-label={label}
        aria-invalid={fault !== undefined}
        aria-describedby={fault || hint ? id : undefined}
        value={draft ?? shown}
        inputMode={keys === 'decimal' ? 'decimal' : 'text'}
        multiline={lines !== undefined}
        numberOfLines={lines}
        selectTextOnFocus
        onFocus={() => setDraft(shown)}
        onChangeText={(text) => {
          setDraft(text);
          const next = read(text);
          if (next.ok) onChange(next.value);
        }}
        onBlur={() => setDraft(undefined)}
        className={`min-h-[44px] w-full border bg-raised px-3 py-2 font-bold text-20 text-ink ${fault ? 'border-2 border-ink' : 'border-outline'}`}
        style={{ fontVariant: ['tabular-nums'] }}
      />
      {fault || hint ? (
        <View nativeID={id} role={fault ? 'alert' : undefined}>
          <Small className={fault ? 'font-bold text-ink' : ''}>{fault ?? hint}</Small>
        </View>
      ) : null}
    </View>
  );
}
