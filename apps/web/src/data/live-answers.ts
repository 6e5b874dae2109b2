import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { beginLive, onChanged } from './live';

/** Lists that show something of what stands at an address, by its first part: a pour draws from the shelf, and ends what is to be poured. */
const SHOWS: Readonly<Record<string, readonly string[]>> = {
  plans: ['plans', 'rack', 'bin'],
  runs: ['plans', 'rack', 'shelf', 'bin', 'pieces', 'piece'],
  pieces: ['pieces', 'piece', 'bin'],
  shelf: ['shelf', 'bin'],
  settings: ['settings'],
  reactions: ['reactions'],
  pictures: ['pictures-held'],
  devices: ['devices'],
  pair: ['devices', 'home'],
  home: ['home'],
};
const ALL: readonly string[] = [...new Set(Object.values(SHOWS).flat()), 'copies'];

/** Has lists read anew what another page or device has changed; mounted once, at the root. Plans and pours that are open hear by themselves. */
export function useLiveAnswers(): void {
  const client = useQueryClient();
  useEffect(() => beginLive(), []);
  useEffect(
    () =>
      onChanged((about) => {
        // What is put back, or brought in from a copy, may be anything.
        const names = (about === undefined ? undefined : SHOWS[about.split('/')[0]!]) ?? ALL;
        for (const name of names) void client.invalidateQueries({ queryKey: [name] });
      }),
    [client],
  );
}
