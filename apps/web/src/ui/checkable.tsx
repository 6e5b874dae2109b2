import type { ReactNode } from 'react';
import { Pressable, type PressableProps } from 'react-native';

interface Props {
  readonly role: 'checkbox' | 'radio' | 'tab';
  readonly checked: boolean;
  readonly label: string;
  readonly onPress: () => void;
  readonly className?: string;
  readonly children: ReactNode;
}

/**
 * Something that is on or off. The space bar works it as on any checkbox: React Native for the web gives that key
 * to buttons only.
 */
export function Checkable({ role, checked, label, onPress, className, children }: Props) {
  const keys = {
    onKeyDown: (event: { key: string; preventDefault: () => void }) => {
      if (event.key !== ' ') return;
      event.preventDefault();
      onPress();
    },
  } as PressableProps;
  return (
    <Pressable
      role={role}
      {...(role === 'tab' ? { 'aria-selected': checked } : { 'aria-checked': checked })}
      aria-label={label}
      onPress={onPress}
      className={className}
      {...keys}
    >
      {children}
    </Pressable>
  );
}
