import type { Device, Devices, Home } from '@potter/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';

const homeKey = ['home'] as const;
const devicesKey = ['devices'] as const;

/** How the studio stands to the home network. */
export const useHome = () =>
  useQuery({ queryKey: homeKey, queryFn: () => call<Home>('/api/home'), staleTime: 0 });

/** Opens the studio to the home network, or closes it; on the machine itself only. */
export function useOpenHome() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async (open: boolean) => {
      const home = await call<Home>('/api/home', { method: 'PUT', body: { open } });
      // A door is opened to let somebody in.
      return open ? call<Home>('/api/home/code', { method: 'POST' }) : home;
    },
    onSuccess: (home) => client.setQueryData(homeKey, home),
  });
}

/** Has a new pairing code made. */
export function useNewCode() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call<Home>('/api/home/code', { method: 'POST' }),
    onSuccess: (home) => client.setQueryData(homeKey, home),
  });
}

/** Devices that were let in, those used last first. */
export const useDevices = () =>
  useQuery({
    queryKey: devicesKey,
    queryFn: () => call<Devices>('/api/devices').then(({ devices }) => devices),
  });

/** Names a device anew, puts it out, or lets it in again. */
export function useChangeDevice() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({
      id,
      ...change
    }: Pick<Device, 'id'> & { readonly name?: string; readonly revoked?: boolean }) =>
      call(`/api/devices/${id}`, { method: 'PUT', body: change }),
    onSuccess: () => client.invalidateQueries({ queryKey: devicesKey }),
  });
}
