import { DEFAULT_SETTINGS, type Settings } from '@potter/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';
import { device } from './device';

const settingsKey = ['settings'] as const;

/** The studio's settings: at once as this device last knew them, then as the studio has them. */
export function useSettings(): Settings {
  const { data } = useQuery({
    queryKey: settingsKey,
    queryFn: async () => {
      const settings = await call<Settings>('/api/settings');
      device.set('settings', settings);
      return settings;
    },
    placeholderData: () => device.get<Settings>('settings') ?? DEFAULT_SETTINGS,
    staleTime: 60_000,
  });
  return data ?? DEFAULT_SETTINGS;
}

/** Changes a setting: it holds at once, and goes back if the studio refuses it. */
export function useChangeSettings() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (settings: Settings) =>
      call<Settings>('/api/settings', { method: 'PUT', body: settings }),
    onMutate: (settings) => {
      const before = client.getQueryData<Settings>(settingsKey);
      client.setQueryData(settingsKey, settings);
      device.set('settings', settings);
      return { before };
    },
    onError: (_error, _settings, context) => client.setQueryData(settingsKey, context?.before),
  });
}
