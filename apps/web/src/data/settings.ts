import { DEFAULT_SETTINGS, type Settings } from '@potter/contract';
import { formerOf } from '@potter/contract/change';
import { ANY_HOUSE, type House } from '@potter/core/schedule/house';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { call } from './api';
import { device } from './device';
import { settingsLetter } from './outbox/letters';
import { beginOutbox, onAnswer, onRefusal, post, unsentNow } from './outbox/outbox';

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

/** How the house works, as the studio has it; any house where it has not said. */
export const useHouse = (): House => useSettings().house ?? ANY_HOUSE;

/** Changes settings: they hold at once, and go to the studio by themselves. */
export function useChangeSettings(): (settings: Settings) => void {
  const client = useQueryClient();
  return (settings) => {
    const before =
      client.getQueryData<Settings>(settingsKey) ??
      device.get<Settings>('settings') ??
      DEFAULT_SETTINGS;
    client.setQueryData(settingsKey, settings);
    device.set('settings', settings);
    void post(settingsLetter(settings, formerOf(before, settings)));
  };
}

/** Has the settings take over what the studio answers to a change of them; mounted once, at the root. */
export function useSettingsAnswers(): void {
  const client = useQueryClient();
  useEffect(
    () =>
      onAnswer(({ about, id }, answer) => {
        if (about !== 'settings' || changed(id)) return;
        client.setQueryData(settingsKey, answer as Settings);
        device.set('settings', answer);
      }),
    [client],
  );
  useEffect(
    () =>
      onRefusal(({ about }) => {
        if (about === 'settings') void client.invalidateQueries({ queryKey: settingsKey });
      }),
    [client],
  );
}

/** What was changed here last and the studio does not have yet; but for one letter. */
const changed = (but?: string): Settings | undefined =>
  unsentNow()
    .filter((l) => l.about === 'settings' && l.refused === undefined && l.id !== but)
    .at(-1)?.body as Settings | undefined;
