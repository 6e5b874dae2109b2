import { useEffect } from 'react';
import { useSettings } from '@/data/settings';

/** Acts by key: "z" with Control is "Ctrl+z", with Alt "Alt+ArrowUp". */
export type Keys = Readonly<Record<string, () => void>>;

/** What takes keys for itself while it has the focus. */
const TYPING = 'input, textarea, select, [contenteditable], [role="slider"]';

/** Listens for keys while the caller is on screen. Single keys can be switched off in Settings; those with Control stay. */
export function useKeys(keys: Keys): void {
  const { shortcuts } = useSettings();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof Element && event.target.matches(TYPING);
      const control = event.ctrlKey || event.metaKey;
      if (typing || (!control && !shortcuts)) return;
      const name = `${control ? 'Ctrl+' : ''}${event.altKey ? 'Alt+' : ''}${event.key.length === 1 ? event.key.toLowerCase() : event.key}`;
      const act = keys[name];
      if (!act || event.defaultPrevented) return;
      event.preventDefault();
      act();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  });
}
