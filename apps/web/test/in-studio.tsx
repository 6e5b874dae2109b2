import { DEFAULT_SETTINGS, type Settings } from '@potter/contract';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react-native';
import type { ReactElement } from 'react';

/** Renders as inside the application, with settings already there and no server asked. */
export function renderInStudio(ui: ReactElement, settings: Partial<Settings> = {}) {
  const client = new QueryClient({
    defaultOptions: { queries: { staleTime: Infinity, gcTime: Infinity, retry: false } },
  });
  client.setQueryData(['settings'], { ...DEFAULT_SETTINGS, ...settings });
  return render(<QueryClientProvider client={client}>{ui}</QueryClientProvider>);
}
