import { type ComponentType, lazy, Suspense } from 'react';
import { Waiting } from '@/ui/state';

type Screens = typeof import('./screens');

/** Makes a route of a screen that lies behind a list: its script comes when it is first opened. */
export function behind(pick: (screens: Screens) => ComponentType): ComponentType {
  const Screen = lazy(async () => ({ default: pick(await import('./screens')) }));
  return function Behind() {
    return (
      <Suspense fallback={<Waiting what="Opening" />}>
        <Screen />
      </Suspense>
    );
  };
}
