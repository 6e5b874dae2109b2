import ChevronDown from 'lucide-react-native/icons/chevron-down';
import ChevronUp from 'lucide-react-native/icons/chevron-up';
import { type ReactNode, useState } from 'react';
import { Pressable, View } from 'react-native';
import { useTokens } from './tokens';
import { Heading, Small } from './type';

/** A part of a screen behind its heading; while it is shut, one line says what stands in it. */
export function Section({
  title,
  says,
  open: opened = false,
  shown = false,
  children,
}: {
  readonly title: string;
  readonly says: string;
  /** Open when it comes on screen. */
  readonly open?: boolean;
  /** Opens when this comes true: something in it is looked for. */
  readonly shown?: boolean;
  readonly children: ReactNode;
}) {
  const { ink } = useTokens();
  const [open, setOpen] = useState(opened || shown);
  const [wasShown, setWasShown] = useState(shown);
  if (shown !== wasShown) {
    setWasShown(shown);
    if (shown) setOpen(true);
  }
  const Chevron = open ? ChevronUp : ChevronDown;
  return (
    <View className="border-t border-rule">
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={title}
        onPress={() => setOpen(!open)}
        className="min-h-[56px] flex-row items-center gap-3 py-2 active:bg-pressed"
      >
        <View className="min-w-0 flex-1">
          <Heading>{title}</Heading>
          {open ? null : <Small lines={2}>{says}</Small>}
        </View>
        <Chevron size={22} color={ink} />
      </Pressable>
      {open ? <View className="gap-3 pb-3">{children}</View> : null}
    </View>
  );
}
