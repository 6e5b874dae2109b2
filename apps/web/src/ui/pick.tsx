import ChevronDown from 'lucide-react-native/icons/chevron-down';
import ChevronUp from 'lucide-react-native/icons/chevron-up';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { TextField } from './text-field';
import { useTokens } from './tokens';
import { Small, Strong } from './type';
import { Checkable } from './checkable';

/** Options that are drawn at once. */
const MOST = 40;

interface Props {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly onChange: (value: string) => void;
  /** Shown where nothing is chosen. */
  readonly empty?: string;
}

/** One of many: the chosen one in sight, the rest behind a press. */
export function Pick({ label, value, options, onChange, empty = '' }: Props) {
  const { ink } = useTokens();
  const [open, setOpen] = useState(false);
  const [search, setSearch] = useState('');
  const chosen = options.find((o) => o.value === value)?.label ?? empty;
  const fitting = options.filter((o) => o.label.toLowerCase().includes(search.toLowerCase()));
  const Chevron = open ? ChevronUp : ChevronDown;
  return (
    <View className="gap-1">
      <Small>{label}</Small>
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={`${label}: ${chosen}`}
        onPress={() => setOpen(!open)}
        className="min-h-[44px] flex-row items-center gap-2 border border-outline bg-raised px-3"
      >
        <Strong className="flex-1">{chosen}</Strong>
        <Chevron size={20} color={ink} />
      </Pressable>
      {open ? (
        <View role="radiogroup" aria-label={label} className="border border-outline">
          {options.length > MOST ? (
            <TextField
              label={`Find among ${options.length}`}
              shown={search}
              read={(text) => ({ ok: true, value: text })}
              onChange={setSearch}
              className="p-2"
            />
          ) : null}
          {fitting.slice(0, MOST).map((option) => (
            <Checkable
              key={option.value}
              role="radio"
              checked={option.value === value}
              label={option.label}
              onPress={() => {
                onChange(option.value);
                setOpen(false);
              }}
              className={`min-h-[44px] justify-center border-l-4 px-3 ${option.value === value ? 'border-l-ink bg-pressed' : 'border-l-transparent bg-raised active:bg-pressed'}`}
            >
              <Strong>{option.label}</Strong>
            </Checkable>
          ))}
        </View>
      ) : null}
    </View>
  );
}
