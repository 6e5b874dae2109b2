import { useId, useState } from 'react';
import { TextInput, View } from 'react-native';
import { Small } from './type';

export type Reading<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly fault: string };

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
  /** Every keystroke takes effect: words, a search, a figure an act beside it needs. Else the whole is read when the field is left. */
  readonly live?: boolean;
}

/**
 * A field that is read when it is left, or Enter pressed: half of what is being typed is not what was meant. What cannot be read stays as it
 * was typed, with what to mend, and the last good value holds. A field that is only touched is not read at all.
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
  live = false,
}: Props<T>) {
  const id = useId();
  const [focused, setFocused] = useState(false);
  const [typed, setDraft] = useState<{ readonly text: string; readonly over: string }>();
  // What is shown has changed under a draft that was left lying, as by an undo: that is newer.
  const draft = typed && (focused || typed.over === shown) ? typed.text : undefined;
  const reading = draft === undefined || (focused && !live) ? undefined : read(draft);
  const fault = reading && !reading.ok ? reading.fault : undefined;
  const leave = () => {
    setFocused(false);
    const left = draft === undefined ? undefined : read(draft);
    if (!left?.ok) return;
    setDraft(undefined);
    if (!live) onChange(left.value);
  };
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
        onFocus={() => setFocused(true)}
        onChangeText={(text) => {
          setDraft({ text, over: shown });
          const next = live ? read(text) : undefined;
          if (next?.ok) onChange(next.value);
        }}
        onBlur={leave}
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
