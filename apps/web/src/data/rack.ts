import type { Rack } from '@potter/contract';
import { useQuery } from '@tanstack/react-query';
import { call } from './api';

export const rackKey = ['rack'] as const;

/** Plans that are not poured yet, and pieces poured within the last months, as the studio has them. */
export const useRack = () =>
  useQuery({ queryKey: rackKey, queryFn: () => call<Rack>('/api/rack'), staleTime: 0 });
