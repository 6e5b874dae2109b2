import { useCallback, useState } from 'react';
import { device } from './device';

/** What somebody is in the middle of, kept on the device until it is done: a flat battery loses nothing. */
export function useDraft<T>(key: string, start: () => T) {
  const [value, setValue] = useState<T>(() => device.get<T>(`draft.${key}`) ?? start());
  const set = useCallback(
    (change: (now: T) => T) =>
      setValue((now) => {
        const next = change(now);
        device.set(`draft.${key}`, next);
        return next;
      }),
    [key],
  );
  const forget = useCallback(() => device.remove(`draft.${key}`), [key]);
  return [value, set, forget] as const;
}
