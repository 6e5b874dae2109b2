import { DEFAULT_SETTINGS, type Settings } from '@potter/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';
import { device } from './device';
import { settingsLetter } from './outbox/letters';
import { beginOutbox, post, unsentNow } from './outbox/outbox';

const settingsKey = ['settings'] as const;

/** The studio's settings: at once as this device last knew them, then as the studio has them. */
export function useSettings(): Settings {
  const { data } = useQuery({
    queryKey: settingsKey,
    queryFn: async () => {
      await beginOutbox();
      const answer = await call<Settings>('/api/settings');
      const settings = changed() ?? answer;
      device.set('settings', settings);
      return settings;
    },
    placeholderData: () => device.get<Settings>('settings') ?? DEFAULT_SETTINGS,
    staleTime: 60_000,
  });
  return data ?? DEFAULT_SETTINGS;
}

/** Changes settings: they hold at once, and go to the studio by themselves. */
export function useChangeSettings(): (settings: Settings) => void {
  const client = useQueryClient();
  return (settings) => {
    client.setQueryData(settingsKey, settings);
    device.set('settings', settings);
    void post(settingsLetter(settings));
  };
}

/** What was changed here and the studio does not have yet. */
const changed = (): Settings | undefined =>
  unsentNow().find((l) => l.about === 'settings' && l.refused === undefined)?.body as
    Settings | undefined;
