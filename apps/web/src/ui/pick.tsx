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
  const [open, setOpen] = useState(false);
  const [search, setSearch] = useState('');
  const chosen = options.find((o) => o.value === value)?.label ?? empty;
  const fitting = options.filter((o) => o.label.toLowerCase().includes(search.toLowerCase()));
  return (
    <View className="gap-1">
      <PickHead label={label} chosen={chosen} open={open} onOpen={setOpen} />
      {open ? (
        <View role="radiogroup" aria-label={label} className="border border-outline">
          {options.length > MOST ? (
            <TextField
              live
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

/** What is chosen, with a press that opens what else might be. */
export function PickHead({
  label,
  chosen,
  open,
  onOpen,
}: {
  readonly label: string;
  readonly chosen: string;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
}) {
  const { ink } = useTokens();
  const Chevron = open ? ChevronUp : ChevronDown;
  return (
    <>
      <Small>{label}</Small>
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={`${label}: ${chosen}`}
        onPress={() => onOpen(!open)}
        className="min-h-[44px] flex-row items-center gap-2 border border-outline bg-raised px-3"
      >
        <Strong className="flex-1">{chosen}</Strong>
        <Chevron size={20} color={ink} />
      </Pressable>
    </>
  );
}
